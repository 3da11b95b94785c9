import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { type CellProblem, PINOUT_ROW_LIMIT } from '../../core/record/grid/pinoutTypes'
import { readPinout } from './readPinout'
import fc from 'fast-check'

const shelf = demoShelf()
const read = (text: string, picks?: Record<string, string>) => readPinout(text, shelf, picks)
const demo = (name: string) => readFileSync(new URL(`../../../demo/jobs/${name}`, import.meta.url), 'utf8')

const heading = 'wire,type,colour,from end,from cavity,to end,to cavity,length,signal,current'
const picks = { A: 'CM-3P', B: 'SW-2P' }
const withRows = (...rows: string[]) => [heading, ...rows].join('\n')
const problemOf = (text: string, given = picks): CellProblem | undefined => read(text, given).cellFaults[0]?.problem

test('the deck loom: 24 wires, four ends, housings from the columns', () => {
  const { plan, ends } = read(demo('deck-loom.csv'))
  expect(plan?.wires).toHaveLength(24)
  expect(ends.map((end) => `${end.id} ${end.housing} ${end.wires}`)).toEqual([
    'C RK-20P 20',
    'A CM-10P 10',
    'B CS-14P 12',
    'D SW-7P 6',
  ])
  expect(plan?.wires[9]).toMatchObject({
    id: 'W10',
    type: 'RW-1.5',
    from: { kind: 'cavity', end: 'C', cavity: 'W' },
    lengthMm: 2350,
    currentA: 6.2,
  })
})

test('semicolons, decimal commas and a side that is open', () => {
  const { plan } = read('\uFEFF' + demo('beacon-lead.csv'))
  expect(plan?.wires.map((wire) => wire.lengthMm)).toEqual([620, 620, 450])
  expect(plan?.wires[2]?.to).toEqual({ kind: 'open' })
})

test('order is free, headings are known by other names, quotes hold commas', () => {
  const text =
    'Signal,Length (mm),to pin,to,From Pin,From,Color,Wire Type,ID,Shelf mark\n"pump, supply",620,1,B,1,A,rd,awg20,W1,x'
  const { plan, ignored } = read(text, picks)
  expect(plan?.wires[0]).toMatchObject({ id: 'W1', type: 'TW-20', colour: 'RD', signal: 'pump, supply', lengthMm: 620 })
  expect(ignored).toEqual(['Shelf mark'])
})

test.each<[string, string, string]>([
  ['nothing', '', 'empty'],
  ['binary rubbish', 'PK\u0003\u0004\u0000\u0000wire,type', 'not-text'],
  ['a heading alone', heading, 'no-rows'],
  ['wrong columns', 'a,b,c\n1,2,3', 'columns-missing'],
  ['a column twice', `${heading},color\nW1,TW-0.5,RD,A,1,B,1,620,,,BK`, 'columns-twice'],
  ['a short row', withRows('W1,TW-0.5,RD,A,1'), 'ragged'],
  ['a quote that stays open', withRows('W1,TW-0.5,RD,A,1,B,1,620,"x,'), 'quote-open'],
  ['a table that is no pinout', `wire,type\nW1,${'x'.repeat(10_000_001)}`, 'too-large'],
  ['too many rows', withRows(...Array.from({ length: PINOUT_ROW_LIMIT + 1 }, () => 'W')), 'too-many-rows'],
])('%s is refused as a table', (_what, text, code) => {
  const reading = read(text, picks)
  expect(reading.plan).toBeUndefined()
  expect(reading.tableFaults[0]?.kind).toBe(code)
})

test.each<[string, string, CellProblem]>([
  ['no wire id', withRows(',TW-0.5,RD,A,1,B,1,620,,'), { kind: 'missing' }],
  [
    'a wire twice',
    withRows('W1,TW-0.5,RD,A,1,B,1,620,,', 'W1,TW-0.5,RD,A,2,B,2,620,,'),
    { kind: 'wire-twice', firstRow: 2 },
  ],
  [
    'a cavity twice',
    withRows('W1,TW-0.5,RD,A,1,B,1,620,,', 'W2,TW-0.5,RD,A,1,B,2,620,,'),
    { kind: 'cavity-taken', byWire: 'W1', firstRow: 2 },
  ],
  [
    'length nought',
    withRows('W1,TW-0.5,RD,A,1,B,1,0,,'),
    { kind: 'quantity', dimension: 'length', fault: { kind: 'not-positive', value: 0 } },
  ],
  [
    'a negative length',
    withRows('W1,TW-0.5,RD,A,1,B,1,-5 mm,,'),
    { kind: 'quantity', dimension: 'length', fault: { kind: 'not-positive', value: -5 } },
  ],
  [
    'a length in words',
    withRows('W1,TW-0.5,RD,A,1,B,1,long,,'),
    { kind: 'quantity', dimension: 'length', fault: { kind: 'not-a-number', text: 'long' } },
  ],
  ['no colour', withRows('W1,TW-0.5,blueish,A,1,B,1,620,,'), { kind: 'bad-colour' }],
  ['half a side', withRows('W1,TW-0.5,RD,A,,B,1,620,,'), { kind: 'half-a-side' }],
  ['open at both sides', withRows('W1,TW-0.5,RD,,,,,620,,'), { kind: 'open-both-sides' }],
])('%s is refused, with its row and column', (_what, text, problem) => {
  expect(problemOf(text)).toEqual(problem)
  expect(read(text, picks).plan).toBeUndefined()
})

test('unknown types, housings and cavities say what is known', () => {
  expect(problemOf(withRows('W1,XX,RD,A,1,B,1,620,,'))).toMatchObject({
    kind: 'unknown-type',
    known: expect.arrayContaining(['TW-0.5']) as string[],
  })
  expect(problemOf(withRows('W1,TW-0.5,RD,A,4,B,1,620,,'))).toEqual({
    kind: 'unknown-cavity',
    housing: 'CM-3P',
    known: ['1', '2', '3'],
  })
  const text = `${heading},from housing\nW1,TW-0.5,RD,A,1,B,1,620,,,NOPE`
  expect(problemOf(text)).toMatchObject({ kind: 'unknown-housing' })
})

test('a type may be said by its size, where only one on the shelf has it', () => {
  const typeOf = (said: string) => read(withRows(`W1,${said},RD,A,1,B,1,620,,`), picks).plan?.wires[0]?.type
  expect(typeOf('20 awg')).toBe('TW-20')
  expect(typeOf('0.75 mm2')).toBe('TW-0.75')
  expect(typeOf('"0,5 mm²"')).toBe('TW-0.5')
  expect(problemOf(withRows('W1,1.5 mm2,RD,A,1,B,1,620,,'))).toEqual({
    kind: 'several-types',
    known: ['TW-1.5', 'RW-1.5'],
  })
  expect(problemOf(withRows('W1,7 mm2,RD,A,1,B,1,620,,'))).toMatchObject({ kind: 'unknown-type' })
})

test('an end without a housing waits for a pick, and the pick makes it whole', () => {
  const text = withRows('W1,TW-0.5,RD,A,1,B,1,620,,')
  expect(problemOf(text, { A: 'CM-3P' } as typeof picks)).toEqual({ kind: 'no-housing', end: 'B' })
  expect(read(text, picks).plan?.ends).toEqual([
    { id: 'A', housing: 'CM-3P' },
    { id: 'B', housing: 'SW-2P' },
  ])
})

test.each(['constructor', '__proto__', 'toString'])('an end called %s is an end like any other', (end) => {
  expect(problemOf(withRows(`W1,TW-0.5,RD,${end},1,B,1,620,,`), { B: 'SW-2P' } as typeof picks)).toEqual({
    kind: 'no-housing',
    end,
  })
})

test('whatever is dropped gives a plan or a fault, never an exception', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc.array(fc.string()).map((cells) => withRows(cells.join(','))),
      ),
      (text) => {
        const reading = read(text, picks)
        expect(Boolean(reading.plan) !== reading.tableFaults.length + reading.cellFaults.length > 0).toBe(true)
      },
    ),
  )
})

test.each([
  ['a terminal', 'RG-1-4,', { kind: 'terminal', part: 'RG-1-4' }],
  ['a terminal in other letters', 'rg-1-4,', { kind: 'terminal', part: 'RG-1-4' }],
  ['a splice in two cells', 'splice,S1', { kind: 'splice', splice: 'S1' }],
  ['a splice in one cell', 'splice S1,', { kind: 'splice', splice: 'S1' }],
  ['a shared contact', 'with W2a,', { kind: 'with', wire: 'W2', side: 'a' }],
])('%s is a side of its own kind, and no end', (_what, cells, place) => {
  const other = cells.includes('plice') ? 'W2,TW-0.5,BK,A,2,splice,S1,620,,' : 'W2,TW-0.5,BK,A,2,,,620,,'
  const { plan } = read(withRows(`W1,TW-0.5,RD,A,1,${cells},620,,`, other), { A: 'SH-1X8' })
  expect(plan?.wires[0]?.to).toEqual(place)
  expect(plan?.ends.map((end) => end.id)).toEqual(['A'])
})

test('an end that is named like a terminal stays an end when its housing stands beside it', () => {
  const { plan } = read(`${heading},from housing\nW1,TW-0.5,RD,RG-1-4,1,,,620,,,CM-3P`, {})
  expect(plan?.ends).toEqual([{ id: 'RG-1-4', housing: 'CM-3P' }])
})

test.each<[string, string, object]>([
  ['a splice of one wire', 'W1,TW-0.5,RD,A,1,splice,S1,620,,', { kind: 'splice-alone', splice: 'S1' }],
  ['a contact shared with no wire', 'W1,TW-0.5,RD,A,1,with W9a,,620,,', { kind: 'shares-nothing', with: 'W9a' }],
])('%s is seen when all rows are read', (_what, row, fault) => {
  expect(problemOf(withRows(row))).toMatchObject({ kind: 'plan', fault: { wire: 'W1', ...fault } })
})

test('groups and notes are read; a group that cannot be is named', () => {
  const more = `${heading},twist,remarks`
  expect(read(`${more}\nW1,TW-0.5,RD,A,1,B,1,620,,,twist 1,keep dry`, picks).plan?.wires[0]).toMatchObject({
    group: { kind: 'twist', name: '1' },
    note: 'keep dry',
  })
  expect(problemOf(`${more}\nW1,TW-0.5,RD,A,1,B,1,620,,,knot,`)).toEqual({ kind: 'bad-group' })
})

const twoWires = (first: string, second: string) =>
  read(withRows(`W1,TW-0.5,RD,A,1,B,1,"${first}",,`, `W2,TW-0.5,BU,A,2,B,2,"${second}",,`), picks)

test('the clear figures of a column decide its doubtful ones, and it is said', () => {
  const { plan, understood } = twoWires('1,200 m', '0,62 m')
  expect(plan?.wires.map((wire) => wire.lengthMm)).toEqual([1200, 620])
  expect(understood).toMatchObject([{ row: 2, column: 'length', found: '1,200 m', byRow: 3 }])
})

test('a doubtful length is what a wire can be, never silently 1.2 mm', () => {
  const { plan, understood } = twoWires('1,200', '850')
  expect(plan?.wires.map((wire) => wire.lengthMm)).toEqual([1200, 850])
  expect(understood).toMatchObject([{ row: 2, quantity: { value: 1200 } }])
  expect(understood[0]).not.toHaveProperty('byRow')
})

test('where both readings can be meant, and where mark and field contradict each other, it asks', () => {
  expect(twoWires('20,500', '850').cellFaults[0]?.problem).toMatchObject({
    kind: 'quantity',
    fault: { kind: 'ambiguous', readings: [20.5, 20500] },
  })
  expect(twoWires('1,200', '0,62 m').cellFaults[0]?.problem).toMatchObject({ fault: { kind: 'ambiguous' } })
})

import { beforeEach, expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { pinoutOf } from './pinoutOf.testing'
import { foldEntry } from '../journal/fold'
import type { Folded } from '../journal/folded'
import { isClosed, termState } from '../state/state'
import { endTasks } from '../../work/seat/endTasks'
import { fateWords } from '@/words/plan'
import { firstEntries, planChangeEntries } from '../../work/kit/firstEntries'
import { type Plan, type PlanChange, type Wire, emptyPlan, planIndex } from './plan'
import { revisionCost } from './revisionCost'
import { askedOfWires, saidOfWires, type WiresAnswered } from './wiresAnswered'
import { workThrough } from '../../views/workThrough.testing'
import { refusalOf } from '../../work/left/refusalOf'
import fc from 'fast-check'

const shelf = demoShelf()
const at = '2026-11-25T09:00:00.000Z'
const today = '2026-11-25'
let made = 0
const newId = () => `rev-${String(++made).padStart(6, '0')}`
beforeEach(() => {
  made = 0
})

const csv = `wire,type,colour,from end,from cavity,to end,to cavity,length,current
W1,TW-0.75,RD,A,1,B,1,620,0.8
W2,TW-0.75,BK,A,2,B,2,620,0.8
W3,TW-0.75,YE,A,3,,,450,0.02`
function plan(): Plan {
  const read = pinoutOf(csv, { A: 'CM-5P', B: 'SW-5P' })
  return { ...emptyPlan, title: 'Lead', ends: [...read.ends], wires: [...read.wires] }
}
const options = { newId, stamp: () => ({ at, by: 'ansa' }) }
/** Everything done up to the tray count, which is the last thing before the signature. */
const finished = () =>
  workThrough(firstEntries(shelf, plan(), today, newId), {
    ...options,
    until: (_state, step) => step.kind === 'count-tray',
  }).folded
const wireOf = (folded: Folded, id: string): Wire => {
  const wire = planIndex(folded.state.plan).wires.get(id)
  if (!wire) throw new Error(id)
  return wire
}

function apply(
  folded: Folded,
  change: PlanChange,
  accept: readonly string[],
  answered: WiresAnswered = {},
): string | undefined {
  for (const entry of planChangeEntries(shelf, folded.state, change, today, newId, accept, answered)) {
    const whole = { ...entry, seq: folded.state.seq + 1, at, by: 'ansa' }
    const refusal = refusalOf(folded, whole, whole)
    if (refusal) return refusal.kind === 'plan-fault' ? refusal.fault : refusal.kind
    foldEntry(folded, whole)
  }
  return undefined
}
const cost = (folded: Folded, change: PlanChange) => revisionCost(folded.state, change, folded.state.facts)
const cavity = (end: string, id: string): Wire['from'] => ({ kind: 'cavity', end, cavity: id })

test('another signal touches no work', () => {
  const folded = finished()
  const change = { putWires: [{ ...wireOf(folded, 'W1'), signal: 'supply' }] }
  expect(cost(folded, change)).toMatchObject({ disturbed: [], extractions: 0, contactsScrapped: [] })
  const sets = folded.state.sets.size
  expect(apply(folded, change, [])).toBeUndefined()
  expect(folded.state.sets.size).toBe(sets)
  expect(termState(folded.state, '1/W1/a').seat?.home).toBe(true)
})

test('another colour or type of a wire that is cut is asked about: it was always so, or it is another wire', () => {
  const colour = (folded: Folded) => ({ putWires: [{ ...wireOf(folded, 'W1'), colour: 'BN' }] })
  const type = (folded: Folded) => ({ putWires: [{ ...wireOf(folded, 'W1'), type: 'TW-0.5' }] })
  const uncut = workThrough(firstEntries(shelf, plan(), today, newId), { ...options, until: () => true }).folded
  expect(askedOfWires(uncut.state, colour(uncut))).toEqual([])
  expect(apply(uncut, colour(uncut), [])).toBeUndefined()
  for (const change of [colour, type]) {
    const silent = finished()
    expect(askedOfWires(silent.state, change(silent))).toMatchObject([{ wire: 'W1' }])
    expect(apply(silent, change(silent), [])).toBe('wire-always-so')

    const always = finished()
    const corrected = { corrected: [{ wire: 'W1', why: 'read wrongly' }] }
    expect(revisionCost(always.state, change(always), always.state.facts, saidOfWires(corrected))).toMatchObject({
      disturbed: [],
      wireLostMm: 0,
    })
    expect(apply(always, change(always), [], corrected)).toBeUndefined()
    expect(termState(always.state, '1/W1/a').seat?.home).toBe(true)

    const other = finished()
    expect(apply(other, change(other), [], { another: ['W1'] })).toBe('wire-has-work')
    expect(apply(other, change(other), ['W1'], { another: ['W1'] })).toBeUndefined()
    expect(other.state.cuts.has('1/W1')).toBe(false)
    expect(termState(other.state, '1/W1/a').scrapped).toBe(1)
  }
})

test('another cavity of the same size moves the contact: out once, nothing scrapped', () => {
  const folded = finished()
  const change = { putWires: [{ ...wireOf(folded, 'W1'), from: cavity('A', '4') }] }
  expect(cost(folded, change)).toMatchObject({
    disturbed: ['W1'],
    extractions: 1,
    contactsScrapped: [],
    wireLostMm: 0,
    crimpedAgain: 0,
  })
  expect(apply(folded, change, [])).toBe('wire-has-work')
  expect(apply(folded, change, ['W1'])).toBeUndefined()
  const tasks = endTasks(folded.state, 1, 'A').filter((task) => !task.done)
  expect(tasks.map((task) => task.kind)).toEqual(['unplug', 'put-right', 'insert', 'plug', 'lock'])
  expect(tasks[1]).toMatchObject({ term: '1/W1/a', found: '1', cavity: '4', why: 'wrong-cavity' })
})

test('two wires that change places are both taken out, and go in again', () => {
  const folded = finished()
  const change = {
    putWires: [
      { ...wireOf(folded, 'W1'), from: cavity('A', '2') },
      { ...wireOf(folded, 'W2'), from: cavity('A', '1') },
    ],
  }
  expect(cost(folded, change)).toMatchObject({ disturbed: ['W1', 'W2'], extractions: 2, contactsScrapped: [] })
})

test('another wire type is a new wire: cut, both contacts and the seal gone', () => {
  const folded = finished()
  const change = { putWires: [{ ...wireOf(folded, 'W1'), type: 'TW-1.0' }] }
  expect(cost(folded, change)).toMatchObject({
    disturbed: ['W1'],
    wireLostMm: 620 + 8 + 9,
    extractions: 2,
    strippedAgain: 2,
    crimpedAgain: 2,
    contactsScrapped: [
      { part: 'CM-SK-N', count: 1 },
      { part: 'SC-03-08', count: 1 },
    ],
    sealsScrapped: [{ part: 'SL-18', count: 1 }],
  })
  expect(apply(folded, change, ['W1'])).toBeUndefined()
  expect(folded.state.cuts.has('1/W1')).toBe(false)
  expect(folded.state.sets.get('W1/b')?.contact).toBe('SC-09-18')
  expect(termState(folded.state, '1/W1/a')).toMatchObject({ scrapped: 1, redone: 1 })
})

test('a wire that is taken out of the plan comes out of both ends', () => {
  const folded = finished()
  const change = { removeWires: ['W2'] }
  expect(cost(folded, change)).toMatchObject({
    disturbed: ['W2'],
    extractions: 2,
    wireLostMm: 620 + 8 + 9,
    crimpedAgain: 0,
  })
  expect(apply(folded, change, ['W2'])).toBeUndefined()
  expect(endTasks(folded.state, 1, 'B').filter((task) => task.kind === 'put-right')).toMatchObject([
    { term: '1/W2/b', found: '2', why: 'not-in-plan' },
  ])
})

test('a wire finished at both sides can only be shortened by cutting one off', () => {
  const folded = finished()
  expect(cost(folded, { putWires: [{ ...wireOf(folded, 'W1'), lengthMm: 600 }] }).fates).toMatchObject([
    { cut: 'cut-again', a: 'keep', b: 'redo' },
  ])
  expect(cost(folded, { putWires: [{ ...wireOf(folded, 'W1'), lengthMm: 640 }] }).fates).toMatchObject([
    { cut: 'new-wire', a: 'redo', b: 'redo' },
  ])
})

test('a side that becomes open gives its contact up, one that was open takes none', () => {
  const folded = finished()
  expect(cost(folded, { putWires: [{ ...wireOf(folded, 'W1'), to: { kind: 'open' } }] })).toMatchObject({
    extractions: 1,
    contactsScrapped: [{ part: 'SC-03-08', count: 1 }],
  })
  expect(cost(folded, { putWires: [{ ...wireOf(folded, 'W3'), to: cavity('B', '3') }] })).toMatchObject({
    disturbed: [],
    extractions: 0,
  })
})

test('another housing at an end: contacts that fit it move, others are made again', () => {
  const folded = finished()
  const withFacts = (housing: string) => ({
    ...folded.state.facts,
    housings: { ...folded.state.facts.housings, [housing]: shelf.housings.get(housing) as never },
    families: { ...folded.state.facts.families, ...Object.fromEntries(shelf.families) },
  })
  expect(
    revisionCost(folded.state, { putEnds: [{ id: 'A', housing: 'CM-10P' }] }, withFacts('CM-10P')).fates.map(
      (fate) => fate.a,
    ),
  ).toEqual(['move', 'move', 'move'])
  expect(
    revisionCost(folded.state, { putEnds: [{ id: 'A', housing: 'CS-5P' }] }, withFacts('CS-5P')).fates.map(
      (fate) => fate.a,
    ),
  ).toEqual(['redo', 'redo', 'redo'])
})

test('whatever is revised and accepted, the job can be worked to its signature afterwards', () => {
  const places = ['1', '2', '3', '4', '5']
  const revisions = fc.record({
    order: fc.shuffledSubarray(places, { minLength: 3, maxLength: 3 }),
    type: fc.constantFrom('TW-0.75', 'TW-1.0', 'TW-0.5'),
    lengthMm: fc.constantFrom(500, 620, 700),
    drop: fc.boolean(),
    stopAt: fc.integer({ min: 0, max: 60 }),
  })
  fc.assert(
    fc.property(revisions, ({ order, type, lengthMm, drop, stopAt }) => {
      let steps = 0
      const { folded } = workThrough(firstEntries(shelf, plan(), today, newId), {
        ...options,
        until: (_state, step) => step.kind === 'sign' || ++steps > stopAt,
      })
      const wires = ['W1', 'W2', 'W3'].map((id, i): Wire => ({
        ...wireOf(folded, id),
        from: cavity('A', order[i] ?? '1'),
        ...(id === 'W1' && { type, lengthMm }),
      }))
      const change: PlanChange = drop
        ? { putWires: wires.filter((wire) => wire.id !== 'W2'), removeWires: ['W2'] }
        : { putWires: wires }
      const { disturbed } = cost(folded, change)
      expect(apply(folded, change, disturbed)).toBeUndefined()
      const after = workThrough([], { ...options, from: folded })
      expect(isClosed(after.folded.state)).toBe(true)
      const { terminations } = planIndex(after.folded.state.plan)
      expect(
        terminations.every(
          (one) =>
            one.at.kind !== 'cavity' ||
            after.folded.state.cavities.get(`1/${one.at.end}.${one.at.cavity}`)?.term === one.key,
        ),
      ).toBe(true)
    }),
    { numRuns: 40 },
  )
}, 30_000)

test('two wires that come to share a contact, and two that part, say so', () => {
  const folded = finished()
  const w2 = wireOf(folded, 'W2')
  const merged = cost(folded, { putWires: [{ ...w2, from: { kind: 'with', wire: 'W3', side: 'a' } }] }).fates
  expect(merged.map((fate) => [fate.wire, fate.joins])).toEqual(
    expect.arrayContaining([
      ['W2', { a: { how: 'merges', with: 'W3a' } }],
      ['W3', { a: { how: 'merges', with: 'W2a' } }],
    ]),
  )
  // both are made again, in one contact
  expect(merged.map((fate) => fate.a)).toEqual(['redo', 'redo'])
  const before = {
    ...folded.state,
    plan: {
      ...folded.state.plan,
      wires: folded.state.plan.wires.map((one) =>
        one.id === 'W2' ? { ...one, from: { kind: 'with' as const, wire: 'W3', side: 'a' as const } } : one,
      ),
    },
  }
  const parted = revisionCost(before, { putWires: [w2] }, folded.state.facts).fates
  expect(parted.map((fate) => [fate.wire, fate.joins])).toEqual(
    expect.arrayContaining([
      ['W2', { a: { how: 'splits', with: 'W3a' } }],
      ['W3', { a: { how: 'splits', with: 'W2a' } }],
    ]),
  )
})

test('another figure alone leaves what is made as it is, with the set that it was made with', () => {
  const folded = finished()
  const sets = JSON.stringify([...folded.state.sets])
  const w1 = wireOf(folded, 'W1')
  expect(apply(folded, { putWires: [{ ...w1, currentA: 0.5, from: cavity('A', '4') }] }, ['W1'])).toBeUndefined()
  expect(JSON.stringify([...folded.state.sets])).toBe(sets)
  expect(termState(folded.state, '1/W1/a').crimp).toBeDefined()
})

test('a contact that the new cavity does not take is said with both sizes', () => {
  const folded = finished()
  const w1 = wireOf(folded, 'W1')
  // from a Celadon cavity into one of the Slipware plug
  const fate = cost(folded, { putWires: [{ ...w1, from: cavity('B', '4') }] }).fates.find((one) => one.wire === 'W1')
  expect(fate).toMatchObject({
    a: 'redo',
    clashes: { a: { cavity: 'B.4', takes: 'slipware SW', contact: folded.state.sets.get('W1/a')?.contact } },
  })
  expect(fate && fateWords(fate)).toMatch(
    /^side a: B\.4 takes size slipware SW, \S+ is celadon-\w+ \S+, contact cut off, strip and crimp again$/,
  )
  // within its own size nothing clashes
  expect(cost(folded, { putWires: [{ ...w1, from: cavity('A', '4') }] }).fates[0]?.clashes).toBeUndefined()
})

test('what the revision sheet counts is what its rows say: no work is moved or undone that no figure shows', () => {
  const folded = finished()
  const ends = fc.constantFrom('A.1', 'A.2', 'A.3', 'A.4', 'A.5', 'B.1', 'B.2', 'B.3', 'B.4', 'B.5', 'open')
  const place = (text: string): Wire['from'] => {
    const [end = '', id = ''] = text.split('.')
    return text === 'open' ? { kind: 'open' } : cavity(end, id)
  }
  fc.assert(
    fc.property(
      fc.constantFrom('W1', 'W2', 'W3'),
      ends,
      ends,
      fc.constantFrom(400, 620, 700),
      fc.boolean(),
      (id, from, to, lengthMm, another) => {
        const put = {
          ...wireOf(folded, id),
          from: place(from),
          to: place(to),
          lengthMm,
          ...(another && { colour: 'VT' }),
        }
        const said = saidOfWires(another ? { another: [id] } : {})
        const { disturbed, ...figures } = revisionCost(folded.state, { putWires: [put] }, folded.state.facts, said)
        const shown =
          figures.extractions +
          figures.wireLostMm +
          figures.strippedAgain +
          figures.crimpedAgain +
          figures.shortened +
          figures.contactsScrapped.length
        expect(disturbed.length > 0).toBe(shown > 0)
      },
    ),
  )
})

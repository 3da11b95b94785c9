import { expect, test } from 'vitest'
import { demoShelfInput } from '../catalogue/demoShelf.testing'
import { placardSchema, toolSchema } from '../catalogue/schema/tool'
import { toolClasses } from '../catalogue/toolClasses'
import type { Placard } from '../catalogue/types'
import { readTool, type ToolSurroundings } from './readTool'
import { draftOfTool, fieldsOf, noSheets, type ToolDraft } from './toolDraft'
import { columnsOf, sheetsOf } from './toolSheets'

const demo = demoShelfInput()
const contacts = new Set(demo.families.flatMap((family) => family.contacts.map(({ id }) => id)))
const alone: ToolSurroundings = { taken: new Set(), contacts }
const draft = (
  of: ToolDraft['class'],
  cells: ToolDraft['cells'],
  sheets: Partial<ToolDraft['sheets']> = {},
): ToolDraft => ({
  class: of,
  cells: { id: 'HT-1', name: 'hand tool', document: 'sheet 7', ...cells },
  sheets: { ...noSheets, ...sheets },
})
const cardsOf = (tool: string) => demo.placards.filter((placard) => placard.tool === tool)

test.each(demo.tools.map((tool) => [tool.id, tool] as const))(
  '%s and its cards are the same when they are opened and saved as they are',
  (id, tool) => {
    const placards = cardsOf(id)
    const read = readTool(draftOfTool(tool, placards), { ...alone, before: tool, placards })
    expect({ faults: read.faults, sheets: read.sheetFaults }).toEqual({ faults: {}, sheets: [] })
    expect(toolSchema.parse(read.tool)).toEqual({ ...tool, held: tool.held === 'crib' ? undefined : tool.held })
    expect(read.placards.map((one) => placardSchema.parse(one))).toEqual(placards)
  },
)

test.each(Object.keys(toolClasses) as ToolDraft['class'][])('%s is asked for its number, name and source', (of) => {
  const { tool, faults } = readTool({ class: of, cells: {}, sheets: noSheets }, alone)
  expect(tool).toBeUndefined()
  for (const field of ['id', 'name', 'document'] as const) expect(faults[field]).toEqual({ kind: 'missing' })
  expect(Object.keys(faults).every((field) => fieldsOf(of).some((one) => one === field))).toBe(true)
})

test('notches and nests keep what is printed beside them; widths take units; one that stands twice is named in its row', () => {
  const notches = [
    { mark: '20', mm: '0.9 mm' },
    { mark: 'red', mm: '0.05in' },
    { mm: '1.6 mm' },
  ] as ToolDraft['cells'][]
  const { tool } = readTool(draft('stripper', {}, { notches }), alone)
  expect(tool).toMatchObject({ notchesMm: [0.9, 1.27, 1.6], notchMarks: ['20', 'red', '1.6'] })
  const plain = readTool(draft('nest-ratchet', {}, { nests: [{ mm: '1.9' }, { mm: '2.3' }] }), alone).tool
  expect(plain?.nestsMm).toEqual([1.9, 2.3])
  expect(plain).not.toHaveProperty('nestMarks')
  const twice = [
    { mark: '20', mm: '0.9' },
    { mark: '20', mm: '1.1' },
    { mark: '16', mm: '0.9' },
    { mark: '14', mm: 'red' },
  ]
  expect(readTool(draft('stripper', {}, { notches: twice }), alone).sheetFaults).toMatchObject([
    { row: 3, column: 'mm', problem: { kind: 'quantity' } },
    { row: 2, column: 'mm', problem: { kind: 'twice' } },
    { row: 1, column: 'mark', problem: { kind: 'twice' } },
  ])
})

test('a width that may be in inches as the others are is asked for its unit, in its row', () => {
  const notches = [
    { mark: '20', mm: '.04 in' },
    { mark: '18', mm: '.05' },
    { mark: '16', mm: '1.5' },
  ] as ToolDraft['cells'][]
  expect(readTool(draft('stripper', {}, { notches }), alone).sheetFaults).toEqual([
    { sheet: 'notches', row: 1, column: 'mm', problem: { kind: 'bare-among-units', unit: 'in' } },
  ])
})

test('a die that stands twice, and one without its form, are named in their row', () => {
  const { tool, sheetFaults } = readTool(
    draft(
      'parallel-die',
      {},
      {
        dies: [
          { id: 'D1', conductorFormMm: '2.4', spacingMm: '0.6' },
          { id: 'D1', conductorFormMm: '2.9', spacingMm: '0' },
          { id: 'D2', conductorFormMm: '', spacingMm: '0.6' },
        ],
      },
    ),
    alone,
  )
  expect(tool).toBeUndefined()
  expect(sheetFaults).toEqual([
    { sheet: 'dies', row: 2, column: 'conductorFormMm', problem: { kind: 'missing' } },
    { sheet: 'dies', row: 1, column: 'id', problem: { kind: 'twice' } },
  ])
})

const frame = { positioners: 'P1 P2', selectorMin: '1', selectorMax: '8' }
const row = (more: ToolDraft['cells']) => ({ contact: 'RK-SK-A', minMm2: '26 awg', maxMm2: '0.22', ...more })

test('a card is read with its gauges; a new row goes where its positioner has its card', () => {
  const before: Placard[] = [
    {
      id: 'A',
      tool: 'HT-1',
      rows: [{ contact: 'RK-SK-B', conductor: { minMm2: 0.2, maxMm2: 0.35 }, positioner: 'P1' }],
      source: { document: 'a', basis: 'sheet' },
    },
    {
      id: 'B',
      tool: 'HT-1',
      rows: [{ contact: 'RK-PN-A', conductor: { minMm2: 0.2, maxMm2: 0.35 }, positioner: 'P2' }],
      source: { document: 'b', basis: 'sheet' },
    },
  ]
  const [tool] = demo.tools
  if (!tool) throw new Error('tool')
  const { sheets } = draftOfTool(tool, before)
  const typed = draft('four-indent-positioned', frame, {
    card: [...sheets.card, row({ positioner: 'P2', selector: '3' }), row({ contact: 'NEW-1', positioner: 'P1' })],
  })
  const { placards, waiting } = readTool(typed, { ...alone, placards: before })
  expect(placards.map(({ id, rows }) => [id, rows.map(({ contact }) => contact)])).toEqual([
    ['A', ['RK-SK-B', 'NEW-1']],
    ['B', ['RK-PN-A', 'RK-SK-A']],
  ])
  expect(placards[1]?.rows[1]).toMatchObject({
    conductor: { minMm2: 0.128756, maxMm2: 0.22 },
    positioner: 'P2',
    selector: 3,
  })
  // no fault: the row is kept, and waits for its contact
  expect(waiting).toEqual([{ row: 3, contact: 'NEW-1' }])
})

test('what is taken out of a card is gone from it, and a first row makes its card', () => {
  const [card] = cardsOf('QF-5')
  const tool = demo.tools.find(({ id }) => id === 'QF-5')
  if (!card || !tool) throw new Error('QF-5')
  const open = draftOfTool(tool, [card])
  const less = { ...open, sheets: { ...open.sheets, card: open.sheets.card.slice(2) } }
  expect(readTool(less, { ...alone, before: tool, placards: [card] }).placards[0]?.rows).toEqual(card.rows.slice(2))
  const { placards } = readTool(draft('four-indent-positioned', {}, { card: [row({})] }), alone)
  expect(placards).toMatchObject([{ id: 'HT-1-card', tool: 'HT-1', source: { document: 'sheet 7' } }])
})

test.each<[string, ToolDraft['class'], ToolDraft['cells'], readonly ToolDraft['cells'][], object]>([
  [
    'a positioner that it has not',
    'four-indent-positioned',
    frame,
    [row({ positioner: 'P9' })],
    { column: 'positioner', problem: { kind: 'unknown' } },
  ],
  [
    'a selector beyond its range',
    'four-indent-positioned',
    frame,
    [row({ selector: '9' })],
    { column: 'selector', problem: { kind: 'not-whole', min: 1, max: 8 } },
  ],
  [
    'a wire that ends before it begins',
    'four-indent-positioned',
    frame,
    [row({ minMm2: '0.5' })],
    { column: 'maxMm2', problem: { kind: 'min-above-max' } },
  ],
  [
    'no contact',
    'four-indent-positioned',
    frame,
    [row({ contact: '' })],
    { column: 'contact', problem: { kind: 'missing' } },
  ],
  [
    'two rows that say otherwise of the same',
    'four-indent-positioned',
    frame,
    [row({ selector: '3' }), row({ contact: 'RK-SK-B', selector: '1' }), row({ selector: '4' })],
    { row: 2, column: 'selector', problem: { kind: 'contradicts', row: 1 } },
  ],
])('a card with %s: named at its cell', (_what, of, cells, card, fault) => {
  const read = readTool(draft(of, cells, { card }), alone)
  expect(read.tool).toBeUndefined()
  expect(read.sheetFaults).toMatchObject([{ sheet: 'card', ...fault }])
})

test.each<[string, ToolDraft['cells'], object]>([
  ['half of it', { doneOn: '2026-05-02' }, { dueOn: { kind: 'missing' }, by: { kind: 'missing' } }],
  ['a day that is none', { doneOn: '2026-13-02', dueOn: '2027-05-02', by: 'lab' }, { doneOn: { kind: 'no-day' } }],
  ['due before done', { doneOn: '2026-05-02', dueOn: '2025-05-02', by: 'lab' }, { dueOn: { kind: 'due-before-done' } }],
  ['all of it', { doneOn: '2026-05-02', dueOn: '2027-05-02', by: 'lab' }, {}],
  ['none of it', {}, {}],
])('a verification with %s', (_what, cells, faults) => {
  expect(readTool(draft('plain-pliers', cells), alone).faults).toEqual(faults)
})

test.each<[string, ToolDraft['class'], ToolDraft['cells'], object]>([
  ['half a selector', 'four-indent-plain', { selectorMin: '1' }, { selectorMax: { kind: 'missing' } }],
  [
    'a selector that runs down',
    'four-indent-plain',
    { selectorMin: '8', selectorMax: '1' },
    { selectorMax: { kind: 'min-above-max' } },
  ],
  ['a gauge’s selector without its frame', 'gauge', { gaugedSelector: '4' }, { gaugedTool: { kind: 'missing' } }],
  ['half a range of torque', 'torque-cable', { torqueMaxNm: '5' }, { torqueMinNm: { kind: 'missing' } }],
  [
    'a torque that runs down',
    'torque-cable',
    { torqueMinNm: '5', torqueMaxNm: '1' },
    { torqueMaxNm: { kind: 'min-above-max' } },
  ],
  ['a price below nothing', 'gauge', { price: '-1' }, { price: { kind: 'no-number' } }],
])('%s is named at its field', (_what, of, cells, faults) => {
  expect(readTool(draft(of, cells), alone).faults).toEqual(faults)
})

test('a number that is taken is refused for a new tool', () => {
  expect(readTool(draft('gauge', {}), { ...alone, taken: new Set(['HT-1']) }).faults.id).toEqual({ kind: 'twice' })
})

test('a release tool for contact sizes has a tip; a hook that only lifts a cover has none', () => {
  expect(readTool(draft('release', { sizes: 'R10' }), alone).faults).toEqual({ tip: { kind: 'missing' } })
  expect(readTool(draft('release', {}), alone).tool).toMatchObject({ class: 'release' })
  expect(readTool(draft('release', { tip: 'tube', sizes: 'R10 R16' }), alone).tool?.release).toEqual({
    tip: 'tube',
    sizes: ['R10', 'R16'],
  })
})

test('no table asks for what the class is not set by', () => {
  const headings = (of: ToolDraft['class']) => columnsOf('card', of).map(({ id }) => id)
  expect(headings('parallel-die')).toContain('die')
  expect(headings('parallel-die')).not.toContain('selector')
  expect(headings('four-indent-plain')).not.toContain('positioner')
  expect(headings('plain-pliers')).toEqual(expect.not.arrayContaining(['die', 'nest', 'selector', 'positioner']))
  expect(sheetsOf('stripper')).toEqual(['notches'])
  expect(sheetsOf('release')).toEqual([])
})

test('the insulation height of a row is a cell like the others: it can be typed, changed and taken out', () => {
  const card = {
    contact: 'RK-SK-B',
    minMm2: '0.2',
    maxMm2: '0.5',
    insulationHeightMinMm: '2.1',
    insulationHeightMaxMm: '2.3',
  }
  const heightOf = (row: Record<string, string>, placards: readonly Placard[] = []) =>
    readTool(draft('parallel-die', {}, { card: [row] }), { ...alone, placards }).placards[0]?.rows[0]?.insulationHeight
  expect(heightOf(card)).toEqual({ minMm: 2.1, maxMm: 2.3 })
  const { placards } = readTool(draft('parallel-die', {}, { card: [card] }), alone)
  const [before] = placards
  if (!before) throw new Error('card')
  const opened = { ...card, placard: before.id, at: '0' }
  expect(heightOf({ ...opened, insulationHeightMaxMm: '2.5' }, placards)).toEqual({ minMm: 2.1, maxMm: 2.5 })
  expect(heightOf({ ...opened, insulationHeightMinMm: '', insulationHeightMaxMm: '' }, placards)).toBeUndefined()
  const wrong = readTool(draft('parallel-die', {}, { card: [{ ...card, insulationHeightMaxMm: '1.9' }] }), alone)
  expect(wrong.sheetFaults).toEqual([
    { sheet: 'card', row: 0, column: 'insulationHeightMaxMm', problem: { kind: 'min-above-max' } },
  ])
})

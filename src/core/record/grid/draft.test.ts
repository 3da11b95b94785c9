import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { planFacts } from '../plan/facts'
import { type Plan, type Wire, changePlan, emptyPlan } from '../plan/plan'
import { type GridColumnId, gridColumns, tidyCell, wireText } from './columns'
import {
  type GridRow,
  draftChange,
  freeCavities,
  freeColour,
  isEmptyChange,
  newRow,
  nextId,
  readDraft,
  readRow,
  rebase,
  rowsOf,
} from './draft'
import { removeRows, setCells } from '../../base/cells/cells'
import { gridNames, shelfNamesOf } from './gridNames'
import fc from 'fast-check'

const shelf = demoShelf()
const ends = [
  { id: 'A', housing: 'CM-3P' },
  { id: 'P', housing: 'CK-4P' },
]
const names = gridNames({ ends }, planFacts(shelf, { ends, wires: [] }), shelfNamesOf(shelf))
const row = (key: string, text: Partial<GridRow['text']>): GridRow =>
  newRow(key, { id: key, type: 'TW-0.75', colour: 'RD', from: 'A.1', to: 'open', length: '500', ...text })
const problems = (rows: readonly GridRow[], key: string) =>
  Object.fromEntries(
    Object.entries(readDraft(rows, names).byKey.get(key)?.problems ?? {}).map(([column, problem]) => [
      column,
      problem.kind,
    ]),
  )
test.each<[GridColumnId, string, Partial<Wire>]>([
  ['id', 'W01', { id: 'W01' }],
  ['type', 'tw-0.5', { type: 'TW-0.5' }],
  ['type', 'AWG20', { type: 'TW-20' }],
  ['type', '0.75 mm2', { type: 'TW-0.75' }],
  ['colour', 'wh/bu', { colour: 'WH/BU' }],
  ['colour', 'gnye', { colour: 'GNYE' }],
  ['from', 'A.1', { from: { kind: 'cavity', end: 'A', cavity: '1' } }],
  ['from', 'a 2', { from: { kind: 'cavity', end: 'A', cavity: '2' } }],
  ['to', '', { to: { kind: 'open' } }],
  ['to', 'rg-1-4', { to: { kind: 'terminal', part: 'RG-1-4' } }],
  ['to', 'ferrule0.5', { to: { kind: 'terminal', part: 'FE-0.5' } }],
  ['to', 'Splice S1', { to: { kind: 'splice', splice: 'S1' } }],
  ['to', 'with W03b', { to: { kind: 'with', wire: 'W03', side: 'b' } }],
  ['length', '1.2 m', { lengthMm: 1200 }],
  ['length', '10 in', { lengthMm: 254 }],
  ['current', '20 mA', { currentA: 0.02 }],
  ['current', '', {}],
  ['group', 'twist 1', { group: { kind: 'twist', name: '1' } }],
  ['group', 'Flat 3', { group: { kind: 'flat', name: '3' } }],
  ['signal', 'depth', { signal: 'depth' }],
])('%s reads “%s”', (column, said, part) => {
  expect(gridColumns[column].read(said, names)).toEqual({ ok: true, value: part })
})

test.each<[GridColumnId, string, string]>([
  ['id', '', 'missing'],
  ['id', 'W 1', 'bad-id'],
  ['type', 'copper', 'unknown-type'],
  ['type', '1.5 mm2', 'several-types'],
  ['colour', 'reddish', 'bad-colour'],
  ['from', 'A', 'bad-place'],
  ['from', 'X.1', 'unknown-end'],
  ['from', 'A.9', 'unknown-cavity'],
  ['length', '12 apples', 'quantity'],
  ['length', '200 m', 'too-long'],
  ['current', '-1', 'quantity'],
  ['group', 'pair 1', 'bad-group'],
  ['note', 'x'.repeat(201), 'too-long'],
])('%s cannot read “%s”: %s', (column, said, code) => {
  expect(gridColumns[column].read(said, names)).toMatchObject({ ok: false, fault: { kind: code } })
})

test('what a wire says in its cells is read as the same wire', () => {
  const side = fc.oneof(
    fc.constantFrom('1', '2', '3').map((cavity) => ({ kind: 'cavity' as const, end: 'A', cavity })),
    fc.constant({ kind: 'terminal' as const, part: 'RG-1-4' }),
    fc.constant({ kind: 'splice' as const, splice: 'S1' }),
  )
  const wires = fc.record({
    id: fc.stringMatching(/^[A-Z][0-9]{1,4}$/),
    type: fc.constantFrom(...shelf.wireTypes.keys()),
    colour: fc.constantFrom('RD', 'WH/BU', 'GNYE'),
    from: side,
    to: side,
    lengthMm: fc.integer({ min: 1, max: 99_999 }),
    signal: fc.constantFrom('depth', 'bus high'),
    currentA: fc.constantFrom(0.02, 4.5),
    group: fc.constantFrom({ kind: 'twist' as const, name: '1' }, { kind: 'cable' as const, name: 'C2' }),
    note: fc.constant('by the mast'),
  })
  fc.assert(
    fc.property(wires, (wire) => {
      expect(readRow(newRow('k', wireText(wire)), names).wire).toEqual(wire)
    }),
  )
})

test.each<[GridColumnId, string, string]>([
  ['colour', 'gn/wh', 'GN/WH'],
  ['length', '1.2 m', '1200'],
  ['from', ' a 1 ', 'A.1'],
  ['to', '', 'open'],
  ['type', '0.75mm2', 'TW-0.75'],
  ['current', '', ''],
  ['colour', 'green', 'GN'],
])('%s “%s” is tidied to “%s”', (column, said, tidy) => {
  expect(tidyCell(column, said, names)).toBe(tidy)
})

test('one wire to a cavity: the second is told who was first, and how to share where nothing is sealed', () => {
  expect(problems([row('W1', {}), row('W2', {})], 'W2')).toEqual({ from: 'cavity-taken' })
  expect(problems([row('W1', {}), row('W2', {})], 'W1')).toEqual({})
  expect(problems([row('W1', { from: 'P.1' }), row('W2', { from: 'with W1a', to: 'A.2' })], 'W2')).toEqual({})
  expect(problems([row('W1', {}), row('W2', { from: 'with W1a', to: 'A.2' })], 'W2')).toEqual({
    from: 'sealed-takes-one',
  })
  expect(problems([row('W1', { from: 'A.1', to: 'A.1' })], 'W1')).toEqual({ to: 'cavity-taken' })
})

test('ids once only, a splice joins two, an open wire goes nowhere', () => {
  expect(problems([row('W1', {}), row('k2', { id: 'W1', from: 'A.2' })], 'k2')).toEqual({ id: 'wire-twice' })
  expect(problems([row('W1', { to: 'splice S1' })], 'W1')).toEqual({ to: 'splice-alone' })
  expect(problems([row('W1', { to: 'splice S1' }), row('W2', { from: 'A.2', to: 'splice S1' })], 'W1')).toEqual({})
  expect(problems([row('W1', { from: '' })], 'W1')).toEqual({ from: 'open-both-sides' })
})

test('a row is read once while it stays the same', () => {
  const one = row('W1', {})
  expect(readRow(one, names)).toBe(readRow(one, names))
})

const wire = (id: string, cavity: string, more: Partial<Wire> = {}): Wire => ({
  id,
  type: 'TW-0.75',
  colour: 'RD',
  from: { kind: 'cavity', end: 'A', cavity },
  to: { kind: 'open' },
  lengthMm: 500,
  ...more,
})
const plan: Plan = { ...emptyPlan, ends, wires: [wire('W1', '1', { insulationMm: 1.9 }), wire('W2', '2')] }

test('the change of a draft is only what differs, and keeps what no column shows', () => {
  const rows = rowsOf(plan)
  expect(isEmptyChange(draftChange(plan, rows, readDraft(rows, names)))).toBe(true)
  const edited = setCells(removeRows(rows, new Set(['W2'])), [{ key: 'W1', column: 'signal', text: 'supply' }])
  expect(draftChange(plan, edited, readDraft(edited, names))).toEqual({
    putWires: [{ ...wire('W1', '1', { insulationMm: 1.9 }), signal: 'supply' }],
    removeWires: ['W2'],
  })
  // another type has another insulation: the measured figure goes
  const other = setCells(rows, [{ key: 'W1', column: 'type', text: 'TW-1.0' }])
  expect(draftChange(plan, other, readDraft(other, names)).putWires?.[0]).toEqual({
    ...wire('W1', '1'),
    type: 'TW-1.0',
  })
})

test('whatever is edited, the plan after the change is what the rows say', () => {
  const edits = fc.array(
    fc.record({
      key: fc.constantFrom('W1', 'W2'),
      column: fc.constantFrom<GridColumnId>('from', 'colour', 'length', 'note'),
      text: fc.constantFrom('A.1', 'A.3', 'open', 'RD', 'BU', '700', 'x'),
    }),
    { maxLength: 6 },
  )
  fc.assert(
    fc.property(edits, fc.boolean(), (some, drop) => {
      const rows = setCells(drop ? removeRows(rowsOf(plan), new Set(['W2'])) : rowsOf(plan), some)
      const reading = readDraft(rows, names)
      if (reading.faulty > 0) return
      const said = rows.map((one) => reading.byKey.get(one.key)?.wire)
      expect(changePlan(plan, draftChange(plan, rows, reading)).wires).toEqual(said)
    }),
  )
})

test('a plan that changed meanwhile: untouched rows follow it, edited ones keep what was typed', () => {
  const rows = setCells(rowsOf(plan), [{ key: 'W1', column: 'note', text: 'mine' }])
  const theirs: Plan = { ...plan, wires: [wire('W1', '1', { colour: 'BU' }), wire('W3', '3')] }
  const after = rebase(rows, theirs)
  expect(after.map((one) => `${one.text.id} ${one.text.colour} ${one.text.note}`.trim())).toEqual([
    'W1 RD mine',
    'W3 RD',
  ])
  expect(after[0]?.origin?.colour).toBe('BU')
})

test('the next id, cavity and colour that are free', () => {
  const rows = [row('W09', {}), row('X3', { from: 'A.3', colour: 'BK' })]
  expect(nextId(rows)).toBe('W10')
  expect(nextId([])).toBe('W01')
  expect(freeCavities(rows, names, 'A')).toEqual(['2'])
  expect(freeColour(rows, names, 'A')).toBe('BN')
  expect(freeColour(rows, names, 'P')).toBe('BK')
})

test('a new row whose wire has come is that wire’s, also when it was typed into meanwhile; another row of that id stays alone', () => {
  const base = plan.wires[0]
  if (!base) throw new Error('wire')
  const came = { ...base, id: 'W9' }
  const theirs = { ...plan, wires: [...plan.wires, came] }
  const [row] = rowsOf({ ...plan, wires: [came] })
  if (!row) throw new Error('row')
  const fresh = newRow('n1', { ...row.text, signal: 'typed meanwhile' })
  const after = rebase([...rowsOf(plan), fresh, newRow('n2', row.text)], theirs)
  expect(
    after.filter(({ text }) => text.id === 'W9').map(({ key, origin, text }) => [key, origin?.id, text.signal]),
  ).toEqual([
    ['n1', 'W9', 'typed meanwhile'],
    ['n2', undefined, row.text.signal],
  ])
  expect(after).toHaveLength(plan.wires.length + 2)
})

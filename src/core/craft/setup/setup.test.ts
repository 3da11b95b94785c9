import fc from 'fast-check'
import { expect, test } from 'vitest'
import { changeWeight, orderSetups, setupChanges, setupId, setupIdLabel, toolDue, type Setup } from './setup'

const four = (positioner: string, selector: number, notchMm = 1.1): Setup => ({
  tool: 'QF-5',
  positioner,
  selector,
  notchMm,
})

test('only what differs is changed, in the order of the hands', () => {
  expect(setupChanges(four('QP-2', 7), four('QP-2', 9, 1.3))).toEqual([
    { field: 'selector', from: 7, to: 9 },
    { field: 'notchMm', from: 1.1, to: 1.3 },
  ])
  expect(setupChanges(undefined, four('QP-2', 7)).map((change) => change.field)).toEqual([
    'tool',
    'positioner',
    'selector',
    'notchMm',
  ])
})

test('a die that is not used any more is a change too', () => {
  expect(setupChanges({ tool: 'PF-10', die: 'D2', wireStopMm: 3.1 }, { tool: 'PF-10', die: 'D2' })).toEqual([
    { field: 'wireStopMm', from: 3.1, to: undefined },
  ])
})

test('with another frame, what stays on the old one is left out', () => {
  expect(
    setupChanges(four('QP-2', 7), { tool: 'PF-10', die: 'D2', notchMm: 1.1 }).map((change) => change.field),
  ).toEqual(['tool', 'die'])
})

test('an id is said without its marks', () => {
  expect(setupIdLabel(setupId({ tool: 'PF-10', die: 'D2', wireStopMm: 4.4, notchMm: 1.5 }))).toBe(
    'PF-10 · D2 · 4.4 · 1.5',
  )
})

test('like setups share an id, others never', () => {
  const part = fc.option(fc.constantFrom('1', '2', '12'), { nil: undefined })
  const setups = fc.record({
    tool: fc.constantFrom('QF-5', 'PF-10'),
    die: part,
    positioner: part,
    nest: part,
  }) as fc.Arbitrary<Setup>
  expect(setupId(four('QP-2', 7))).toBe(setupId({ ...four('QP-2', 7) }))
  expect(setupId(four('QP-1', 12))).not.toBe(setupId(four('QP-11', 2)))
  fc.assert(
    fc.property(setups, setups, (one, other) => {
      if (one.tool === other.tool) expect(setupId(one) === setupId(other)).toBe(changeWeight(one, other) === 0)
      else expect(changeWeight(one, other)).toBeGreaterThan(0)
    }),
  )
})

test('the order starts from what is in hand and keeps all', () => {
  const wanted = [{ tool: 'PF-10', die: 'D2' }, four('QP-2', 9), four('QP-1', 4), four('QP-2', 7)]
  expect(orderSetups(wanted, four('QP-2', 7)).map(setupId)).toEqual(
    [four('QP-2', 7), four('QP-2', 9), four('QP-1', 4), { tool: 'PF-10', die: 'D2' }].map(setupId),
  )
})

test('a tool is overdue the day after its date, whatever it is; one that was never verified never', () => {
  const frame = {
    id: 'QF-5',
    name: 'frame',
    class: 'four-indent-positioned',
    source: { document: 'crib', basis: 'sheet' },
    verification: { doneOn: '2026-05-03', dueOn: '2026-11-03', by: 'A' },
  } as const
  expect(toolDue(frame, '2026-11-03')).toEqual({ kind: 'due', dueOn: '2026-11-03' })
  expect(toolDue(frame, '2026-11-04')).toEqual({ kind: 'overdue', dueOn: '2026-11-03' })
  expect(toolDue({ verification: undefined }, '2026-11-04')).toEqual({ kind: 'none' })
  const counted = { ...frame, dueEveryStrokes: 5000 }
  expect(toolDue(counted, '2026-11-03', 4999)).toEqual({ kind: 'due', dueOn: '2026-11-03' })
  expect(toolDue(counted, '2026-11-03', 5000)).toEqual({
    kind: 'overdue',
    dueOn: '2026-11-03',
    strokes: { made: 5000, every: 5000 },
  })
  expect(toolDue(counted, '2026-11-04', 5000)).toEqual({ kind: 'overdue', dueOn: '2026-11-03' })
})

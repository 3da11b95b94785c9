import { expect, test } from 'vitest'
import {
  type Plan,
  type PlanFault,
  type PlanNames,
  type Wire,
  changePlan,
  emptyPlan,
  placeOf,
  planFaults,
  planIndex,
  sideOf,
  termKeyOf,
} from './plan'
import { cavityKey } from './keys'
import fc from 'fast-check'

const wire = (id: string, from: string, to: string): Wire => {
  const side = (place: string): Wire['from'] =>
    place === ''
      ? { kind: 'open' }
      : { kind: 'cavity', end: place.split('.')[0] ?? '', cavity: place.split('.')[1] ?? '' }
  return { id, type: 'TW-0.5', colour: 'RD', from: side(from), to: side(to), lengthMm: 500 }
}

const plan: Plan = {
  ...emptyPlan,
  ends: [
    { id: 'A', housing: 'CM-3P' },
    { id: 'B', housing: 'SW-2P' },
  ],
  wires: [wire('W1', 'A.1', 'B.1'), wire('W2', 'A.2', 'B.2'), wire('W3', 'A.3', '')],
}

const shells: Record<string, string[]> = { 'CM-3P': ['1', '2', '3'], 'SW-2P': ['1', '2'], 'SH-3': ['1', '2', '3'] }
const facts: PlanNames = {
  housing: (id) => {
    const ids = shells[id]
    return (
      ids && {
        cavities: ids.map((cavity) => ({ id: cavity })),
        family: id,
        keyings: id === 'SW-2P' ? ['K1', 'K2'] : [],
      }
    )
  },
  isSealed: (family) => family !== 'SH-3',
  hasWireType: (type) => type === 'TW-0.5',
  hasTerminal: (part) => part === 'RG-4',
}

test('a termination is unit, wire and side; an open side is none', () => {
  const { terminations, byKey, byEnd, byCavity } = planIndex({ ...plan, quantity: 2 })
  expect(terminations.map((one) => one.key)).toEqual([
    '1/W1/a',
    '1/W1/b',
    '1/W2/a',
    '1/W2/b',
    '1/W3/a',
    '2/W1/a',
    '2/W1/b',
    '2/W2/a',
    '2/W2/b',
    '2/W3/a',
  ])
  expect(byKey.get('2/W2/b')?.at).toEqual({ kind: 'cavity', end: 'B', cavity: '2' })
  expect(byEnd.get('1/A')?.map((one) => one.wire.id)).toEqual(['W1', 'W2', 'W3'])
  expect(byCavity.get(cavityKey(2, 'A', '3'))?.key).toBe('2/W3/a')
})

test('the index of a plan is built once for each version', () => {
  expect(planIndex(plan)).toBe(planIndex(plan))
  expect(planIndex({ ...plan })).not.toBe(planIndex(plan))
})

test('puts replace by id in their place, new ones go to the end, removed ones are gone', () => {
  const changed = changePlan(plan, {
    meta: { rev: 'B' },
    putWires: [{ ...wire('W2', 'A.2', 'B.2'), lengthMm: 700 }, wire('W9', 'A.3', 'B.1')],
    removeWires: ['W1'],
  })
  expect(changed.wires.map((one) => `${one.id} ${one.lengthMm}`)).toEqual(['W2 700', 'W3 500', 'W9 500'])
  expect(changed.rev).toBe('B')
  expect(changed.title).toBe(plan.title)
  expect(plan.wires).toHaveLength(3)
})

test('a part of the head that is left out stays as it was', () => {
  expect(changePlan(plan, { meta: { title: undefined, quantity: 3 } })).toMatchObject({
    title: plan.title,
    quantity: 3,
  })
})

test.each<[string, Partial<Plan>, PlanFault]>([
  ['a wire twice', { wires: [wire('W1', 'A.1', 'B.1'), wire('W1', 'A.2', 'B.2')] }, { kind: 'wire-twice', wire: 'W1' }],
  ['an end twice', { ends: [...plan.ends, { id: 'A', housing: 'CM-3P' }] }, { kind: 'end-twice', end: 'A' }],
  ['an end that is not there', { wires: [wire('W1', 'C.1', 'B.1')] }, { kind: 'unknown-end', wire: 'W1', end: 'C' }],
  [
    'an unknown housing',
    {
      ends: [
        { id: 'A', housing: 'NOPE' },
        { id: 'B', housing: 'SW-2P' },
      ],
    },
    { kind: 'unknown-housing', end: 'A', housing: 'NOPE' },
  ],
  [
    'an unknown wire type',
    { wires: [{ ...wire('W1', 'A.1', 'B.1'), type: 'XX' }] },
    { kind: 'unknown-wire-type', wire: 'W1', type: 'XX' },
  ],
  [
    'an unknown cavity',
    { wires: [wire('W1', 'A.9', 'B.1')] },
    { kind: 'unknown-cavity', wire: 'W1', end: 'A', cavity: '9', known: ['1', '2', '3'] },
  ],
  [
    'a cavity for two wires',
    { wires: [wire('W1', 'A.1', 'B.1'), wire('W2', 'A.1', 'B.2')] },
    { kind: 'cavity-taken', wire: 'W2', by: 'W1', end: 'A', cavity: '1' },
  ],
  [
    'a wire back into its own cavity',
    { wires: [wire('W1', 'A.1', 'A.1')] },
    { kind: 'cavity-taken', wire: 'W1', by: 'W1', end: 'A', cavity: '1' },
  ],
  [
    'a keying that the housing is not made in',
    {
      ends: [
        { id: 'A', housing: 'CM-3P' },
        { id: 'B', housing: 'SW-2P', keying: 'K4' },
      ],
    },
    { kind: 'unknown-keying', end: 'B', keying: 'K4', known: ['K1', 'K2'] },
  ],
  [
    'an end that mates with itself',
    {
      ends: [
        { id: 'A', housing: 'CM-3P', mate: 'A' },
        { id: 'B', housing: 'SW-2P' },
      ],
    },
    { kind: 'unknown-mate', end: 'A', mate: 'A' },
  ],
  [
    'a terminal that is none',
    { wires: [{ ...wire('W1', 'A.1', ''), to: { kind: 'terminal', part: 'SC-03-08' } }] },
    { kind: 'unknown-terminal', wire: 'W1', part: 'SC-03-08' },
  ],
  [
    'a second wire in a sealed cavity',
    { wires: [wire('W1', 'A.1', 'B.1'), { ...wire('W2', 'A.2', ''), to: { kind: 'with', wire: 'W1', side: 'b' } }] },
    { kind: 'sealed-takes-one', wire: 'W2', end: 'B', cavity: '1' },
  ],
  [
    'a wire that shares the contact of an open end',
    { wires: [wire('W1', 'A.1', ''), { ...wire('W2', 'A.2', ''), to: { kind: 'with', wire: 'W1', side: 'b' } }] },
    { kind: 'shares-nothing', wire: 'W2', with: 'W1b' },
  ],
  [
    'a splice with one wire',
    { wires: [{ ...wire('W1', 'A.1', ''), to: { kind: 'splice', splice: 'S1' } }] },
    { kind: 'splice-alone', wire: 'W1', splice: 'S1' },
  ],
])('%s is found', (_what, change, fault) => {
  expect(planFaults({ ...plan, ...change }, facts)).toContainEqual(fault)
})

test('a plan that holds together has no fault', () => {
  expect(planFaults(plan, facts)).toEqual([])
})

test('putting and removing again leaves the plan as it was', () => {
  const ids = fc.uniqueArray(fc.integer({ min: 10, max: 99 }), { maxLength: 8 })
  fc.assert(
    fc.property(ids, (numbers) => {
      const wires = numbers.map((n) => wire(`W${n}`, '', 'B.1'))
      const there = changePlan(plan, { putWires: wires })
      expect(there.wires).toHaveLength(plan.wires.length + wires.length)
      expect(changePlan(there, { removeWires: wires.map((one) => one.id) })).toEqual(plan)
    }),
  )
})

test('a is from, b is to', () => {
  const one = wire('W1', 'A.1', 'B.2')
  expect([sideOf(one, 'a'), sideOf(one, 'b')]).toEqual([one.from, one.to])
})

test('two wires in an unsealed cavity are one termination: the second shares the contact of the first', () => {
  const shared: Plan = {
    ...plan,
    ends: [{ id: 'A', housing: 'SH-3' }],
    wires: [wire('W1', 'A.1', ''), { ...wire('W2', '', ''), from: { kind: 'with', wire: 'W1', side: 'a' } }],
  }
  expect(planFaults(shared, facts)).toEqual([])
  const { terminations } = planIndex(shared)
  expect(terminations.map((one) => `${one.key} and ${one.also?.wire.id ?? 'none'}`)).toEqual(['1/W1/a and W2'])
  const second = shared.wires[1]
  expect(second && placeOf(shared, second, 'a')).toEqual({ kind: 'cavity', end: 'A', cavity: '1' })
  expect(second && termKeyOf(shared, 1, second, 'a')).toBe('1/W1/a')
  expect(second && termKeyOf(shared, 1, second, 'b')).toBeUndefined()
})

test('a third wire finds no room in a shared contact', () => {
  const also = (id: string): Wire => ({ ...wire(id, '', ''), from: { kind: 'with', wire: 'W1', side: 'a' } })
  expect(
    planFaults(
      { ...plan, ends: [{ id: 'A', housing: 'SH-3' }], wires: [wire('W1', 'A.1', ''), also('W2'), also('W3')] },
      facts,
    ),
  ).toContainEqual({ kind: 'shared-twice', wire: 'W3', with: 'W1a' })
})

test('terminals and halves of a splice are terminations of their own', () => {
  const ended: Plan = {
    ...plan,
    wires: [
      { ...wire('W1', 'A.1', ''), to: { kind: 'terminal', part: 'RG-4' } },
      { ...wire('W2', 'A.2', ''), to: { kind: 'splice', splice: 'S1' } },
      { ...wire('W3', 'A.3', ''), to: { kind: 'splice', splice: 'S1' } },
    ],
  }
  expect(planFaults(ended, facts)).toEqual([])
  expect(
    planIndex(ended)
      .terminations.filter((one) => one.side === 'b')
      .map((one) => one.at.kind),
  ).toEqual(['terminal', 'splice', 'splice'])
  expect(planIndex(ended).byEnd.get('1/A')).toHaveLength(3)
})

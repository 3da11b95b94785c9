import { expect, test } from 'vitest'
import { emptyPlan, type Wire } from '../../record/plan/plan'
import { outOfReach } from './reach'

const wire = (id: string, from: string, to: string, lengthMm: number): Wire => ({
  id,
  type: 'TW-0.5',
  colour: 'RD',
  lengthMm,
  from: { kind: 'cavity', end: from.slice(0, 1), cavity: from.slice(2) },
  to: { kind: 'cavity', end: to.slice(0, 1), cavity: to.slice(2) },
})
const plan = {
  ...emptyPlan,
  wires: [wire('W1', 'A.1', 'B.1', 800), wire('W2', 'A.2', 'C.1', 1200), wire('W3', 'A.3', 'C.2', 1180)],
}

test('a wire that is led to a farther end does not reach: its like on that way says so', () => {
  expect(outOfReach(plan, { putWires: [wire('W1', 'A.1', 'C.3', 800)] })).toEqual([
    { wire: 'W1', ends: ['A', 'C'], lengthMm: 800, likeMm: 1180, like: 'W3' },
  ])
})

test.each<[string, Wire]>([
  ['another cavity of the same ends', wire('W1', 'A.4', 'B.2', 800)],
  ['a nearer end', wire('W2', 'A.2', 'B.3', 1200)],
  ['a new length that is enough', wire('W1', 'A.1', 'C.3', 1190)],
  ['a way that no other wire goes', wire('W1', 'B.1', 'C.3', 100)],
  ['a wire that is new', wire('W9', 'A.1', 'C.3', 100)],
])('%s is left alone', (_what, put) => {
  expect(outOfReach(plan, { putWires: [put] })).toEqual([])
})

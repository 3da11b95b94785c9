import { expect, test } from 'vitest'
import { pinoutOf } from './pinoutOf.testing'
import { emptyPlan } from './plan'
import { scanTarget } from './scanTarget'

const read = pinoutOf(
  'wire,type,colour,from end,from cavity,to end,to cavity,length\nW1,TW-0.5,RD,A,1,B,2,400\nLa,TW-0.5,BK,A,2,B,1,400',
  { A: 'SW-2P', B: 'SW-2R' },
)
const plan = { ...emptyPlan, ends: [...read.ends], wires: [...read.wires] }

test.each([
  ['W1', '1/W1/a'],
  ['w1b', '1/W1/b'],
  // a wire that is called so comes before the side of another
  ['La', '1/La/a'],
  ['LaB', '1/La/b'],
  ['A.2', '1/La/a'],
  ['b.2', '1/W1/b'],
  ['B', '1/W1/b'],
  ['W9', undefined],
  ['A.9', undefined],
])('the code %s means %s', (said, key) => {
  expect(scanTarget(plan, said)).toBe(key)
})

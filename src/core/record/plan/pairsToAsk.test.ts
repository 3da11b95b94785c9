import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { planFacts } from './facts'
import { pairsToAsk } from './pairsToAsk'
import { emptyPlan, type Plan } from './plan'

const shelf = demoShelf()
const asked = (ends: Plan['ends']) => {
  const plan = { ...emptyPlan, ends }
  return pairsToAsk(plan, planFacts(shelf, plan)).map(({ a, b }) => `${a}-${b}`)
}
const a = { id: 'A', housing: 'CM-3P' }
const b = { id: 'B', housing: 'CM-3R' }

test('a plug and its receptacle are asked about, two plugs are not', () => {
  expect(asked([a, b])).toEqual(['A-B'])
  expect(asked([a, { ...a, id: 'C' }])).toEqual([])
  expect(asked([a, b, { ...b, id: 'C' }])).toEqual(['A-B', 'A-C'])
})

test('what was answered is not asked again, whichever of the two says so', () => {
  expect(asked([{ ...a, mate: 'B' }, b])).toEqual([])
  expect(asked([a, { ...b, mate: 'A' }])).toEqual([])
  expect(asked([a, { ...b, meetsNot: ['A'] }])).toEqual([])
  expect(asked([{ ...a, meetsNot: ['C'] }, b, { ...b, id: 'C' }])).toEqual(['A-B'])
  // an end that meets another one is spoken for
  expect(asked([{ ...a, mate: 'B' }, b, { ...b, id: 'C' }])).toEqual([])
})

test('pairs come in the order of the ends; a housing that nobody knows is asked about with none', () => {
  const ends = [b, a, { ...b, id: 'D' }, { ...a, id: 'C' }]
  expect(asked(ends)).toEqual(['B-A', 'B-C', 'A-D', 'D-C'])
  expect(asked([a, { ...b, housing: 'CM-3X' }])).toEqual([])
})

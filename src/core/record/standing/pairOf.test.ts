import { expect, test } from 'vitest'
import { sevenLeads } from '../../views/sevenLeads.testing'
import { foldAll } from '../journal/fold'
import { planIndex } from '../plan/plan'
import { pairOf } from './pairOf'

const { facts, plan, sets } = foldAll(sevenLeads().entries).state
const [one] = planIndex(plan).terminations
const set = one && sets.get(`${one.wire.id}/${one.side}`)
if (!one || !set) throw new Error('seven leads have none')

test('a set that two wires share says of each what it is', () => {
  const thick = { ...one, wire: { ...one.wire, id: 'thick', insulationMm: 2.4 } }
  const own = pairOf(facts, one, set)
  expect(pairOf(facts, thick, set)).toEqual({ ...own, insulationMm: 2.4 })
  expect(pairOf(facts, one, set)).toBe(own)
})

test('facts that are pinned anew are asked again', () => {
  const own = pairOf(facts, one, set)
  const type = facts.wireTypes[one.wire.type]
  if (!type) throw new Error('the wire has no type')
  const later = { ...facts, wireTypes: { ...facts.wireTypes, [one.wire.type]: { ...type, insulationMm: 3.3 } } }
  expect(pairOf(later, one, set)).toEqual({ ...own, insulationMm: 3.3 })
  expect(pairOf(facts, one, set).insulationMm).toBe(own.insulationMm)
})

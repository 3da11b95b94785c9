import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { planIndex } from '@/core/record/plan/plan'
import { setKey } from '@/core/record/plan/keys'
import type { Entry } from '@/core/record/journal/entry'
import { foldAll } from '@/core/record/journal/fold'
import { specimenOf } from './specimenOf'

const journal = (JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8')) as { journal: Entry[] }).journal
const { state } = foldAll(journal)

test('a specimen is drawn from the contact, the wire as measured here, and its seal', () => {
  const wire = planIndex(state.plan).wires.get('W11')
  const set = state.sets.get(setKey('W11', 'b'))
  if (!wire || !set) throw new Error('W11')
  const piece = specimenOf(state.facts, { ...wire, insulationMm: 1.42 }, set, { crimped: true })
  expect(piece).toMatchObject({
    made: { contact: { id: 'SC-03-08' }, insulationMm: 1.42 },
    colour: 'VT',
    crimped: true,
    seal: { id: 'SL-14', lengthMm: 6.4 },
  })
  expect(piece?.bundleMm).toBeCloseTo(0.19 * 4.02960193, 9)
  expect(specimenOf(state.facts, { ...wire, type: 'unknown' }, set, { crimped: true })).toBeUndefined()
})

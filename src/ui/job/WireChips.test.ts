import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { planIndex } from '@/core/record/plan/plan'
import type { Entry } from '@/core/record/journal/entry'
import { foldAll } from '@/core/record/journal/fold'
import { sideWords } from './WireChips'

const journal = (JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8')) as { journal: Entry[] }).journal
const { state } = foldAll(journal)

test('a side is named by its cavity, or says that it is open', () => {
  const wire = planIndex(state.plan).wires.get('W05')
  if (!wire) throw new Error('W05')
  expect([sideWords(wire, 'a'), sideWords(wire, 'b')]).toEqual(['A.5', 'B.6'])
  expect(sideWords({ ...wire, to: { kind: 'open' } }, 'b')).toBe('open')
  expect(sideWords({ ...wire, to: { kind: 'splice', splice: 'S1' } }, 'b')).toBe('splice S1')
})

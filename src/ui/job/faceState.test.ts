import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { housingOf } from '@/core/record/plan/facts'
import type { Entry } from '@/core/record/journal/entry'
import { foldAll, foldEntry } from '@/core/record/journal/fold'
import { faceState } from './faceState'

const journal = (JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8')) as { journal: Entry[] }).journal
const folded = foldAll(journal)
const { state } = folded
const at = '2026-11-25T09:00:00.000Z'

const face = (end: string) => {
  const housing = housingOf(state.facts, state.plan, end)
  if (!housing) throw new Error(end)
  return faceState(state, 1, end, housing)
}

test('a face tells planned from unused, then seated, misplaced and plugged', () => {
  expect(face('B').get('1')).toEqual({ look: 'planned', words: 'W17b planned' })
  expect(face('B').get('14')).toEqual({ look: 'empty', words: 'unused' })
  const put = (said: object) =>
    foldEntry(folded, { id: `view-${state.seq + 1}`, seq: state.seq + 1, at, by: 'teodor', ...said } as Entry)
  put({ kind: 'seated', term: '1/W17/b', end: 'B', cavity: '1', checked: [], tugN: 9 })
  put({ kind: 'misplaced', term: '1/W18/b', end: 'B', cavity: '13' })
  put({ kind: 'plugged', unit: 1, end: 'B', cavity: '14', part: 'CP-S' })
  expect(face('B').get('1')).toEqual({ look: 'seated', words: 'W17b seated' })
  expect(face('B').get('13')).toEqual({ look: 'fault', words: 'W18b is not home here' })
  expect(face('B').get('14')).toEqual({ look: 'plugged', words: 'plug CP-S' })
})

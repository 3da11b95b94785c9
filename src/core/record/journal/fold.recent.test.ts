import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import type { Entry } from './entry'
import { RECENT, foldAll, foldEntry, foldMany } from './fold'
import { type Folded, newFold, seqOf } from './folded'
import { refusalOf } from '../../work/left/refusalOf'
import { collision } from './collision'
import fc from 'fast-check'

const journal = (JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8')) as { journal: Entry[] }).journal
const at = '2026-11-25T09:00:00.000Z'

const note = (folded: Folded, id: string): Entry => ({
  id,
  kind: 'noted',
  text: id,
  seq: folded.state.seq + 1,
  at,
  by: 'ansa',
})
const back = (folded: Folded, undoes: string): Entry => ({
  id: `back-${folded.state.seq + 1}`,
  kind: 'taken-back',
  undoes,
  seq: folded.state.seq + 1,
  at,
  by: 'ansa',
})

test('folding many at once is folding one by one', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: journal.length }), (cut) => {
      const single = newFold()
      for (const entry of journal) foldEntry(single, entry)
      const many = newFold()
      foldMany(many, journal.slice(0, cut))
      foldMany(many, journal.slice(cut))
      const shown = ({ state }: Folded) => ({ ...state, recent: state.recent.slice(-RECENT) })
      expect(shown(many)).toEqual(shown(single))
    }),
    { numRuns: 25 },
  )
})

test('the list of recent entries stays short, newest last', () => {
  const folded = foldAll(journal)
  for (let i = 0; i < 500; i++) foldEntry(folded, note(folded, `note-${i}`))
  const { recent } = folded.state
  expect(recent.length).toBeLessThanOrEqual(120)
  expect(recent.at(-1)).toMatchObject({ id: 'note-499', kind: 'noted', about: 'note-499' })
  expect(recent.map((line) => line.seq)).toEqual([...recent.map((line) => line.seq)].sort((a, b) => a - b))
})

test('what was taken back is marked in the list, and the taking back says what it was about', () => {
  const folded = foldAll(journal)
  const last = journal.at(-1)
  if (!last) throw new Error('journal')
  foldEntry(folded, back(folded, last.id))
  expect(folded.state.recent.find((line) => line.id === last.id)?.undone).toBe(true)
  expect(folded.state.recent.at(-1)).toMatchObject({ kind: 'taken-back', about: 'W02a' })
  // the same when it is folded with the rest
  const whole = foldAll([...journal, { ...back(folded, last.id), seq: journal.length + 1 }])
  expect(whole.state.recent.find((line) => line.id === last.id)?.undone).toBe(true)
})

test('entries are found by their id, also those that came after the last question', () => {
  const folded = foldAll(journal)
  expect(seqOf(folded, journal[10]?.id ?? '')).toBe(11)
  expect(seqOf(folded, 'later')).toBeUndefined()
  foldEntry(folded, note(folded, 'later'))
  expect(seqOf(folded, 'later')).toBe(journal.length + 1)
})

test('two benches that take the same entry back collide; one that takes back another does not', () => {
  const folded = foldAll(journal)
  const seen = folded.state.seq
  const [w7, w6] = [journal.at(-1), journal.at(-2)]
  if (!w7 || !w6) throw new Error('journal')
  const first = back(folded, w7.id)
  foldEntry(folded, first)
  expect(collision(folded, back(folded, w7.id), seen)).toBe(first.seq)
  expect(collision(folded, back(folded, w6.id), seen)).toBeUndefined()
  expect(refusalOf(folded, back(folded, w7.id), { at, by: 'ansa' })).toMatchObject({ kind: 'already' })
})

test('an entry that is taken back can be written again, and taken back again', () => {
  const folded = foldAll(journal)
  const last = journal.findLast((entry) => entry.kind === 'stripped' && !folded.state.terms.get(entry.term)?.crimp)
  if (last?.kind !== 'stripped') throw new Error('the demo has a stripped end without its contact')
  foldEntry(folded, back(folded, last.id))
  const again: Entry = { ...last, id: 'strip-again', seq: folded.state.seq + 1 }
  expect(refusalOf(folded, again, { at, by: 'ansa' })).toBeUndefined()
  foldEntry(folded, again)
  expect(folded.state.terms.get(last.term)?.stripped?.stripMm).toBe(last.stripMm)
  expect(refusalOf(folded, back(folded, 'strip-again'), { at, by: 'ansa' })).toBeUndefined()
})

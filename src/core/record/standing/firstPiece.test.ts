import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import type { Entry } from '../journal/entry'
import { foldAll, foldEntry } from '../journal/fold'
import type { Folded } from '../journal/folded'
import { looksOf } from './looksOf'
import { judgeFirstPiece } from './firstPiece'
import { shownPieces } from './released'

const journal = (JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8')) as { journal: Entry[] }).journal
const { state } = foldAll(journal)
const setOf = (key: string) => {
  const set = state.sets.get(key)
  if (!set) throw new Error(key)
  return set
}
const machined = setOf('W01/a')
const sealed = setOf('W08/b')
const seen = (set: typeof machined) => looksOf(state, set).map((look) => ({ look, seen: true }))

test('a machined contact needs its looks and its pull, no height', () => {
  expect(judgeFirstPiece(state, machined, { looks: seen(machined), pullN: 60 })).toMatchObject({
    good: true,
    pull: 'held',
    minimumN: 60,
  })
  expect(judgeFirstPiece(state, machined, { looks: seen(machined), pullN: 59.9 })).toMatchObject({
    good: false,
    pull: 'low',
  })
})

test.each<[string, number | undefined, string | undefined]>([
  ['inside the die card', 1.3, undefined],
  ['at its lower end', 1.24, undefined],
  ['too tight', 1.2, 'height-outside'],
  ['too loose', 1.45, 'height-outside'],
  ['not measured', undefined, 'height-missing'],
])('a sealed crimp of 1.0 mm², height %s', (_what, heightMm, code) => {
  const verdict = judgeFirstPiece(state, sealed, { looks: seen(sealed), pullN: 120, heightMm })
  expect(verdict.height?.kind).toBe(code)
  expect(verdict.good).toBe(code === undefined)
})

test('a look that was not made, or not seen, spoils the piece', () => {
  expect(judgeFirstPiece(state, machined, { looks: seen(machined).slice(1), pullN: 99 })).toMatchObject({
    good: false,
    look: { kind: 'looks-missing' },
  })
  expect(
    judgeFirstPiece(state, machined, { looks: seen(machined).map((one, i) => ({ ...one, seen: i > 0 })), pullN: 99 }),
  ).toMatchObject({ good: false, look: { kind: 'look-failed', look: 'bottomed-hard' } })
})

test('without a minimum nobody can say that it held', () => {
  const { pull: _pull, ...bare } = machined
  expect(judgeFirstPiece(state, bare, { looks: seen(machined), pullN: 500 })).toMatchObject({
    good: false,
    pull: 'unknown',
  })
})

test('a bad piece ends the row of good ones, a new mounting begins it anew', () => {
  const folded: Folded = foldAll(journal)
  const id = [...folded.state.tools.values()][0]?.setup ?? ''
  const put = (said: object) =>
    foldEntry(folded, {
      id: `piece-${folded.state.seq + 1}`,
      seq: folded.state.seq + 1,
      at: '2026-11-25T09:00:00.000Z',
      by: 'teodor',
      ...said,
    } as Entry)
  const piece = (pullN: number) =>
    put({ kind: 'first-piece', setup: id, wire: 'W01', side: 'a', looks: seen(machined), pullN })
  expect(shownPieces(folded.state, id)).toHaveLength(1)
  piece(80)
  expect(shownPieces(folded.state, id)).toHaveLength(2)
  piece(20)
  expect(shownPieces(folded.state, id)).toHaveLength(0)
  piece(80)
  expect(shownPieces(folded.state, id)).toHaveLength(1)
  put({ kind: 'setup-mounted', setup: machined.setup, checked: [] })
  expect(shownPieces(folded.state, id)).toHaveLength(0)
  expect(shownPieces(folded.state, 'never mounted')).toHaveLength(0)
})

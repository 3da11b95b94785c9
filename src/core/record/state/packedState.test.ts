import { expect, test } from 'vitest'
import { foldAll, foldEntry } from '../journal/fold'
import { foldFrom } from '../journal/folded'
import { begun, goOn } from '../../work/rework/rework.testing'
import { starts } from '../../views/mishaps.testing'
import { packState, unpackState } from './packedState'
import { plainState } from './plainState.testing'
import fc from 'fast-check'

test.each(starts.map((start, i) => [i, start] as const))(
  'job %i is the same when it was packed, wherever it stands',
  (_i, start) => {
    const folded = start()
    goOn(folded)
    const entries = folded.log.flatMap((one) => (one ? [one.entry] : []))
    fc.assert(
      fc.property(fc.integer({ min: 1, max: entries.length }), (count) => {
        const half = foldAll(entries.slice(0, count))
        const there = foldFrom(unpackState(packState(half.state)))
        expect(there.state.seq).toBe(half.state.seq)
        expect(plainState(there.state)).toBe(plainState(half.state))
        for (const entry of entries.slice(count)) foldEntry(there, entry)
        expect(plainState(there.state)).toBe(plainState(foldAll(entries).state))
      }),
      { numRuns: 15 },
    )
  },
)

test('a later version of a job is packed anew', () => {
  const folded = begun([])
  const empty = packState(folded.state)
  expect(packState({ ...folded.state })).toBe(empty)
  foldEntry(folded, { id: 'note-1', kind: 'noted', text: 'wet', seq: 1, at: '2026-11-25T09:00:00.000Z', by: 'ansa' })
  expect(packState(folded.state)).not.toBe(empty)
})

test('what many keys have alike is carried once, and shared where it is unpacked', () => {
  const [start] = starts
  const state = start?.().state
  if (!state) throw new Error('no start')
  const [[, set] = []] = state.sets
  const many = new Map(Array.from({ length: 500 }, (_, i) => [`W${i}/a`, structuredClone(set)] as const))
  const packed = packState({ ...state, terms: new Map(), sets: many as typeof state.sets })
  expect(packed.split(JSON.stringify(set))).toHaveLength(2)
  const { sets } = unpackState(packed)
  expect([...sets]).toEqual([...many])
  expect(new Set(sets.values()).size).toBe(1)
})

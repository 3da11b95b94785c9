import { plainState } from '../state/plainState.testing'
import { expect, test } from 'vitest'
import { type SliceId, sliceIds } from '../state/slices'
import { foldEntry } from './fold'
import { newFold } from './folded'
import { SEED, pairStart, starts, upsets, workUpset } from '../../views/mishaps.testing'
import { goOn } from '../../work/rework/rework.testing'
import fc from 'fast-check'

test('whatever the entry, taking it back leaves the state as it was before it, in every slice', () => {
  const written = new Set<SliceId>()
  fc.assert(
    fc.property(fc.constantFrom(...starts, pairStart), upsets, (start, those) => {
      const folded = start()
      workUpset(folded, those)
      goOn(folded)
      const entries = folded.log.flatMap((one) => (one ? [one.entry] : []))
      const known = newFold()
      for (const entry of entries) {
        const was = plainState(known.state)
        const counted = known.state.tray !== undefined
        foldEntry(known, entry)
        const fresh = known.log[entry.seq]
        for (const { slice } of fresh?.writes() ?? []) if (slice) written.add(slice)
        if (entry.kind === 'taken-back' || counted || entry.kind === 'tray-counted') continue
        fresh?.undo([])
        expect(plainState(known.state), entry.kind).toBe(was)
        // and again as it was written
        known.log.length = entry.seq
        known.state.seq = entry.seq - 1
        foldEntry(known, entry)
      }
    }),
    { numRuns: 60, seed: SEED },
  )
  // each slice was written at least once, so the property says something about it
  expect(sliceIds.filter((id) => !written.has(id))).toEqual([])
})

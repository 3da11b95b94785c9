import { expect, test } from 'vitest'
import { type SliceId, sliceIds } from '../state/slices'
import { workThrough } from '../../views/workThrough.testing'
import { type Folded, foldEntry, newFold } from './fold'
import { SEED, mishaps, starts, upsets } from '../../views/mishaps.testing'
import { at, goOn, newId, put } from '../../work/rework/rework.testing'
import { snapshot } from '../state/state'
import fc from 'fast-check'

/** A state as plain data, without what only counts entries. */
const plain = ({ state }: Folded): string =>
  JSON.stringify({ ...snapshot(state), seq: 0, recent: [] }, (_key, value: unknown) =>
    value instanceof Map ? [...(value as Map<string, unknown>)].sort() : value,
  )

test('whatever the entry, taking it back leaves the state as it was before it, in every slice', () => {
  const written = new Set<SliceId>()
  fc.assert(
    fc.property(fc.constantFrom(...starts), upsets, (start, those) => {
      const folded = start()
      for (const { after, what, picks } of those) {
        let steps = 0
        workThrough([], {
          newId,
          from: folded,
          stamp: () => ({ at, by: 'teodor' }),
          until: (_state, step) => steps++ >= after || step.code === 'sign',
        })
        for (const said of [mishaps[what]?.(folded, picks) ?? []].flat())
          if (put(folded, { ...said, id: newId() })) break
      }
      goOn(folded)
      const entries = folded.log.flatMap((one) => (one ? [one.entry] : []))
      const known = newFold()
      for (const entry of entries) {
        const was = plain(known)
        const counted = known.state.tray !== undefined
        foldEntry(known, entry)
        const fresh = known.log[entry.seq]
        for (const { slice } of fresh?.writes() ?? []) if (slice) written.add(slice)
        if (entry.kind === 'taken-back' || counted || entry.kind === 'tray-counted') continue
        fresh?.undo([])
        expect(plain(known), entry.kind).toBe(was)
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

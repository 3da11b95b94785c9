import { type Folded, foldFrom } from '@/core/record/journal/folded'
import { type PackedState, unpackState } from '@/core/record/state/packedState'

/** A server draws the same states again and again, and writes to none of them: the last few stay, with what was worked out of them. */
const KEPT = 4
const drawn = new Map<PackedState, Folded>()

/** The job as the page brings it, ready for entries to be folded on. */
export function firstState(packed: PackedState): Folded {
  if (typeof window !== 'undefined') return foldFrom(unpackState(packed))
  const before = drawn.get(packed)
  const folded = before ?? foldFrom(unpackState(packed))
  // the one that was drawn last is the last to go
  drawn.delete(packed)
  drawn.set(packed, folded)
  for (const oldest of drawn.keys()) {
    if (drawn.size <= KEPT) break
    drawn.delete(oldest)
  }
  return folded
}

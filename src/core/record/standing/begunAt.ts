import { sortedBy } from '../../base/collections'
import { derivedOf } from '../state/derivedOf'
import type { JobState } from '../state/state'

/** Terminations by the order in which work on them began: what was written at one moment is told apart by it. */
export const begunAt = derivedOf(
  (state): ReadonlyMap<string, number> => new Map([...state.terms.keys()].map((key, i) => [key, i])),
)

/** Terminations in that order. */
export function asBegun(state: JobState, keys: readonly string[]): readonly string[] {
  if (keys.length < 2) return keys
  const begun = begunAt(state)
  return sortedBy(keys, (key) => begun.get(key) ?? Infinity)
}

import { slices } from '../state/slices'
import type { JobState } from '../state/state'
import type { Entry } from './entry'
import { kindOf } from './fold'
import { type Folded, seqOf } from './folded'
import type { Write } from './logged'

export const meets = (one: ReadonlySet<string>, other: ReadonlySet<string>) => {
  for (const subject of one) if (other.has(subject)) return true
  return false
}

/** What an entry is about: what its kind says, and what it changed when it was folded. Worked out only when asked. */
export function touched(
  state: JobState,
  entry: Entry,
  changed: readonly Write[],
): { readonly writes: Set<string>; readonly reads: ReadonlySet<string> } {
  const { writes, reads = [] } = kindOf(entry.kind)?.subjects(entry, state) ?? { writes: [] }
  const all = new Set(writes)
  for (const { slice, key } of changed) {
    const name = slice && (slices[slice] as { readonly subject?: (key: string) => string }).subject
    if (name) all.add(name(key))
  }
  return { writes: all, reads: new Set(reads) }
}

/**
 * Did anybody else change the same thing since `seen`? Entries in between that are about something else do not matter, nor do
 * those above `upTo`: they are of the same batch.
 * @returns the sequence number of the newest entry that collides
 */
export function collision(folded: Folded, entry: Entry, seen: number, upTo = folded.state.seq): number | undefined {
  const { state } = folded
  if (seen >= upTo) return undefined
  const own = entry.kind === 'taken-back' ? folded.log[seqOf(folded, entry.undoes) ?? -1] : undefined
  const mine = own ? touched(state, own.entry, own.writes()) : touched(state, entry, [])
  for (let at = upTo; at > seen; at--) {
    const other = folded.log[at]
    if (!other) continue
    const theirs = touched(state, other.entry, other.writes())
    if (meets(mine.writes, theirs.writes) || meets(mine.writes, theirs.reads) || meets(mine.reads, theirs.writes))
      return at
  }
  return undefined
}

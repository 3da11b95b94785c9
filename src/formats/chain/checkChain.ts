import { type Breath, noBreath } from '@/core/base/breath'
import type { KeptEntry } from '@/core/record/journal/entry'
import type { RecordFault } from '@/core/record/journal/recordFault'
import { NO_HASH, entryHash } from './entryHash'

/** What a job's head says of its record. */
export interface RecordHead {
  readonly lastSeq: number
  readonly lastHash: string
}

/** A link that others follow. */
type Link = Pick<KeptEntry, 'seq' | 'hash'>
const NO_LINK: Link = { seq: 0, hash: NO_HASH }

/**
 * Looks at a chain from one link on: each entry follows from the one before it, none is missing, and it ends where and as the
 * head says.
 * @returns the first thing that is wrong, or undefined when it is whole
 */
export function checkChain(entries: readonly KeptEntry[], head: RecordHead, from = NO_LINK): RecordFault | undefined {
  let { seq, hash: prev } = from
  for (const entry of entries) {
    if (entry.seq !== seq + 1) return { kind: 'missing', seq: seq + 1 }
    if (entry.seq > head.lastSeq) return { kind: 'lengthened', seq: entry.seq }
    if (entry.prev !== prev || entryHash(entry, prev) !== entry.hash) return { kind: 'changed', seq: entry.seq }
    seq = entry.seq
    prev = entry.hash
  }
  if (seq < head.lastSeq) return { kind: 'shortened', seq: seq + 1, last: head.lastSeq }
  return prev === head.lastHash ? undefined : { kind: 'end-changed', seq }
}

/** Entries that are looked at between two breaths. */
const SLICE = 25

/**
 * Looks at a chain that nobody's head speaks of, in slices, so that others have their turn between them.
 * @param after the link that its first entry follows
 */
export async function checkLooseChain(
  entries: readonly KeptEntry[],
  breath: Breath = noBreath,
  after = NO_LINK,
): Promise<RecordFault | undefined> {
  let from = after
  for (let at = 0; at < entries.length; at += SLICE) {
    await breath()
    const slice = entries.slice(at, at + SLICE)
    const last = slice.at(-1)
    if (!last) break
    const fault = checkChain(slice, { lastSeq: last.seq, lastHash: last.hash }, from)
    if (fault) return fault
    from = last
  }
  return undefined
}

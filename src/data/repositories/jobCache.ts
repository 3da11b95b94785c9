import { foldMany } from '@/core/record/journal/fold'
import { type Folded, newFold } from '@/core/record/journal/folded'
import type { KeptEntry } from '@/core/record/journal/entry'
import { type RecordFault, holdsUpTo } from '@/core/record/journal/recordFault'
import { isClosed } from '@/core/record/state/state'
import { type RecordHead, checkChain } from '@/formats/chain/checkChain'
import type { Database } from '../database'
import { NO_HASH } from '@/formats/chain/entryHash'
import { readEntries } from './journalRows'

/** A job folded in memory. Of a record that is not whole, only what holds is folded. */
export interface CachedJob {
  readonly folded: Folded
  hash: string
  /** what is wrong with the record as its head was then */
  broken?: { readonly fault: RecordFault; readonly head: RecordHead }
}

/** Folded jobs in server memory, with the tail of each job's chain; and who is appending now. */
export interface JobCache {
  readonly folded: Map<string, CachedJob>
  readonly turns: Map<string, Promise<unknown>>
  /** when the bench itself writes: what one job found in a tool, told to another */
  readonly now: () => Date
  /** how often a check has found a record to be another than memory thought */
  surprises: number
}

export const newJobCache = (now: JobCache['now'] = () => new Date()): JobCache => ({
  folded: new Map(),
  turns: new Map(),
  now,
  surprises: 0,
})

export interface JobHead extends RecordHead {
  readonly closed: boolean
}

/** The job in memory as its head says that it stands: only what is newer is read, and every link that is read is looked at. */
export async function catchUp(db: Database, cache: JobCache, jobId: string, head: JobHead): Promise<CachedJob> {
  const known = cache.folded.get(jobId)
  if (known?.broken) {
    const { lastSeq, lastHash } = known.broken.head
    if (lastSeq === head.lastSeq && lastHash === head.lastHash) return known
  } else if (known) {
    const { seq } = known.folded.state
    if (seq === head.lastSeq && known.hash === head.lastHash) return known
    if (seq < head.lastSeq) {
      const newer = await readEntries(db, jobId, seq)
      // what memory follows from is still there: else somebody wrote below it, and all of it is looked at again
      if (newer[0]?.prev === known.hash && checkChain(newer, head, { seq, hash: known.hash }) === undefined) {
        foldMany(known.folded, newer)
        known.hash = head.lastHash
        return known
      }
    }
  }
  // a database that was put back has fewer entries than memory
  const read = foldRecord(await readEntries(db, jobId, 0), head)
  cache.folded.set(jobId, read)
  return read
}

/** Folds a record from nothing, as far as it holds. */
export function foldRecord(entries: readonly KeptEntry[], head: JobHead): CachedJob {
  const chainFault = checkChain(entries, head)
  const holding = chainFault ? entries.slice(0, holdsUpTo(chainFault)) : entries
  const { folded, unreadable } = foldReadable(holding)
  const fault: RecordFault | undefined = unreadable ?? chainFault ?? signatureFault(folded, head)
  return {
    folded,
    hash: entries[folded.state.seq - 1]?.hash ?? NO_HASH,
    ...(fault && { broken: { fault, head: { lastSeq: head.lastSeq, lastHash: head.lastHash } } }),
  }
}

function foldReadable(entries: readonly KeptEntry[]): { readonly folded: Folded; readonly unreadable?: RecordFault } {
  const folded = newFold()
  try {
    foldMany(folded, entries)
    return { folded }
  } catch {
    // the entry on which it broke may have been folded in part: fold again, without it
    const seq = folded.state.seq + 1
    const before = newFold()
    foldMany(before, entries.slice(0, seq - 1))
    return { folded: before, unreadable: { kind: 'unreadable', seq } }
  }
}

function signatureFault({ state }: Folded, { closed }: JobHead): RecordFault | undefined {
  if (closed === isClosed(state)) return undefined
  return { kind: closed ? 'signature-lost' : 'signature-unknown', seq: state.seq }
}

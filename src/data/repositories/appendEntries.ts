import { eq, inArray } from 'drizzle-orm'
import { inTurn } from '@/core/base/inTurn'
import { type Result, fail, ok } from '@/core/base/result'
import { collision } from '@/core/record/journal/collision'
import type { Entry, KeptEntry, NewEntry } from '@/core/record/journal/entry'
import type { Moment, Refusal } from '@/core/record/journal/entryKind'
import { foldEntry } from '@/core/record/journal/fold'
import { type Folded, seqOf } from '@/core/record/journal/folded'
import type { RecordFault } from '@/core/record/journal/recordFault'
import { partsUsed } from '@/core/record/standing/partsUsed'
import { isClosed } from '@/core/record/state/state'
import { refusalOf } from '@/core/work/left/refusalOf'
import { canonicalText } from '@/formats/chain/canonicalText'
import type { Database } from '../database'
import { entryHash } from '@/formats/chain/entryHash'
import { job, journalEntry, photo } from '../schema'
import { untoldFindings } from './findings'
import { type CachedJob, type JobCache, catchUp } from './jobCache'
import { readEntries, toRow } from './journalRows'
import { takeFromSpool } from './spools'
import { settleParts } from './stock'

export type AppendFault =
  | { readonly kind: 'not-found' }
  | { readonly kind: 'conflict'; readonly entry: string; readonly entries: readonly KeptEntry[]; readonly last: number }
  | { readonly kind: 'refused'; readonly entry: string; readonly refusal: Refusal }
  | { readonly kind: 'ahead'; readonly seen: number; readonly last: number }
  /** the id is there with other content: what stands there is answered */
  | { readonly kind: 'id-taken'; readonly entry: string; readonly kept: KeptEntry }
  /** nothing more is written to a record that is not whole */
  | { readonly kind: 'broken'; readonly fault: RecordFault }

export interface Append {
  readonly jobId: string
  /** the last sequence number that the writer had seen */
  readonly seen: number
  readonly entries: readonly NewEntry[]
  /** whoever an entry does not name */
  readonly by: string
  readonly now: Date
  /** the day at the bench of a time */
  readonly dayOf?: Moment['dayOf']
  /** contacts that the tools which are mounted have closed since they were verified */
  readonly made?: Moment['made']
}

/** Writes down in a job what other jobs found in the tools that it used. */
export async function tell(db: Database, cache: JobCache, jobId: string, folded: Folded): Promise<void> {
  const seen = folded.state.seq
  for (const { entry, by } of await untoldFindings(db, jobId, folded))
    await appendInTurn(db, cache, { jobId, seen, entries: [entry], by, now: cache.now() })
}

/**
 * Appends entries in one transaction, all or none. Each is judged against the state that the ones before it make.
 * An entry whose id is there already is answered with what was written then.
 */
export function appendEntries(
  db: Database,
  cache: JobCache,
  append: Append,
): Promise<Result<readonly KeptEntry[], AppendFault>> {
  return inTurn(cache.turns, append.jobId, async () => {
    const cached = cache.folded.get(append.jobId)
    // what others found in its tools is known before anything more is written
    if (cached && !cached.broken) await tell(db, cache, append.jobId, cached.folded)
    return appendInTurn(db, cache, append)
  })
}

async function appendInTurn(
  db: Database,
  cache: JobCache,
  append: Append,
): Promise<Result<readonly KeptEntry[], AppendFault>> {
  try {
    return await db.transaction(async (tx) => {
      const [head] = await tx.select().from(job).where(eq(job.id, append.jobId)).for('update')
      if (!head) return fail<AppendFault>({ kind: 'not-found' })
      const cached = await catchUp(tx, cache, append.jobId, head)
      if (cached.broken) return fail<AppendFault>({ kind: 'broken', fault: cached.broken.fault })
      const written = await writeEntries(tx, cached, append, head.lastSeq)
      // refused in the middle of a batch: memory holds entries that are not written
      if (!written.ok && cached.folded.state.seq > head.lastSeq) cache.folded.delete(append.jobId)
      return written
    })
  } catch (error) {
    // what was folded did not land: read it again from the database
    cache.folded.delete(append.jobId)
    throw error
  }
}

async function writeEntries(
  tx: Database,
  cached: CachedJob,
  append: Append,
  lastSeq: number,
): Promise<Result<readonly KeptEntry[], AppendFault>> {
  const { folded } = cached
  if (append.seen > lastSeq) return fail({ kind: 'ahead', seen: append.seen, last: lastSeq })
  const photos = await storedPhotos(tx, append.entries)
  const repeated: number[] = []
  const kept: KeptEntry[] = []
  for (const wanted of append.entries) {
    const by = wanted.by ?? append.by
    const known = seqOf(folded, wanted.id)
    if (known !== undefined) {
      const before = folded.log[known]?.entry as KeptEntry | undefined
      if (before && !saysTheSame(before, { ...wanted, by })) {
        const [stands] = await readEntries(tx, append.jobId, known - 1, 1)
        return fail({ kind: 'id-taken', entry: wanted.id, kept: stands ?? before })
      }
      repeated.push(known)
      continue
    }
    const entry = { ...wanted, seq: folded.state.seq + 1, at: append.now.toISOString(), by } as Entry
    // held against what others wrote, not against what this batch itself has just said
    if (collision(folded, entry, append.seen, lastSeq) !== undefined)
      return fail({
        kind: 'conflict',
        entry: wanted.id,
        entries: await readEntries(tx, append.jobId, append.seen, 200),
        last: lastSeq,
      })
    const refusal =
      entry.kind === 'photo-taken' && !photos.has(entry.photo)
        ? ({ kind: 'unknown', what: 'photo', id: entry.photo } as const)
        : refusalOf(folded, entry, { at: entry.at, by, dayOf: append.dayOf, made: append.made })
    if (refusal) return fail({ kind: 'refused', entry: wanted.id, refusal })
    const prev = kept.at(-1)?.hash ?? cached.hash
    const record = { ...entry, prev, hash: entryHash(entry, prev) }
    foldEntry(folded, record)
    kept.push(record)
  }
  if (kept.length > 0) await keep(tx, cached, append.jobId, kept)
  if (repeated.length === 0) return ok(kept)
  const before = await readEntries(tx, append.jobId, Math.min(...repeated) - 1)
  return ok(before.filter((entry) => repeated.includes(entry.seq) || kept.some((one) => one.seq === entry.seq)))
}

/** Writes what was admitted: rows, head, spools, and with the signature what was taken from the shelf. */
async function keep(tx: Database, cached: CachedJob, jobId: string, kept: readonly KeptEntry[]): Promise<void> {
  const { folded } = cached
  const last = kept.at(-1)
  if (!last) return
  for (const entry of kept) await settleSpool(tx, folded, entry)
  await tx.insert(journalEntry).values(kept.map((entry) => toRow(jobId, entry)))
  await tx
    .update(job)
    .set({ lastSeq: last.seq, lastHash: last.hash, closed: isClosed(folded.state) })
    .where(eq(job.id, jobId))
  if (isClosed(folded.state)) await settleParts(tx, jobId, partsUsed(folded.state))
  cached.hash = last.hash
}

/** Is it what was written before? Time and place in the chain are the bench's. */
function saysTheSame(
  { seq: _seq, at: _at, prev: _prev, hash: _hash, ...before }: KeptEntry,
  wanted: NewEntry,
): boolean {
  return canonicalText(before) === canonicalText(wanted)
}

/** Which of the photos that entries name are photos of this bench. */
async function storedPhotos(tx: Database, entries: readonly NewEntry[]): Promise<ReadonlySet<string>> {
  const named = entries.flatMap((entry) => (entry.kind === 'photo-taken' ? [entry.photo] : []))
  if (named.length === 0) return new Set()
  const rows = await tx.select({ id: photo.id }).from(photo).where(inArray(photo.id, named))
  return new Set(rows.map((row) => row.id))
}

/** What is cut comes off its spool in the same transaction; a cut that is taken back was never made. */
async function settleSpool(tx: Database, folded: Folded, entry: KeptEntry): Promise<void> {
  const meant = entry.kind === 'taken-back' ? folded.log[seqOf(folded, entry.undoes) ?? -1]?.entry : entry
  if (meant?.kind !== 'wire-cut' || meant.spool === undefined) return
  await takeFromSpool(tx, meant.spool, entry.kind === 'taken-back' ? -meant.lengthMm : meant.lengthMm)
}

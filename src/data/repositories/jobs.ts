import { and, asc, desc, eq, gt, sql } from 'drizzle-orm'
import type { Entry, KeptEntry, NewEntry } from '@/core/record/journal/entry'
import { inTurn } from '@/core/base/inTurn'
import type { Moment, Refusal } from '@/core/record/journal/entryKind'
import { foldEntry, foldMany } from '@/core/record/journal/fold'
import { type Folded, newFold, seqOf } from '@/core/record/journal/folded'
import { partsUsed } from '@/core/record/standing/partsUsed'
import { isClosed } from '@/core/record/state/state'
import { type Result, fail, ok } from '@/core/base/result'
import type { Database } from '../database'
import { NO_HASH, entryHash } from '../entryHash'
import { job, journalEntry } from '../schema'
import { untoldFindings } from './findings'
import { takeFromSpool } from './spools'
import { settleParts } from './stock'
import { collision } from '@/core/record/journal/collision'
import { refusalOf } from '@/core/work/left/refusalOf'

/** Folded jobs in server memory, with the tail of each job's chain; and who is appending now. */
export interface JobCache {
  readonly folded: Map<string, { readonly folded: Folded; hash: string }>
  readonly turns: Map<string, Promise<unknown>>
  /** when the bench itself writes: what one job found in a tool, told to another */
  readonly now: () => Date
}

export const newJobCache = (now: JobCache['now'] = () => new Date()): JobCache => ({
  folded: new Map(),
  turns: new Map(),
  now,
})

export type AppendFault =
  | { readonly kind: 'not-found' }
  | { readonly kind: 'conflict'; readonly entry: string; readonly entries: readonly KeptEntry[]; readonly last: number }
  | { readonly kind: 'refused'; readonly entry: string; readonly refusal: Refusal }
  | { readonly kind: 'ahead'; readonly seen: number; readonly last: number }

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
}

const toKept = (row: typeof journalEntry.$inferSelect, prev: string): KeptEntry =>
  ({
    ...(row.body as object),
    seq: row.seq,
    id: row.entryId,
    kind: row.kind,
    at: row.at,
    by: row.by,
    prev,
    hash: row.hash,
  }) as KeptEntry

const toRow = (jobId: string, entry: KeptEntry): typeof journalEntry.$inferInsert => {
  const { seq, id, kind, at, by, prev: _prev, hash, ...body } = entry
  return { jobId, seq, entryId: id, kind, at, by, body, hash }
}

/** So many rows go to the database as one text. */
const ROWS_AT_ONCE = 4000

/** Many rows as one JSON text: a parameter for each cell of twenty thousand rows takes seconds. */
async function insertMany(tx: Database, rows: readonly (typeof journalEntry.$inferInsert)[]): Promise<void> {
  const text = JSON.stringify(
    rows.map(({ jobId, entryId, ...rest }) => ({ job_id: jobId, entry_id: entryId, ...rest })),
  )
  await tx.execute(sql`
    insert into ${journalEntry} (job_id, seq, entry_id, kind, at, "by", body, hash)
    select job_id, seq, entry_id, kind, at, "by", body, hash
    from jsonb_to_recordset(${text}::jsonb)
      as row(job_id text, seq int, entry_id text, kind text, at text, "by" text, body jsonb, hash text)`)
}

/** Entries after a sequence number, each with the hash of the one before it. */
export async function readEntries(
  db: Database,
  jobId: string,
  after: number,
  limit?: number,
): Promise<readonly KeptEntry[]> {
  const from = Math.max(0, after - 1)
  const query = db
    .select()
    .from(journalEntry)
    .where(and(eq(journalEntry.jobId, jobId), gt(journalEntry.seq, from)))
    .orderBy(asc(journalEntry.seq))
  const rows = await (limit === undefined ? query : query.limit(limit + (after > 0 ? 1 : 0)))
  let prev = NO_HASH
  return rows
    .map((row) => {
      const kept = toKept(row, prev)
      prev = row.hash
      return kept
    })
    .filter((entry) => entry.seq > after)
}

/** The job as it stands: folded in memory, only what is newer is read. Undefined when there is no such job. */
export function loadJob(db: Database, cache: JobCache, jobId: string): Promise<Folded | undefined> {
  // in turn with appends: what one of them has folded but not yet written is nobody else's to see
  return inTurn(cache.turns, jobId, async () => {
    const [head] = await db.select().from(job).where(eq(job.id, jobId))
    if (!head) return undefined
    const cached = await catchUp(db, cache, jobId, head.lastSeq)
    await tell(db, cache, jobId, cached.folded)
    return cache.folded.get(jobId)?.folded ?? cached.folded
  })
}

/** Writes down in a job what other jobs found in the tools that it used. */
async function tell(db: Database, cache: JobCache, jobId: string, folded: Folded): Promise<void> {
  const seen = folded.state.seq
  for (const { entry, by } of await untoldFindings(db, jobId, folded))
    await appendInTurn(db, cache, { jobId, seen, entries: [entry], by, now: cache.now() })
}

async function catchUp(db: Database, cache: JobCache, jobId: string, lastSeq: number) {
  let cached = cache.folded.get(jobId)
  // a database that was put back has fewer entries than memory
  if (!cached || cached.folded.state.seq > lastSeq) {
    cached = { folded: newFold(), hash: NO_HASH }
    cache.folded.set(jobId, cached)
  }
  if (cached.folded.state.seq < lastSeq) {
    const newer = await readEntries(db, jobId, cached.folded.state.seq)
    foldMany(cached.folded, newer)
    cached.hash = newer.at(-1)?.hash ?? cached.hash
  }
  return cached
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
    const folded = cache.folded.get(append.jobId)?.folded
    // what others found in its tools is known before anything more is written
    if (folded) await tell(db, cache, append.jobId, folded)
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
      const cached = await catchUp(tx, cache, append.jobId, head.lastSeq)
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
  cached: { readonly folded: Folded; hash: string },
  append: Append,
  lastSeq: number,
): Promise<Result<readonly KeptEntry[], AppendFault>> {
  const { folded } = cached
  if (append.seen > lastSeq) return fail({ kind: 'ahead', seen: append.seen, last: lastSeq })
  const repeated: number[] = []
  const kept: KeptEntry[] = []
  for (const wanted of append.entries) {
    const known = seqOf(folded, wanted.id)
    if (known !== undefined) {
      repeated.push(known)
      continue
    }
    const by = wanted.by ?? append.by
    const entry = { ...wanted, seq: folded.state.seq + 1, at: append.now.toISOString(), by } as Entry
    const collides = kept.length === 0 ? collision(folded, entry, append.seen) : undefined
    if (collides !== undefined)
      return fail({
        kind: 'conflict',
        entry: wanted.id,
        entries: await readEntries(tx, append.jobId, append.seen, 200),
        last: lastSeq,
      })
    const refusal = refusalOf(folded, entry, { at: entry.at, by, dayOf: append.dayOf })
    if (refusal) return fail({ kind: 'refused', entry: wanted.id, refusal })
    const prev = kept.at(-1)?.hash ?? cached.hash
    const record = { ...entry, prev, hash: entryHash(entry, prev) }
    foldEntry(folded, record)
    kept.push(record)
  }
  const last = kept.at(-1)
  if (last) {
    for (const entry of kept) await settleSpool(tx, folded, entry)
    await tx.insert(journalEntry).values(kept.map((entry) => toRow(append.jobId, entry)))
    await tx
      .update(job)
      .set({ lastSeq: last.seq, lastHash: last.hash, closed: isClosed(folded.state) })
      .where(eq(job.id, append.jobId))
    // what was taken from the shelf is settled with what was used, in the same transaction as the signature
    if (isClosed(folded.state)) await settleParts(tx, append.jobId, partsUsed(folded.state))
    cached.hash = last.hash
  }
  if (repeated.length === 0) return ok(kept)
  const before = await readEntries(tx, append.jobId, Math.min(...repeated) - 1)
  return ok(before.filter((entry) => repeated.includes(entry.seq) || kept.some((one) => one.seq === entry.seq)))
}

/** What is cut comes off its spool in the same transaction; a cut that is taken back was never made. */
async function settleSpool(tx: Database, folded: Folded, entry: KeptEntry): Promise<void> {
  const meant = entry.kind === 'taken-back' ? folded.log[seqOf(folded, entry.undoes) ?? -1]?.entry : entry
  if (meant?.kind !== 'wire-cut' || meant.spool === undefined) return
  await takeFromSpool(tx, meant.spool, entry.kind === 'taken-back' ? -meant.lengthMm : meant.lengthMm)
}

/** When and by whom an entry was written elsewhere, and its place in the chain there, where that was found whole. */
export interface RecordStamp {
  readonly at: string
  readonly by: string
  readonly chain?: { readonly seq: number; readonly prev: string; readonly hash: string }
}

export interface NewJob {
  readonly id: string
  readonly entries: readonly NewEntry[]
  /** where the entries come with their own stamps: a job that is read from a file, its chain checked */
  readonly stamps?: readonly RecordStamp[]
  readonly by: string
  readonly now: Date
  readonly dayOf?: Moment['dayOf']
}

/** An entry of a record that would not be admitted if somebody wrote it today. */
export interface Remark {
  readonly seq: number
  readonly refusal: Refusal
}

/**
 * Makes a job with its first entries, all or none. Entries with stamps of their own were admitted where they were written: what
 * speaks against one of them today is a remark, no refusal. Only an id that is there twice is none that a record can have.
 */
export async function createJob(
  db: Database,
  cache: JobCache,
  made: NewJob,
): Promise<
  Result<
    { readonly id: string; readonly remarks: readonly Remark[] },
    Extract<AppendFault, { kind: 'refused' }> & { readonly index: number }
  >
> {
  const folded = newFold()
  const remarks: Remark[] = []
  const kept: KeptEntry[] = []
  for (const [index, wanted] of made.entries.entries()) {
    const { at, by, chain }: RecordStamp = made.stamps?.[index] ?? {
      at: made.now.toISOString(),
      by: wanted.by ?? made.by,
    }
    const entry = { ...wanted, seq: index + 1, at, by } as Entry
    const twice = seqOf(folded, wanted.id) !== undefined
    const refusal = twice
      ? ({ kind: 'id-twice', id: wanted.id } as const)
      : refusalOf(folded, entry, { at, by, dayOf: made.dayOf })
    if (refusal && (twice || !made.stamps)) return fail({ kind: 'refused', entry: wanted.id, refusal, index })
    if (refusal) remarks.push({ seq: entry.seq, refusal })
    const prev = kept.at(-1)?.hash ?? NO_HASH
    // a link that fits was checked when the record was read: it is not worked out a second time
    const fits = chain?.seq === entry.seq && chain.prev === prev
    const record = { ...entry, prev, hash: fits ? chain.hash : entryHash(entry, prev) }
    foldEntry(folded, record)
    kept.push(record)
  }
  const last = kept.at(-1)
  await db.transaction(async (tx) => {
    await tx.insert(job).values({
      id: made.id,
      createdAt: made.now,
      lastSeq: last?.seq ?? 0,
      lastHash: last?.hash ?? NO_HASH,
      closed: isClosed(folded.state),
    })
    for (let from = 0; from < kept.length; from += ROWS_AT_ONCE)
      await insertMany(
        tx,
        kept.slice(from, from + ROWS_AT_ONCE).map((entry) => toRow(made.id, entry)),
      )
  })
  cache.folded.set(made.id, { folded, hash: last?.hash ?? NO_HASH })
  return ok({ id: made.id, remarks })
}

/** Heads of all jobs, or of the open or closed ones, newest first. */
export const listJobs = (db: Database, closed?: boolean): Promise<(typeof job.$inferSelect)[]> =>
  db
    .select()
    .from(job)
    .where(closed === undefined ? undefined : eq(job.closed, closed))
    .orderBy(desc(job.createdAt))

import { and, asc, eq, sql } from 'drizzle-orm'
import { type Result, fail, ok } from '@/core/base/result'
import type { Entry, KeptEntry, NewEntry } from '@/core/record/journal/entry'
import type { Moment, Refusal } from '@/core/record/journal/entryKind'
import { foldEntry } from '@/core/record/journal/fold'
import { newFold, seqOf } from '@/core/record/journal/folded'
import { isClosed } from '@/core/record/state/state'
import { refusalOf } from '@/core/work/left/refusalOf'
import { newBreath } from '../breath'
import type { Database } from '../database'
import { NO_HASH, entryHash } from '../entryHash'
import { job, journalEntry, requestKey } from '../schema'
import { type SentPhoto, insertPhotos } from './recordPhotos'
import type { JobCache } from './jobCache'
import { insertEntries } from './journalRows'

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
  /** it was made elsewhere: the file that it came in, and whether a copy of what is here already is wanted */
  readonly readIn?: { readonly file?: string | undefined; readonly copy?: boolean }
  /** pictures that came with it, looked at already */
  readonly photos?: readonly SentPhoto[]
  /** the same key gives the same job */
  readonly key?: string | undefined
  readonly by: string
  readonly now: Date
  readonly dayOf?: Moment['dayOf']
}

/** An entry of a record that would not be admitted if somebody wrote it today. */
export interface Remark {
  readonly seq: number
  readonly refusal: Refusal
}

export interface MadeJob {
  readonly id: string
  /** it was here before, by its chain or by the key of the request: nothing was written */
  readonly already?: boolean
  readonly remarks: readonly Remark[]
}

export type CreateFault =
  | { readonly kind: 'refused'; readonly entry: string; readonly refusal: Refusal; readonly index: number }
  /** a job that is here begins alike and goes on otherwise from an entry on */
  | { readonly kind: 'forked'; readonly job: string; readonly seq: number }

/**
 * Makes a job with its first entries, all or none. Entries with stamps of their own were admitted where they were written: what
 * speaks against one of them today is a remark, no refusal. Only an id that is there twice is none that a record can have.
 * A record that is here already is answered with the job that it is.
 */
export async function createJob(db: Database, cache: JobCache, made: NewJob): Promise<Result<MadeJob, CreateFault>> {
  const folding = await foldNew(made)
  if (!folding.ok) return folding
  const { folded, kept, remarks } = folding.value
  const last = kept.at(-1)
  const found = await db.transaction(async (tx): Promise<Result<MadeJob, CreateFault>> => {
    // two that bring the same take turns
    await tx.execute(sql`select pg_advisory_xact_lock(41003)`)
    if (made.key !== undefined) {
      const [known] = await tx.select().from(requestKey).where(eq(requestKey.key, made.key))
      if (known) return ok({ id: known.jobId, already: true, remarks: [] })
    }
    const here = made.readIn ? await sameBeginning(tx, kept) : undefined
    // a record that came without its pictures gets them when it is read in with them
    if (here?.whole !== false || made.readIn?.copy === true) await insertPhotos(tx, made.photos ?? [], made.now)
    if (here && made.readIn?.copy !== true)
      return here.whole ? ok({ id: here.job, already: true, remarks: [] }) : fail({ ...here, kind: 'forked' })
    await tx.insert(job).values({
      id: made.id,
      createdAt: made.now,
      lastSeq: last?.seq ?? 0,
      lastHash: last?.hash ?? NO_HASH,
      closed: isClosed(folded.state),
      ...(made.readIn && {
        readIn: {
          by: made.by,
          at: made.now.toISOString(),
          entries: kept.length,
          ...(made.readIn.file !== undefined && { file: made.readIn.file }),
        },
      }),
      ...(here && { copyOf: here.job }),
    })
    await insertEntries(tx, made.id, kept)
    if (made.key !== undefined)
      await tx.insert(requestKey).values({ key: made.key, jobId: made.id, createdAt: made.now })
    return ok({ id: made.id, remarks })
  })
  if (found.ok && found.value.id === made.id) cache.folded.set(made.id, { folded, hash: last?.hash ?? NO_HASH })
  return found
}

/** Judges and folds the first entries of a job that is not written yet. */
async function foldNew(made: NewJob) {
  const breath = newBreath()
  const folded = newFold()
  const remarks: Remark[] = []
  const kept: KeptEntry[] = []
  for (const [index, wanted] of made.entries.entries()) {
    await breath()
    const { at, by, chain }: RecordStamp = made.stamps?.[index] ?? {
      at: made.now.toISOString(),
      by: wanted.by ?? made.by,
    }
    const entry = { ...wanted, seq: index + 1, at, by } as Entry
    const twice = seqOf(folded, wanted.id) !== undefined
    const refusal = twice
      ? ({ kind: 'id-twice', id: wanted.id } as const)
      : refusalOf(folded, entry, { at, by, dayOf: made.dayOf })
    if (refusal && (twice || !made.stamps))
      return fail<CreateFault>({ kind: 'refused', entry: wanted.id, refusal, index })
    if (refusal) remarks.push({ seq: entry.seq, refusal })
    const prev = kept.at(-1)?.hash ?? NO_HASH
    // a link that fits was checked when the record was read: it is not worked out a second time
    const fits = chain?.seq === entry.seq && chain.prev === prev
    const record = { ...entry, prev, hash: fits ? chain.hash : entryHash(entry, prev) }
    foldEntry(folded, record)
    kept.push(record)
  }
  return ok({ folded, kept, remarks })
}

/** A job that is here and begins with the same entry: is all of this record in it, or where does it part? Copies come last. */
async function sameBeginning(
  tx: Database,
  kept: readonly KeptEntry[],
): Promise<{ readonly job: string; readonly whole: boolean; readonly seq: number } | undefined> {
  const [first] = kept
  const last = kept.at(-1)
  if (!first || !last) return undefined
  const e = journalEntry
  const alike = await tx
    .select({ id: e.jobId })
    .from(e)
    .innerJoin(job, eq(job.id, e.jobId))
    .where(and(eq(e.seq, 1), eq(e.hash, first.hash)))
    .orderBy(sql`${job.copyOf} is not null`, asc(job.createdAt), asc(job.id))
  for (const { id } of alike) {
    const [same] = await tx
      .select({ hash: e.hash })
      .from(e)
      .where(and(eq(e.jobId, id), eq(e.seq, last.seq), eq(e.hash, last.hash)))
    if (same) return { job: id, whole: true, seq: last.seq }
  }
  const [original] = alike
  return original && { job: original.id, whole: false, seq: await partsAt(tx, original.id, kept) }
}

/** The first entry in which a record differs from that of a job. */
async function partsAt(tx: Database, jobId: string, kept: readonly KeptEntry[]): Promise<number> {
  const rows = await tx
    .select({ seq: journalEntry.seq, hash: journalEntry.hash })
    .from(journalEntry)
    .where(eq(journalEntry.jobId, jobId))
    .orderBy(asc(journalEntry.seq))
  const at = kept.findIndex((entry, i) => rows[i]?.hash !== entry.hash)
  return at < 0 ? kept.length : at + 1
}

import { and, asc, eq, sql } from 'drizzle-orm'
import { type Result, fail, ok } from '@/core/base/result'
import type { Entry, KeptEntry, NewEntry } from '@/core/record/journal/entry'
import type { Moment } from '@/core/record/journal/entryKind'
import { isClosed } from '@/core/record/state/state'
import { newBreath } from '../breath'
import type { Database } from '../database'
import { NO_HASH, entryHash } from '@/formats/chain/entryHash'
import { job, journalEntry, requestKey } from '../schema'
import { type SentPhoto, insertPhotos } from './recordPhotos'
import type { JobCache } from './jobCache'
import { insertEntries } from './journalRows'
import { NewRecord, type RefusedEntry, type Remark } from './newRecord'

/** When and by whom an entry was written elsewhere. */
export interface RecordStamp {
  readonly at: string
  readonly by: string
}

export interface NewJob {
  readonly id: string
  /** what is said first */
  readonly entries?: readonly NewEntry[]
  /** where those were written elsewhere, and are linked here */
  readonly stamps?: readonly RecordStamp[]
  /** in place of both: a record that was written elsewhere, its chain found whole, judged and folded */
  readonly record?: NewRecord
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

export interface MadeJob {
  readonly id: string
  /** it was here before, by its chain or by the key of the request: nothing was written */
  readonly already?: boolean
  readonly remarks: readonly Remark[]
}

export type CreateFault =
  | RefusedEntry
  /** a job that is here begins alike and goes on otherwise from an entry on */
  | { readonly kind: 'forked'; readonly job: string; readonly seq: number }

/** Makes a job with its first entries, all or none. A record that is here already is answered with the job that it is. */
export async function createJob(db: Database, cache: JobCache, made: NewJob): Promise<Result<MadeJob, CreateFault>> {
  const { folded, kept, remarks, refused } = made.record ?? (await recordOf(made))
  if (refused) return fail(refused)
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

async function recordOf(made: NewJob): Promise<NewRecord> {
  const record = new NewRecord(made.stamps ? 'elsewhere' : 'here', newBreath(), made.dayOf)
  await record.take(linked(made))
  return record
}

/** A job's first entries as they are kept, linked one by one. */
function* linked({ entries = [], stamps, by, now }: NewJob): Generator<KeptEntry> {
  let prev = NO_HASH
  for (const [index, wanted] of entries.entries()) {
    const stamp = stamps?.[index] ?? { at: now.toISOString(), by: wanted.by ?? by }
    const entry = { ...wanted, ...stamp, seq: index + 1 } as Entry
    const hash = entryHash(entry, prev)
    yield { ...entry, prev, hash }
    prev = hash
  }
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

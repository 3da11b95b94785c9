import { and, asc, desc, eq, gt, sql } from 'drizzle-orm'
import type { KeptEntry } from '@/core/record/journal/entry'
import { newBreath } from '../breath'
import type { Database } from '../database'
import { NO_HASH } from '@/formats/chain/entryHash'
import { journalEntry } from '../schema'

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

/** What of an entry stands in its row besides its job. The hash before its own is that of the row before it. */
function rowOf({ seq, id: entryId, kind, at, by, prev: _prev, hash, ...body }: KeptEntry) {
  return { seq, entryId, kind, at, by, body, hash }
}

export const toRow = (jobId: string, entry: KeptEntry): typeof journalEntry.$inferInsert => ({
  jobId,
  ...rowOf(entry),
})

/** So many rows go to the database as one text: the embedded one holds up everything else for so long. */
const ROWS_AT_ONCE = 150

/**
 * Whether a transaction looks up the keys that its rows name. Only whoever owns the whole database may leave that out: a server
 * that is shared goes on as it does.
 */
const lookUpKeys = (tx: Database, looks: boolean) =>
  tx.execute(sql`
    select set_config('session_replication_role', ${looks ? 'origin' : 'replica'}, true)
    where current_setting('is_superuser') = 'on'`)

/**
 * Writes many entries of a job, which was written in the same transaction, as JSON texts: a parameter for each cell of twenty
 * thousand rows takes seconds, and to look up their job for each row a fifth of the time.
 */
export async function insertEntries(tx: Database, jobId: string, entries: readonly KeptEntry[]): Promise<void> {
  const breath = newBreath()
  await lookUpKeys(tx, false)
  for (let from = 0; from < entries.length; from += ROWS_AT_ONCE) {
    // an embedded database answers before anything else has its turn
    await breath()
    const rows = entries.slice(from, from + ROWS_AT_ONCE).map(rowOf)
    await tx.execute(sql`
      insert into ${journalEntry} (job_id, seq, entry_id, kind, at, "by", body, hash)
      select ${jobId}, seq, "entryId", kind, at, "by", body, hash
      from json_to_recordset(${JSON.stringify(rows)}::json)
        as row(seq int, "entryId" text, kind text, at text, "by" text, body jsonb, hash text)`)
  }
  await lookUpKeys(tx, true)
}

/** The number of the last entry that is stored of a job. */
export async function lastSeqOf(db: Database, jobId: string): Promise<number | undefined> {
  const [row] = await db
    .select({ seq: journalEntry.seq })
    .from(journalEntry)
    .where(eq(journalEntry.jobId, jobId))
    .orderBy(desc(journalEntry.seq))
    .limit(1)
  return row?.seq
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

import { and, eq, inArray, isNull, sql } from 'drizzle-orm'
import { alias } from 'drizzle-orm/pg-core'
import type { LedgerJob, LedgerLine } from '@/core/ledger/ledgerTypes'
import type { JobState } from '@/core/journal/state'
import { setKey } from '@/core/job/plan'
import { setupId } from '@/core/setup/setup'
import type { Database } from '../database'
import { journalEntry } from '../schema'

type Packed = readonly [seq: number, at: string, kind: LedgerLine['kind'], term: string | null, setup: string | null, tool: string | null, wire: string | null, side: 'a' | 'b' | null, heightMm: number | null, pullN: number | null, defect: string | null]

/**
 * The lines of all journals that the Ledger counts, without what was taken back: packed by the database into one row a job,
 * since a row for each of fifty thousand readings costs a second.
 */
export async function readLedgerLines(db: Database): Promise<ReadonlyMap<string, readonly LedgerLine[]>> {
  const e = journalEntry
  const undo = alias(journalEntry, 'undo')
  const rows = await db
    .select({
      job: e.jobId,
      lines: sql<readonly Packed[]>`json_agg(json_build_array(${e.seq}, ${e.at}, ${e.kind}, ${e.body}->'term', ${e.body}->'setup', ${e.body}->'tool', ${e.body}->'wire', ${e.body}->'side', ${e.body}->'heightMm', ${e.body}->'pullN', ${e.body}->'defect') order by ${e.seq})`,
    })
    .from(e)
    .leftJoin(undo, and(eq(undo.kind, 'taken-back'), eq(undo.jobId, e.jobId), sql`${undo.body}->>'undoes' = ${e.entryId}`))
    .where(and(inArray(e.kind, [...counted]), isNull(undo.seq)))
    .groupBy(e.jobId)
  return new Map(rows.map(({ job, lines }) => [job, lines.map(unpack)]))
}

const counted: readonly LedgerLine['kind'][] = ['crimped', 'crimp-rejected', 'first-piece', 'pull-sampled', 'tool-verified']

const unpack = ([seq, at, kind, term, setup, tool, wire, side, heightMm, pullN, defect]: Packed): LedgerLine => ({
  seq, at, kind, term: term ?? undefined, setup: setup ?? undefined, tool: tool ?? undefined, wire: wire ?? undefined, side: side ?? undefined,
  heightMm: heightMm ?? undefined, pullN: pullN ?? undefined, defect: defect ?? undefined,
})

/** A job's lines with what its sets ask. */
export const ledgerJob = (id: string, state: Pick<JobState, 'plan' | 'sets'>, lines: readonly LedgerLine[]): LedgerJob => ({
  id, title: state.plan.title, lines,
  setOf: (wire, side) => {
    const set = state.sets.get(setKey(wire, side))
    return set && { setup: setupId(set.setup), tool: set.setup.tool, contact: set.contact, height: set.height, minimumN: set.pull?.forceN }
  },
})

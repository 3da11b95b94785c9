import { eq, inArray, sql } from 'drizzle-orm'
import type { LedgerJob, LedgerLine } from '@/core/views/ledger/ledgerTypes'
import type { JobState } from '@/core/record/state/state'
import { setupId } from '@/core/craft/setup/setup'
import type { Database } from '../database'
import { journalEntry } from '../schema'
import { setKey } from '@/core/record/plan/keys'

type Packed = readonly [
  seq: number,
  at: string,
  kind: LedgerLine['kind'],
  entryId: string,
  body: Omit<LedgerLine, 'seq' | 'at' | 'kind' | 'passed'> & {
    readonly goEnters?: boolean
    readonly noGoStops?: boolean
  },
]

/**
 * The lines of all journals that the Ledger counts, without what was taken back: packed by the database into one text a job,
 * since a row for each of fifty thousand readings costs a second.
 */
export async function readLedgerLines(db: Database): Promise<ReadonlyMap<string, readonly LedgerLine[]>> {
  const e = journalEntry
  const [rows, undone] = await Promise.all([
    // ids, times and kinds need no escaping: their schemas allow no quote
    db
      .select({
        job: e.jobId,
        lines: sql<string>`string_agg('[' || ${e.seq} || ',"' || ${e.at} || '","' || ${e.kind} || '","' || ${e.entryId} || '",' || (${e.body} - 'looks' - 'facts')::text || ']', ',')`,
      })
      .from(e)
      .where(inArray(e.kind, [...counted]))
      .groupBy(e.jobId),
    db
      .select({ job: e.jobId, undoes: sql<string>`${e.body}->>'undoes'` })
      .from(e)
      .where(eq(e.kind, 'taken-back')),
  ])
  const gone = new Set(undone.map(({ job, undoes }) => `${job} ${undoes}`))
  return new Map(
    rows.map(({ job, lines }) => [
      job,
      (JSON.parse(`[${lines}]`) as Packed[])
        .filter(([, , , id]) => !gone.has(`${job} ${id}`))
        .map(unpack)
        .sort((x, y) => x.seq - y.seq),
    ]),
  )
}

const counted: readonly LedgerLine['kind'][] = [
  'crimped',
  'crimp-rejected',
  'first-piece',
  'pull-sampled',
  'tool-verified',
]

const unpack = ([
  seq,
  at,
  kind,
  ,
  { term, setup, tool, wire, side, heightMm, pullN, defect, goEnters, noGoStops },
]: Packed): LedgerLine => ({
  seq,
  at,
  kind,
  term,
  setup,
  tool,
  wire,
  side,
  heightMm,
  pullN,
  defect,
  ...(kind === 'tool-verified' && { passed: goEnters === true && noGoStops === true }),
})

/** A job's lines with what its sets ask. */
export const ledgerJob = (
  id: string,
  state: Pick<JobState, 'plan' | 'sets'>,
  lines: readonly LedgerLine[],
): LedgerJob => ({
  id,
  title: state.plan.title,
  lines,
  setOf: (wire, side) => {
    const set = state.sets.get(setKey(wire, side))
    return (
      set && {
        setup: setupId(set.setup),
        tool: set.setup.tool,
        contact: set.contact,
        height: set.height,
        minimumN: set.pull?.forceN,
      }
    )
  },
})

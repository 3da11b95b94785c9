import { and, eq, inArray, sql } from 'drizzle-orm'
import type { LedgerJob, LedgerLine, LedgerSet } from '@/core/views/ledger/ledgerTypes'
import type { JobState } from '@/core/record/state/state'
import { setupId } from '@/core/craft/setup/setup'
import type { Database } from '../database'
import { journalEntry } from '../schema'
import { setKey } from '@/core/record/plan/keys'

/** Between fields and between lines of what the database packs: control characters that no id holds. */
const FIELD = '\u001f'
const LINE = '\u001e'

/** What a line is made of, in the order in which it is packed. */
const common = ['term', 'setup', 'heightMm', 'pullN', 'defect'] as const
/** Only test pieces and gaugings have these. */
const seldom = ['wire', 'side', 'tool', 'goEnters', 'noGoStops', 'causeOf', 'text'] as const

const counted: readonly LedgerLine['kind'][] = [
  'crimped',
  'crimp-rejected',
  'first-piece',
  'pull-sampled',
  'tool-verified',
  'noted',
]

/**
 * The lines of all journals that the Ledger counts, without what was taken back: packed by the database into one text a job,
 * since a row for each of fifty thousand readings costs a second, and so does a text with all that an entry says.
 */
export async function readLedgerLines(db: Database): Promise<ReadonlyMap<string, readonly LedgerLine[]>> {
  const e = journalEntry
  // what people write may hold anything: the packing's own marks become blanks
  const field = (name: string) =>
    sql`translate(coalesce(${e.body}->>${sql.raw(`'${name}'`)}, ''), ${sql.raw(`E'\\x1e\\x1f'`)}, '  ')`
  const fields = (names: readonly string[]) => sql.join(names.map(field), sql` || ${sql.raw(`E'\\x1f'`)} || `)
  const mark = sql.raw(`E'\\x1f'`)
  const [rows, undone] = await Promise.all([
    db
      .select({
        job: e.jobId,
        lines: sql<string>`string_agg(${e.seq} || ${mark} || ${e.at} || ${mark} || ${e.kind} || ${mark} || ${e.entryId} || ${mark} || ${fields(common)} || case when ${e.kind} in ('crimped', 'crimp-rejected') then '' else ${mark} || ${fields(seldom)} end, ${sql.raw(`E'\\x1e'`)})`,
      })
      .from(e)
      .where(and(inArray(e.kind, [...counted]), sql`(${e.kind} <> 'noted' or ${e.body}->>'causeOf' is not null)`))
      .groupBy(e.jobId),
    db
      .select({ job: e.jobId, undoes: sql<string>`${e.body}->>'undoes'` })
      .from(e)
      .where(eq(e.kind, 'taken-back')),
  ])
  const gone = new Map<string, Set<string>>()
  for (const { job, undoes } of undone) {
    const ids = gone.get(job) ?? new Set()
    gone.set(job, ids.add(undoes))
  }
  return new Map(rows.map(({ job, lines }) => [job, unpackLines(lines, gone.get(job))]))
}

const bySeq = (one: LedgerLine, other: LedgerLine) => one.seq - other.seq

function unpackLines(text: string, gone: ReadonlySet<string> | undefined): readonly LedgerLine[] {
  const lines: LedgerLine[] = []
  for (const packed of text.split(LINE)) {
    const fields = packed.split(FIELD)
    if (gone?.has(fields[3] ?? '')) continue
    lines.push(unpack(fields))
  }
  return lines.sort(bySeq)
}

const text = (said: string | undefined) => (said === undefined || said === '' ? undefined : said)
const number = (said: string | undefined) => (said === undefined || said === '' ? undefined : Number(said))

function unpack([
  seq,
  at = '',
  kind,
  ,
  term,
  setup,
  heightMm,
  pullN,
  defect,
  wire,
  side,
  tool,
  goEnters,
  noGoStops,
  causeOf,
  said,
]: readonly string[]): LedgerLine {
  return {
    seq: Number(seq),
    at,
    kind: kind as LedgerLine['kind'],
    term: text(term),
    setup: text(setup),
    tool: text(tool),
    wire: text(wire),
    side: side === 'a' || side === 'b' ? side : undefined,
    heightMm: number(heightMm),
    pullN: number(pullN),
    defect: text(defect),
    ...(kind === 'noted' && { causeOf: number(causeOf), text: text(said) }),
    ...(kind === 'tool-verified' && { passed: goEnters === 'true' && noGoStops === 'true' }),
  }
}

/** A job's lines with what its sets ask. */
export function ledgerJob(id: string, state: Pick<JobState, 'plan' | 'sets'>, lines: readonly LedgerLine[]): LedgerJob {
  // asked for each line: a set is one and the same each time, so that what is made of it can be kept
  const sets = new Map(
    [...state.sets].map(([key, set]): [string, LedgerSet] => [
      key,
      {
        setup: setupId(set.setup),
        tool: set.setup.tool,
        contact: set.contact,
        ...(set.height && { height: set.height }),
        minimumN: set.pull?.forceN,
      },
    ]),
  )
  return { id, title: state.plan.title, lines, setOf: (wire, side) => sets.get(setKey(wire, side)) }
}

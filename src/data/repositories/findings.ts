import { createHash } from 'node:crypto'
import { and, desc, eq, inArray, lte, ne, sql } from 'drizzle-orm'
import type { EntryOf, NewEntry } from '@/core/record/journal/entry'
import { seqOf, type Folded } from '@/core/record/journal/folded'
import { type Setup, setupId } from '@/core/craft/setup/setup'
import { sharesPart } from '@/core/craft/setup/sharesPart'
import { suspectTerms } from '@/core/record/standing/suspects'
import type { Database } from '../database'
import { job, journalEntry } from '../schema'

/** A cause that another job found in a tool, as this job is told of it. */
interface TellFinding {
  readonly entry: NewEntry
  readonly by: string
}

const e = journalEntry

/** So many entries of a job came from elsewhere. */
const entriesReadIn = sql<number>`coalesce((${job.readIn}->>'entries')::int, 0)`

/** Written at this bench, in no copy: what came from elsewhere is about other tools, whatever they are called. */
const writtenHere = sql`${e.seq} > ${entriesReadIn} and ${job.copyOf} is null`

/**
 * What was found in tools by other jobs. A copy is told of nothing: what it copies is. Asked with each entry, and most often
 * there is nothing: the jobs are asked for only where there is.
 */
async function foundElsewhere(db: Database, jobId: string): Promise<readonly (typeof e.$inferSelect)[]> {
  const found = await db
    .select()
    .from(e)
    .where(and(eq(e.kind, 'tool-suspected'), ne(e.jobId, jobId), sql`${e.body}->>'foundIn' is null`))
  if (found.length === 0) return []
  const jobs = await db
    .select({ id: job.id, copyOf: job.copyOf, readIn: entriesReadIn })
    .from(job)
    .where(inArray(job.id, [jobId, ...found.map((row) => row.jobId)]))
  const byId = new Map(jobs.map((one) => [one.id, one]))
  if (isCopy(byId.get(jobId))) return []
  return found.filter((row) => {
    const by = byId.get(row.jobId)
    return by !== undefined && !isCopy(by) && row.seq > by.readIn
  })
}

const isCopy = (one: { readonly copyOf: string | null } | undefined): boolean => typeof one?.copyOf === 'string'

async function isTakenBack(db: Database, { jobId, entryId }: typeof e.$inferSelect): Promise<boolean> {
  const back = await db
    .select({ seq: e.seq })
    .from(e)
    .where(and(eq(e.kind, 'taken-back'), eq(e.jobId, jobId), sql`${e.body}->>'undoes' = ${entryId}`))
    .limit(1)
  return back.length > 0
}

/** An id that is the same at each telling: entries of two jobs may have one id. */
const toldId = ({ jobId, entryId }: typeof e.$inferSelect): string =>
  `found-${createHash('sha256').update(`${jobId} ${entryId}`).digest('hex').slice(0, 24)}`

/** When setups with the part were last released in any job, up to a moment: each release stands on good pieces. */
async function lastRelease(db: Database, setup: Setup, part: Said['part'], until: string): Promise<string | undefined> {
  const mounted = await db
    .selectDistinct({ setup: sql<Setup>`${e.body}->'setup'` })
    .from(e)
    .where(and(eq(e.kind, 'setup-mounted'), sql`${e.body}->'setup'->>'tool' = ${setup.tool}`))
  const ids = mounted.flatMap((row) => (sharesPart(row.setup, setup, part) ? [setupId(row.setup)] : []))
  if (ids.length === 0) return undefined
  const [last] = await db
    .select({ at: e.at })
    .from(e)
    .innerJoin(job, eq(job.id, e.jobId))
    .where(and(writtenHere, eq(e.kind, 'setup-released'), lte(e.at, until), inArray(sql`${e.body}->>'setup'`, ids)))
    .orderBy(desc(e.at))
    .limit(1)
  return last?.at
}

type Said = Pick<EntryOf<'tool-suspected'>, 'setup' | 'part' | 'cause'>

/**
 * What a job has not been told yet of causes that were found in tools elsewhere, where it has crimps that were made with them
 * since they were last seen good. Each as an entry of its own, whose id makes a second telling none.
 */
export async function untoldFindings(db: Database, jobId: string, folded: Folded): Promise<readonly TellFinding[]> {
  const untold: TellFinding[] = []
  for (const row of await foundElsewhere(db, jobId)) {
    const id = toldId(row)
    if (seqOf(folded, id) !== undefined) continue
    const { setup, part, cause } = row.body as Said
    const finding = { setup, part, until: row.at }
    if (suspectTerms(folded.state, finding).length === 0 || (await isTakenBack(db, row))) continue
    const since = await lastRelease(db, setup, part, row.at)
    // another job may have seen it good after this one's crimps
    if (suspectTerms(folded.state, { ...finding, since }).length === 0) continue
    untold.push({
      entry: {
        id,
        kind: 'tool-suspected',
        setup,
        part,
        cause,
        foundIn: row.jobId,
        foundAt: row.at,
        ...(since !== undefined && { since }),
      },
      by: row.by,
    })
  }
  return untold
}

import { desc, eq } from 'drizzle-orm'
import { inTurn } from '@/core/base/inTurn'
import type { Folded } from '@/core/record/journal/folded'
import type { Provenance, ReadIn } from '@/core/record/journal/recordFault'
import type { Database } from '../database'
import { isDiskFull } from '../daybook/diskRoom'
import { job } from '../schema'
import { tell } from './appendEntries'
import { type JobCache, catchUp } from './jobCache'

/** A job as it stands, and what is to be known of its record besides. */
export interface LoadedJob {
  readonly folded: Folded
  readonly provenance: Provenance
}

type Head = typeof job.$inferSelect

export const provenanceOf = ({ readIn, copyOf }: Pick<Head, 'readIn' | 'copyOf'>): Omit<Provenance, 'fault'> => ({
  ...(readIn !== null && { readIn: readIn as ReadIn }),
  ...(copyOf !== null && { copyOf }),
})

/** The job as it stands: folded in memory, only what is newer is read. Undefined when there is no such job. */
export function loadRecord(db: Database, cache: JobCache, jobId: string): Promise<LoadedJob | undefined> {
  // in turn with appends: what one of them has folded but not yet written is nobody else's to see
  return inTurn(cache.turns, jobId, async () => {
    const [head] = await db.select().from(job).where(eq(job.id, jobId))
    if (!head) return undefined
    const cached = await catchUp(db, cache, jobId, head)
    // what others found is told as soon as there is room: a full disk keeps nobody from reading
    if (!cached.broken)
      await tell(db, cache, jobId, cached.folded).catch((error: unknown) => {
        if (!isDiskFull(error)) throw error
      })
    const { folded, broken } = cache.folded.get(jobId) ?? cached
    return { folded, provenance: { ...provenanceOf(head), ...(broken && { fault: broken.fault }) } }
  })
}

/** The job as it stands, for those who ask nothing of its record. */
export const loadJob = async (db: Database, cache: JobCache, jobId: string): Promise<Folded | undefined> =>
  (await loadRecord(db, cache, jobId))?.folded

/** Heads of all jobs, or of the open or closed ones, newest first. */
export const listJobs = (db: Database, closed?: boolean): Promise<Head[]> =>
  db
    .select()
    .from(job)
    .where(closed === undefined ? undefined : eq(job.closed, closed))
    .orderBy(desc(job.createdAt))

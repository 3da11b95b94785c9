import { eq } from 'drizzle-orm'
import { z } from 'zod'
import type { HiddenFault } from '@/core/craft/practice/hiddenFault'
import { hiddenFaultSchema } from '@/core/craft/practice/hiddenFaultSchema'
import type { Database } from '../database'
import { meta } from '../schema'

const keyOf = (jobId: string) => `practice ${jobId}`

/** The faults that are hidden in a job's stand-in. They belong to no record. */
export async function readHidden(db: Database, jobId: string): Promise<readonly HiddenFault[]> {
  const [row] = await db
    .select()
    .from(meta)
    .where(eq(meta.key, keyOf(jobId)))
  const read = row ? z.array(hiddenFaultSchema).safeParse(JSON.parse(row.value)) : undefined
  return read?.success ? read.data : []
}

/** Hides these faults in place of those that were hidden. */
export async function writeHidden(db: Database, jobId: string, faults: readonly HiddenFault[]): Promise<void> {
  const value = JSON.stringify(faults)
  await db
    .insert(meta)
    .values({ key: keyOf(jobId), value })
    .onConflictDoUpdate({ target: meta.key, set: { value } })
}

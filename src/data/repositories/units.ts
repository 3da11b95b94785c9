import { eq } from 'drizzle-orm'
import { type BenchUnits, isBenchUnits } from '@/words/benchUnits'
import type { Database } from '../database'
import { meta } from '../schema'

const KEY = 'units'

/** What the bench says first. */
export async function readUnits(db: Database): Promise<BenchUnits> {
  const [row] = await db.select({ value: meta.value }).from(meta).where(eq(meta.key, KEY))
  return row && isBenchUnits(row.value) ? row.value : 'metric'
}

export async function writeUnits(db: Database, units: BenchUnits): Promise<void> {
  await db
    .insert(meta)
    .values({ key: KEY, value: units })
    .onConflictDoUpdate({ target: meta.key, set: { value: units } })
}

import { eq } from 'drizzle-orm'
import { isZone } from '@/core/base/benchDay'
import type { Database } from '../database'
import { meta } from '../schema'

const KEY = 'time-zone'

/** The machine's own zone: a bench's, until it says another. */
const machineZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone

/** The bench's time zone. */
export async function readZone(db: Database): Promise<string> {
  const [row] = await db.select({ value: meta.value }).from(meta).where(eq(meta.key, KEY))
  return row && isZone(row.value) ? row.value : machineZone()
}

/** Sets the bench's time zone. @throws RangeError for one that there is not */
export async function writeZone(db: Database, zone: string): Promise<void> {
  if (!isZone(zone)) throw new RangeError(`${zone} is no time zone`)
  await db
    .insert(meta)
    .values({ key: KEY, value: zone })
    .onConflictDoUpdate({ target: meta.key, set: { value: zone } })
}

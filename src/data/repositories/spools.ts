import { asc, eq, inArray, sql } from 'drizzle-orm'
import type { Database } from '../database'
import { spool } from '../schema'

export interface SpoolLine {
  readonly id: string
  readonly wireType: string
  readonly leftMm: number
}

/** Spools and off-cuts of some wire types, those with anything left, the shortest first: off-cuts are used before a spool is opened. */
export async function readSpools(db: Database, wireTypes: readonly string[]): Promise<readonly SpoolLine[]> {
  if (wireTypes.length === 0) return []
  const rows = await db
    .select()
    .from(spool)
    .where(inArray(spool.wireType, [...wireTypes]))
    .orderBy(asc(spool.leftMm), asc(spool.id))
  return rows.filter((row) => row.leftMm > 0).map(({ id, wireType, leftMm }) => ({ id, wireType, leftMm }))
}

/** Writes down what is left on a spool, as it was measured or as it came; nought takes it off the shelf. */
export async function countSpools(db: Database, counts: readonly SpoolLine[], now: Date): Promise<void> {
  await db.transaction(async (tx) => {
    for (const { id, wireType, leftMm } of counts) {
      await tx
        .insert(spool)
        .values({ id, wireType, leftMm, countedAt: now })
        .onConflictDoUpdate({ target: spool.id, set: { wireType, leftMm, countedAt: now } })
    }
  })
}

/** Takes a length off a spool, or puts it back when it is below nought. */
export const takeFromSpool = (tx: Database, id: string, lengthMm: number): Promise<unknown> =>
  tx
    .update(spool)
    .set({ leftMm: sql`greatest(0, ${spool.leftMm} - ${lengthMm}::float8)` })
    .where(eq(spool.id, id))

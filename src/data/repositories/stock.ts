import { eq, inArray, sql } from 'drizzle-orm'
import type { Database } from '../database'
import { reservation, stock } from '../schema'

/** A part's stock. Pieces, or millimetres of wire. */
export interface StockLine {
  readonly part: string
  readonly count: number
  readonly reorderLevel: number
  /** taken by jobs and not settled yet */
  readonly reserved: number
  readonly countedAt: string
}

/** The stock of all parts that have ever been counted. */
export async function readStock(db: Database): Promise<readonly StockLine[]> {
  const [lines, reserved] = await Promise.all([
    db.select().from(stock).orderBy(stock.part),
    db
      .select({ part: reservation.part, count: sql<number>`sum(${reservation.count})::float8` })
      .from(reservation)
      .groupBy(reservation.part),
  ])
  const taken = new Map(reserved.map((one) => [one.part, one.count]))
  return lines.map(({ part, count, reorderLevel, countedAt }) => ({
    part,
    count,
    reorderLevel,
    reserved: taken.get(part) ?? 0,
    countedAt: countedAt.toISOString(),
  }))
}

/** What one job has reserved, by part. */
export async function readReservation(db: Database, jobId: string): Promise<ReadonlyMap<string, number>> {
  const rows = await db.select().from(reservation).where(eq(reservation.jobId, jobId))
  return new Map(rows.map((row) => [row.part, row.count]))
}

export interface StockCount {
  readonly part: string
  readonly count: number
  /** left as it is when left out */
  readonly reorderLevel?: number | undefined
}

/** Writes counts down as they were made on the shelf: a count corrects whatever was thought before. One transaction. */
export async function countStock(db: Database, counts: readonly StockCount[], now: Date): Promise<void> {
  await db.transaction(async (tx) => {
    for (const { part, count, reorderLevel } of counts) {
      await tx
        .insert(stock)
        .values({ part, count, reorderLevel: reorderLevel ?? 0, countedAt: now })
        .onConflictDoUpdate({
          target: stock.part,
          set: { count, countedAt: now, ...(reorderLevel !== undefined && { reorderLevel }) },
        })
    }
  })
}

/**
 * Takes parts for a job: they are reserved, up to what is free. What the job had reserved before is replaced.
 * @returns parts of which less was free than wanted, with what is missing; a part that was never counted is wholly missing
 */
export async function takeParts(
  db: Database,
  jobId: string,
  wanted: readonly { readonly part: string; readonly count: number }[],
): Promise<readonly { readonly part: string; readonly missing: number }[]> {
  return db.transaction(async (tx) => {
    // jobs that take the same parts at once take turns
    await tx.execute(sql`select pg_advisory_xact_lock(41002)`)
    await tx.delete(reservation).where(eq(reservation.jobId, jobId))
    const lines = new Map((await readStock(tx)).map((line) => [line.part, line]))
    const missing: { part: string; missing: number }[] = []
    for (const { part, count } of wanted) {
      const line = lines.get(part)
      const free = line ? Math.max(0, line.count - line.reserved) : 0
      const take = Math.min(free, count)
      if (take < count) missing.push({ part, missing: count - take })
      if (take > 0) await tx.insert(reservation).values({ jobId, part, count: take })
    }
    return missing
  })
}

/** Gives back what a job has reserved: nothing was used. */
export async function returnParts(db: Database, jobId: string): Promise<void> {
  await db.delete(reservation).where(eq(reservation.jobId, jobId))
}

/** Ends a job's reservation with what it has used, scrap included: that much leaves the shelf, the rest is free again. Runs in the caller's transaction. */
export async function settleParts(tx: Database, jobId: string, used: ReadonlyMap<string, number>): Promise<void> {
  const reserved = await readReservation(tx, jobId)
  if (reserved.size === 0) return
  const parts = [...reserved.keys()]
  const lines = await tx.select().from(stock).where(inArray(stock.part, parts))
  for (const line of lines)
    await tx
      .update(stock)
      .set({ count: Math.max(0, line.count - (used.get(line.part) ?? 0)) })
      .where(eq(stock.part, line.part))
  await tx.delete(reservation).where(eq(reservation.jobId, jobId))
}

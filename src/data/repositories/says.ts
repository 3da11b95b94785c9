import { inArray, sql } from 'drizzle-orm'
import { type BenchSays, isBenchUnits } from '@/words/benchUnits'
import type { Database } from '../database'
import { meta } from '../schema'

const UNITS = 'units'
const CURRENCY = 'currency'

/** What the figures of this bench are said in. */
export async function readSays(db: Database): Promise<BenchSays> {
  const rows = await db
    .select()
    .from(meta)
    .where(inArray(meta.key, [UNITS, CURRENCY]))
  const units = rows.find((row) => row.key === UNITS)?.value ?? ''
  const currency = rows.find((row) => row.key === CURRENCY)?.value ?? ''
  return { units: isBenchUnits(units) ? units : 'metric', ...(isCurrency(currency) && { currency }) }
}

/** @throws RangeError for a currency that there is not */
export async function writeSays(db: Database, { units, currency }: BenchSays): Promise<void> {
  if (currency !== undefined && !isCurrency(currency)) throw new RangeError(`${currency} is no currency`)
  await db
    .insert(meta)
    .values([
      { key: UNITS, value: units },
      { key: CURRENCY, value: currency ?? '' },
    ])
    .onConflictDoUpdate({ target: meta.key, set: { value: sql`excluded.value` } })
}

const currencies: ReadonlySet<string> = new Set(Intl.supportedValuesOf('currency'))
export const isCurrency = (code: string): boolean => currencies.has(code)

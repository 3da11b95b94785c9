import { eq } from 'drizzle-orm'
import { expect, test } from 'vitest'
import { openTestDatabase } from '../database.testing'
import { meta } from '../schema'
import { readUnits, writeUnits } from './units'

test('a bench is metric until it says otherwise; what it said is said again, and nothing else is taken for it', async () => {
  const { db, close } = await openTestDatabase()
  expect(await readUnits(db)).toBe('metric')
  await writeUnits(db, 'gauge')
  expect(await readUnits(db)).toBe('gauge')
  await writeUnits(db, 'metric')
  await writeUnits(db, 'gauge')
  expect(await readUnits(db)).toBe('gauge')
  await db.update(meta).set({ value: 'furlongs' }).where(eq(meta.key, 'units'))
  expect(await readUnits(db)).toBe('metric')
  await close()
})

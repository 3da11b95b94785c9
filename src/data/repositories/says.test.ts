import { eq } from 'drizzle-orm'
import { expect, test } from 'vitest'
import { openTestDatabase } from '../database.testing'
import { meta } from '../schema'
import { readSays, writeSays } from './says'

test('a bench is metric and without a currency until it says otherwise; nothing that there is not is taken for it', async () => {
  const { db, close } = await openTestDatabase()
  expect(await readSays(db)).toEqual({ units: 'metric' })
  await writeSays(db, { units: 'gauge', currency: 'NOK' })
  expect(await readSays(db)).toEqual({ units: 'gauge', currency: 'NOK' })
  await writeSays(db, { units: 'gauge' })
  expect(await readSays(db)).toEqual({ units: 'gauge' })
  await expect(writeSays(db, { units: 'metric', currency: 'beads' })).rejects.toThrow('beads is no currency')
  expect(await readSays(db)).toEqual({ units: 'gauge' })
  await db.update(meta).set({ value: 'furlongs' }).where(eq(meta.key, 'units'))
  expect(await readSays(db)).toEqual({ units: 'metric' })
  await close()
})

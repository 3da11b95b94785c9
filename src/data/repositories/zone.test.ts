import { expect, test } from 'vitest'
import { openTestDatabase } from '../database.testing'
import { readZone, writeZone } from './zone'

test('a bench has the machine’s zone until it says its own, and never one that there is not', async () => {
  const { db, close } = await openTestDatabase()
  expect(await readZone(db)).toBe(Intl.DateTimeFormat().resolvedOptions().timeZone)
  await writeZone(db, 'Asia/Kathmandu')
  await writeZone(db, 'Europe/Berlin')
  expect(await readZone(db)).toBe('Europe/Berlin')
  await expect(writeZone(db, 'Kiln/Seven')).rejects.toThrow('Kiln/Seven is no time zone')
  expect(await readZone(db)).toBe('Europe/Berlin')
  await close()
})

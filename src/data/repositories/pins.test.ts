import { afterAll, beforeAll, expect, test } from 'vitest'
import { sql } from 'drizzle-orm'
import type { OpenDatabase } from '../database'
import { openTestDatabase } from '../database.testing'
import { addPeople, listPeople } from './people'
import { PIN_LOCK_MS, PIN_TRIES, checkPin, setPin, withPin } from './pins'

const now = new Date('2026-11-29T10:00:00Z')
const later = (ms: number) => new Date(now.getTime() + ms)

let opened: OpenDatabase
beforeAll(async () => {
  opened = await openTestDatabase()
  await addPeople(opened.db, [
    { id: 'ole', name: 'Ole', role: 'technician' },
    { id: 'ada', name: 'Ada', role: 'lead' },
  ])
})
afterAll(() => opened.close())

test('a PIN is kept as a slow hash with a salt of its own: two alike do not look alike, and neither is the PIN', async () => {
  const { db } = opened
  expect(await checkPin(db, 'ole', 'raft7', now)).toEqual({ kind: 'none' })
  expect(await setPin(db, 'ole', 'raft7')).toBe(true)
  expect(await setPin(db, 'ada', 'raft7')).toBe(true)
  expect([...(await withPin(db))].sort()).toEqual(['ada', 'ole'])
  expect((await listPeople(db)).map(({ hasPin }) => hasPin)).toEqual([true, true])
  const { rows } = (await db.execute(sql`select person, salt, hash from person_pin order by person`)) as unknown as {
    rows: { salt: string; hash: string }[]
  }
  const [one, other] = rows
  expect(one?.hash).not.toBe(other?.hash)
  expect(JSON.stringify(rows)).not.toContain('raft7')
  expect(await checkPin(db, 'ole', 'raft7', now)).toEqual({ kind: 'right' })
})

test('what is too short, or nobody’s, sets none', async () => {
  expect(await setPin(opened.db, 'ole', '123')).toBe(false)
  expect(await setPin(opened.db, 'ole', 'with space')).toBe(false)
  expect(await setPin(opened.db, 'nobody', '12345')).toBe(false)
})

test('tried twenty times at once: five are counted, then none is tried for a quarter of an hour, the right one neither', async () => {
  const { db } = opened
  const tries = await Promise.all(Array.from({ length: 20 }, () => checkPin(db, 'ole', 'guess', now)))
  expect(tries.filter(({ kind }) => kind === 'wrong')).toHaveLength(PIN_TRIES - 1)
  expect(tries.filter(({ kind }) => kind === 'locked')).toHaveLength(20 - PIN_TRIES + 1)
  expect(await checkPin(db, 'ole', 'raft7', later(PIN_LOCK_MS - 1))).toMatchObject({ kind: 'locked' })
  expect(await checkPin(db, 'ole', 'raft7', later(PIN_LOCK_MS + 1))).toEqual({ kind: 'right' })
})

test('a right one forgets the wrong ones before it, and a lead’s new one ends a lock', async () => {
  const { db } = opened
  for (let round = 0; round < 3; round++) {
    expect(await checkPin(db, 'ada', 'no', now)).toMatchObject({ kind: 'wrong', triesLeft: PIN_TRIES - 1 })
    expect(await checkPin(db, 'ada', 'raft7', now)).toEqual({ kind: 'right' })
  }
  for (let wrong = 0; wrong < PIN_TRIES; wrong++) await checkPin(db, 'ada', 'no', now)
  expect(await checkPin(db, 'ada', 'raft7', now)).toMatchObject({ kind: 'locked' })
  await setPin(db, 'ada', 'other9')
  expect(await checkPin(db, 'ada', 'other9', now)).toEqual({ kind: 'right' })
  await setPin(db, 'ada', undefined)
  expect(await checkPin(db, 'ada', 'other9', now)).toEqual({ kind: 'none' })
})

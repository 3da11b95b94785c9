import { afterAll, beforeAll, expect, test } from 'vitest'
import type { OpenDatabase } from '../database'
import { openTestDatabase } from '../database.testing'
import { unknownAuthor } from './authors'
import { addPeople, changePerson, listPeople } from './people'

let opened: OpenDatabase
beforeAll(async () => {
  opened = await openTestDatabase()
  await addPeople(opened.db, [
    { id: 'ole', name: 'Ole', role: 'operator' },
    { id: 'ada', name: 'Ada', role: 'lead' },
  ])
})
afterAll(() => opened.close())

test('somebody is renamed and put away, under the same id; the others are as they were', async () => {
  expect(await changePerson(opened.db, 'ole', { name: 'Ole Brandt', away: true })).toBe(true)
  expect(await listPeople(opened.db)).toEqual([
    { id: 'ada', name: 'Ada', role: 'lead', away: false },
    { id: 'ole', name: 'Ole Brandt', role: 'operator', away: true },
  ])
})

test('who is put away still wrote what they wrote: entries that wait in a browser land', async () => {
  expect(await unknownAuthor(opened.db, ['ole'])).toBeUndefined()
  expect(await unknownAuthor(opened.db, ['ole', 'nobody'])).toBe('nobody')
})

test('nobody has an unknown id, and nothing is changed', async () => {
  const before = await listPeople(opened.db)
  expect(await changePerson(opened.db, 'nobody', { name: 'Ada' })).toBe(false)
  expect(await listPeople(opened.db)).toEqual(before)
})

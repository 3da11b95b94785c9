import { Pool } from 'pg'
import { expect, test } from 'vitest'
import { openServer } from '../database'
import { openTestDatabase } from '../database.testing'
import { loadDemo, loadDemoIfEmpty } from '../loadDemo'
import { newJobCache } from './jobCache'
import { listJobs } from './jobs'
import { listPeople } from './people'

const server = process.env.URN_TEST_PG

test.skipIf(server === undefined)(
  'two that start on one empty database: one makes the tables and loads the demo, the other waits',
  async () => {
    const name = `first_${process.pid}`
    const admin = new Pool({ connectionString: server, max: 1 })
    await admin.query(`create database ${name}`)
    const url = new URL(server ?? '')
    url.pathname = `/${name}`
    const all = await Promise.all([openServer(url.href), openServer(url.href), openServer(url.href)])
    await Promise.all(all.map(({ db }) => loadDemoIfEmpty(db, newJobCache())))
    const [first] = all
    expect(await listJobs(first.db)).toHaveLength(7)
    expect(await listPeople(first.db)).toHaveLength(3)
    await Promise.all(all.map(({ close }) => close()))
    await admin.query(`drop database ${name}`)
    await admin.end()
  },
)

test('a demo that is cut short leaves nothing, in the database or in memory', async () => {
  const opened = await openTestDatabase()
  const cache = newJobCache()
  await expect(loadDemo(opened.db, cache, 'src/data/fixtures')).rejects.toThrow()
  expect(await listPeople(opened.db)).toEqual([])
  await expect(
    opened.db.transaction(async (tx) => {
      await loadDemo(tx, cache)
      throw new Error('cut short')
    }),
  ).rejects.toThrow('cut short')
  expect(await listJobs(opened.db)).toEqual([])
  expect(await listPeople(opened.db)).toEqual([])
  await loadDemoIfEmpty(opened.db, newJobCache())
  expect(await listJobs(opened.db)).toHaveLength(7)
  await opened.close()
})

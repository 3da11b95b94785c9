import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, expect, test } from 'vitest'
import type { KeptEntry } from '@/core/record/journal/entry'
import { jobDocumentSchema, readJournal, stateSummary } from '@/formats/jobDocument'
import { openFolder, type OpenDatabase } from '../database'
import { openTestDatabase } from '../database.testing'
import { checkLooseChain } from '@/formats/chain/checkChain'
import { listJobs, loadJob } from './jobs'
import { newJobCache } from '@/data/repositories/jobCache'
import { createJob } from '@/data/repositories/createJob'
import { readEntries } from '@/data/repositories/journalRows'

/** What the first release wrote can be read in for ever: its records of the demo's jobs, and a data folder of it. */
const folder = 'src/data/fixtures/firstRelease'
const records = readdirSync(folder)
  .filter((file) => file.endsWith('.json'))
  .map((file) => file.slice(0, -'.json'.length))
const recordOf = (id: string) =>
  jobDocumentSchema.parse(JSON.parse(readFileSync(join(folder, `${id}.json`), 'utf8')) as unknown)

/** What a record says of its job, but for what is asked next: that is an advice, and today's is another one. */
function standing(summary: unknown): unknown {
  const { next: _next, ...rest } = JSON.parse(JSON.stringify(summary)) as { readonly next: unknown }
  return rest
}

let empty: OpenDatabase
beforeAll(async () => {
  empty = await openTestDatabase()
})
afterAll(() => empty.close())

test('there is a record of each of its jobs', () => expect(records).toHaveLength(6))

test.each(records)('the record %s is read in whole, and adds up to what it said', async (id) => {
  const record = recordOf(id)
  const { entries, issues } = await readJournal(record.journal ?? [])
  expect(issues).toEqual([])
  const cache = newJobCache()
  const made = await createJob(empty.db, cache, {
    id,
    entries: entries.map(({ entry }) => entry),
    stamps: entries.map(({ stamp }) => ({ at: stamp.at, by: stamp.by })),
    by: 'ansa',
    now: new Date('2026-11-27T08:00:00Z'),
  })
  // one first piece released a whole setup then; today each contact on each conductor has its own
  const today = new Set(['not-covered', 'not-yet', 'ahead-of-release', 'pull-due'])
  expect(made.ok && made.value.remarks.filter(({ refusal }) => !today.has(refusal.kind))).toEqual([])
  const kept = await readEntries(empty.db, id, 0)
  expect(await checkLooseChain(kept)).toBeUndefined()
  expect(kept.at(-1)?.hash).toBe((record.journal?.at(-1) as KeptEntry | undefined)?.hash)
  // folded anew from the database
  const folded = await loadJob(empty.db, newJobCache(), id)
  expect(folded && standing(stateSummary(folded.state))).toEqual(standing(record.state))
})

test.skipIf(process.env.URN_TEST_PG !== undefined)('its data folder is opened, with every job as it was', async () => {
  const unpacked = mkdtempSync(join(tmpdir(), 'urn-first-release-'))
  try {
    expect(spawnSync('tar', ['xzf', join(folder, 'data-folder.tar.gz'), '-C', unpacked]).status).toBe(0)
    const old = await openFolder(join(unpacked, 'data'))
    try {
      const heads = await listJobs(old.db)
      expect(heads.map((head) => head.id).sort()).toEqual([...records].sort())
      for (const { id } of heads) {
        expect(await checkLooseChain(await readEntries(old.db, id, 0))).toBeUndefined()
        const folded = await loadJob(old.db, newJobCache(), id)
        expect(folded && standing(stateSummary(folded.state))).toEqual(standing(recordOf(id).state))
      }
    } finally {
      await old.close()
    }
  } finally {
    rmSync(unpacked, { recursive: true, force: true })
  }
})

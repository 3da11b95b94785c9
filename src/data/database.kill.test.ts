import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from 'vitest'
import { templatePath } from './database.testing'
import { type Counts, countDemoJobs, killRound, lost, makeWriter, powerCut } from './killRounds.testing'

const ROUNDS = 17
const DEMO_ROUNDS = 3

test.skipIf(process.env.URN_TEST_PG !== undefined)(
  `killed without warning ${ROUNDS + DEMO_ROUNDS} times, the folder opens again and every acknowledged write is there`,
  async () => {
    const writer = await makeWriter()
    const template = templatePath()
    const folder = mkdtempSync(join(tmpdir(), 'urn-kill-'))
    const demo = mkdtempSync(join(tmpdir(), 'urn-kill-'))
    try {
      let acked: Counts | undefined
      for (let round = 0; round < ROUNDS; round++) {
        const now = await killRound(writer, folder, { after: 3 + (round % 5), afterMs: round % 7, template })
        expect(now.found.chain).toBe('whole')
        expect(lost(now.found, acked)).toEqual([])
        acked = now.acked
        // files that were never synced may be as they were long ago
        if (round % 6 === 3) powerCut(folder)
      }
      expect(acked?.entries).toBeGreaterThan(ROUNDS * 3)
      for (let round = 0; round < DEMO_ROUNDS; round++) {
        const { found } = await killRound(writer, demo, { after: 'loading', afterMs: 150 + 500 * round, template })
        // all of the demo's world, or nothing of it
        expect([0, countDemoJobs()]).toContain(found.jobs)
        expect(found.people === 0).toBe(found.jobs === 0)
      }
    } finally {
      rmSync(folder, { recursive: true, force: true })
      rmSync(demo, { recursive: true, force: true })
      rmSync(writer)
    }
  },
  240_000,
)

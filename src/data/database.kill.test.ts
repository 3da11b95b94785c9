import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from 'vitest'
import { templatePath } from './database.testing'
import { killRound, makeWriter } from './killRounds.testing'

const ROUNDS = 20

test.skipIf(process.env.URN_TEST_PG !== undefined)(
  `killed without warning ${ROUNDS} times, the folder opens again and every acknowledged entry is there`,
  async () => {
    const writer = await makeWriter()
    const folder = mkdtempSync(join(tmpdir(), 'urn-kill-'))
    try {
      let acked = 0
      for (let round = 0; round < ROUNDS; round++) {
        const { found, chain, acked: now } = await killRound(writer, folder, 3 + (round % 5), round % 7, templatePath())
        expect(chain).toBe('whole')
        expect(found).toBeGreaterThanOrEqual(acked)
        acked = now
      }
      expect(acked).toBeGreaterThan(ROUNDS * 3)
    } finally {
      rmSync(folder, { recursive: true, force: true })
      rmSync(writer)
    }
  },
  240_000,
)

import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { type Counts, countDemoJobs, killRound, lost, makeWriter, powerCut } from '../../src/data/killRounds.testing'

/** Kills a writer many times, at writes of every kind, with power cuts between; every tenth round in the middle of loading the demo. */
const ROUNDS = Number(process.env.KILL_ROUNDS ?? 100)
const writer = await makeWriter()
const folder = mkdtempSync(join(tmpdir(), 'urn-kill-'))
const faults: string[] = []
let acked: Counts | undefined
for (let round = 0; round < ROUNDS; round++) {
  if (round % 10 === 9) {
    const demo = mkdtempSync(join(tmpdir(), 'urn-kill-'))
    await killRound(writer, demo, { after: 'loading', afterMs: 40 * round })
    const { found } = await killRound(writer, demo, { after: 'loading', afterMs: 60_000 })
    if (found.jobs !== 0 && found.jobs !== countDemoJobs()) faults.push(`the demo was half loaded: ${found.jobs} jobs`)
    rmSync(demo, { recursive: true, force: true })
    continue
  }
  const now = await killRound(writer, folder, { after: 3 + (round % 9), afterMs: round % 13 })
  faults.push(...lost(now.found, acked), ...(now.found.chain === 'whole' ? [] : [now.found.chain]))
  acked = now.acked
  if (round % 7 === 3) powerCut(folder)
}
rmSync(folder, { recursive: true, force: true })
console.log(`killed ${ROUNDS} times, ${acked?.entries ?? 0} entries acknowledged in all: ${faults.length} faults`)
for (const fault of faults) console.log(fault)
if (faults.length > 0) process.exit(1)

import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { killRound, makeWriter } from '../../src/data/killRounds.testing'

const ROUNDS = Number(process.env.KILL_ROUNDS ?? 100)
const writer = await makeWriter()
const folder = mkdtempSync(join(tmpdir(), 'urn-kill-'))
let acked = 0
let lost = 0
for (let round = 0; round < ROUNDS; round++) {
  const { found, chain, acked: now } = await killRound(writer, folder, 3 + (round % 9), round % 13)
  if (found < acked || chain !== 'whole') lost++
  acked = now
}
rmSync(folder, { recursive: true, force: true })
console.log(`killed ${ROUNDS} times: ${lost} times an acknowledged entry was missing, ${acked} acknowledged in all`)
if (lost > 0) process.exit(1)

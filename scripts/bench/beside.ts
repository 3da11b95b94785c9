import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { KeptEntry } from '../../src/core/record/journal/entry'
import { foldAll } from '../../src/core/record/journal/fold'
import { entryHash, NO_HASH } from '../../src/formats/chain/entryHash'
import { jobDocument } from '../../src/formats/jobDocument'
import { largeJournal } from './largeJob'
import { line, median } from './measure'

/** What an append takes while nothing else is asked of the bench, and while a build sheet of a thousand wires is made. */
const folder = mkdtempSync(join(tmpdir(), 'urn-beside-'))
const port = String(21_000 + (process.pid % 20_000))
const base = `http://127.0.0.1:${port}`
const child = spawn(process.execPath, ['scripts/start.mjs'], {
  env: { ...process.env, PORT: port, URN_BENCH_DATA: folder, URN_BENCH_DEMO: '1', DATABASE_URL: '' },
  stdio: 'ignore',
})
while (!(await fetch(`${base}/api/v1/health`).catch(() => undefined))?.ok)
  await new Promise((resolve) => setTimeout(resolve, 50))

let prev = NO_HASH
const entries = largeJournal(1000, 3000).map((entry): KeptEntry => {
  const kept = { ...entry, prev, hash: entryHash(entry, prev) }
  prev = kept.hash
  return kept
})
const headers = { 'content-type': 'application/json' }
const made = await fetch(`${base}/api/v1/jobs`, {
  method: 'POST',
  headers,
  body: JSON.stringify(jobDocument('large', foldAll(entries).state, entries)),
})
const { id } = (await made.json()) as { id: string }

const journal = `${base}/api/v1/jobs/deck-loom/journal`
let { last: seen } = (await (await fetch(`${journal}?limit=1`)).json()) as { last: number }
async function append(): Promise<number> {
  const from = performance.now()
  const answer = await fetch(journal, {
    method: 'POST',
    headers,
    body: JSON.stringify({ seen, entries: [{ id: `beside-${String(seen)}`, kind: 'noted', text: 'x' }] }),
  })
  if (answer.status !== 201) throw new Error(await answer.text())
  seen++
  return performance.now() - from
}
const appends = async (until: () => boolean): Promise<readonly number[]> => {
  const times: number[] = []
  while (!until()) times.push(await append())
  return times
}
const told = (what: string, times: readonly number[]) => {
  line(`append ${what}, median of ${String(times.length)}`, median(times))
  line('  the slowest of them', Math.max(...times))
}

let quiet = 60
await append()
told('with nothing beside it', await appends(() => quiet-- === 0))
let isMade = false
const from = performance.now()
const sheet = fetch(`${base}/jobs/${id}/papers/build-sheet.pdf`).then(async (answer) => {
  const bytes = (await answer.arrayBuffer()).byteLength
  isMade = true
  return bytes
})
told('while a build sheet of 1,000 wires is made', await appends(() => isMade))
line(`  the sheet, ${String(Math.round((await sheet) / 1024))} kB`, performance.now() - from)
await new Promise<void>((resolve) => {
  child.on('exit', () => resolve())
  child.kill('SIGTERM')
})
rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 })

import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Worker } from 'node:worker_threads'
import type { KeptEntry } from '../../src/core/record/journal/entry'
import { foldAll } from '../../src/core/record/journal/fold'
import { entryHash, NO_HASH } from '../../src/formats/chain/entryHash'
import { jobDocument } from '../../src/formats/jobDocument'
import { largePackage } from './largeCatalogue'
import { largeJournal, largePlan } from './largeJob'
import { line } from './measure'

/** Asks again and again until it is told that it is enough, and tells the longest answer, ms. */
const WATCH = `
const { parentPort, workerData } = require('node:worker_threads')
let open = true
parentPort.on('message', () => (open = false))
const watch = async () => {
  await fetch(workerData)
  parentPort.postMessage('ready')
  let slowest = 0
  while (open) {
    const from = performance.now()
    await fetch(workerData)
    slowest = Math.max(slowest, performance.now() - from)
    await new Promise((resolve) => setTimeout(resolve, 5))
  }
  parentPort.postMessage(slowest)
  parentPort.close()
}
void watch()`

/** How long a bench takes to say that it is well while it is asked for much; `HEALTH_OF=package` asks for that alone. */
const folder = mkdtempSync(join(tmpdir(), 'urn-health-'))
const port = String(21_000 + (process.pid % 20_000))
const base = `http://127.0.0.1:${port}/api/v1`
const child = spawn(process.execPath, ['scripts/start.mjs'], {
  env: { ...process.env, PORT: port, URN_BENCH_DATA: folder, URN_BENCH_DEMO: '1', DATABASE_URL: '' },
  stdio: 'ignore',
})
const health = () => fetch(`${base}/health`).catch(() => undefined)
while (!(await health())?.ok) await new Promise((resolve) => setTimeout(resolve, 50))

const csvOf = (wires: number) =>
  [
    'wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length,signal',
    ...largePlan(wires).wires.map((wire) => {
      const [from, to] = [wire.from, wire.to].map((place) =>
        place.kind === 'cavity' ? `${place.end},${place.cavity},CM-10P` : '',
      )
      return `${wire.id},${wire.type},WH/BU,${from},${to},1200 mm,${wire.signal}`
    }),
  ].join('\n')

let prev = NO_HASH
const kept = largeJournal(1000, 20_000).map((entry): KeptEntry => {
  const linked = { ...entry, prev, hash: entryHash(entry, prev) }
  prev = linked.hash
  return linked
})

const json = 'application/json'
const spools = Array.from({ length: 300 }, (_, i) => ({ id: `S${i}`, lengthMm: 4000 + ((i * 977) % 9000) }))
const cuts = Array.from({ length: 200 }, (_, i) => ({ id: `L${i}`, lengthMm: 180 + ((i * 613) % 2600), count: 4 }))
const requests: readonly [string, string, string, () => string][] = [
  ['a cut plan of 300 spools', 'close/cut-plan', json, () => JSON.stringify({ spools, cuts, kerfMm: 0.5 })],
  ['a pinout of 1,000 wires', 'jobs?title=a', 'text/csv', () => csvOf(1000)],
  ['a preview of 2,000 wires', 'pinout/preview', json, () => JSON.stringify({ csv: csvOf(2000) })],
  [
    'a pinout of 30 MB that is none',
    'jobs?title=c',
    'text/csv',
    () => 'wire,type\n' + 'W1,"x" y,z\n'.repeat(2_800_000),
  ],
  ['JSON 400,000 deep', 'wire/size', json, () => '['.repeat(400_000) + ']'.repeat(400_000)],
  [
    'JSON of 60 MB that is no job',
    'jobs',
    json,
    () => JSON.stringify(Array.from({ length: 2_000_000 }, (_, i) => ({ a: i, b: [i] }))),
  ],
  ['a package of 10,000 parts', 'catalogue', json, () => JSON.stringify(largePackage(9100))],
  ['a record of 20,000 entries', 'jobs', json, () => JSON.stringify(jobDocument('large', foldAll(kept).state, kept))],
]
const only = process.env.HEALTH_OF ?? ''
for (const [what, path, type, body] of requests) {
  if (!what.includes(only)) continue
  const text = body()
  // asked by a thread of its own: what this one does with a large body holds up nobody's question
  const watch = new Worker(WATCH, { eval: true, workerData: `${base}/health` })
  await once(watch, 'message')
  const asked = (async () => {
    const from = performance.now()
    const answered = await fetch(`${base}/${path}`, { method: 'POST', headers: { 'content-type': type }, body: text })
    const said = (await answered.text()).slice(0, 90)
    return `${answered.status} in ${(performance.now() - from).toFixed(0)} ms: ${said}`
  })()
  const said = await asked
  watch.postMessage('enough')
  const [slowest] = (await once(watch, 'message')) as [number]
  line(`slowest answer of health during ${what}, ${(text.length / 1e6).toFixed(1)} MB`, slowest)
  console.log(`  ${said}`)
}
await new Promise<void>((resolve) => {
  child.on('exit', () => resolve())
  child.kill('SIGTERM')
})
rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 })

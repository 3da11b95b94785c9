import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { KeptEntry } from '../../src/core/record/journal/entry'
import { foldAll } from '../../src/core/record/journal/fold'
import { entryHash, NO_HASH } from '../../src/data/entryHash'
import { jobDocument } from '../../src/formats/jobDocument'
import { largePackage } from './largeCatalogue'
import { largeJournal, largePlan } from './largeJob'
import { line } from './measure'

/** How long a bench takes to say that it is well while it is asked for much. */
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
for (const [what, path, type, body] of requests) {
  const text = body()
  const open = new Set([what])
  const asked = (async () => {
    const from = performance.now()
    const answered = await fetch(`${base}/${path}`, { method: 'POST', headers: { 'content-type': type }, body: text })
    const said = (await answered.text()).slice(0, 90)
    open.delete(what)
    return `${answered.status} in ${(performance.now() - from).toFixed(0)} ms: ${said}`
  })()
  let slowest = 0
  while (open.size > 0) {
    const from = performance.now()
    await health()
    slowest = Math.max(slowest, performance.now() - from)
    await new Promise((resolve) => setTimeout(resolve, 5))
  }
  line(`slowest answer of health during ${what}, ${(text.length / 1e6).toFixed(1)} MB`, slowest)
  console.log(`  ${await asked}`)
}
await new Promise<void>((resolve) => {
  child.on('exit', () => resolve())
  child.kill('SIGTERM')
})
rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 })

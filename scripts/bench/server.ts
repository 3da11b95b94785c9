import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import type { KeptEntry } from '../../src/core/record/journal/entry'
import { foldAll } from '../../src/core/record/journal/fold'
import { entryHash, NO_HASH } from '../../src/formats/chain/entryHash'
import { jobDocument } from '../../src/formats/jobDocument'
import { chromiumPath } from '../chromium.mjs'
import { largeJournal } from './largeJob'
import { line, median } from './measure'

/** The built app as a browser meets it: start-up, pages of a large job, appends, moving the selection. */
const folder = mkdtempSync(join(tmpdir(), 'urn-server-'))
const port = String(21_000 + (process.pid % 20_000))
const base = `http://127.0.0.1:${port}`
const start = () =>
  spawn(process.execPath, ['scripts/start.mjs'], {
    env: { ...process.env, PORT: port, URN_BENCH_DATA: folder, URN_BENCH_DEMO: '1', DATABASE_URL: '' },
    stdio: 'ignore',
  })
const answers = async () => {
  const from = performance.now()
  while (!(await fetch(`${base}/api/v1/health`).catch(() => undefined))?.ok)
    await new Promise((resolve) => setTimeout(resolve, 50))
  return performance.now() - from
}
const stop = (child: ReturnType<typeof start>) =>
  new Promise<void>((resolve) => {
    child.on('exit', () => resolve())
    child.kill('SIGTERM')
  })

let child = start()
line('demo on a built tree answers, empty data folder', await answers())
await stop(child)
child = start()
line('the same, folder there already', await answers())

let prev = NO_HASH
const entries = largeJournal(1000, 20_000).map((entry): KeptEntry => {
  const hash = entryHash(entry, prev)
  const kept = { ...entry, prev, hash }
  prev = hash
  return kept
})
const document = JSON.stringify(jobDocument('large', foldAll(entries).state, entries))
const from = performance.now()
const made = await fetch(`${base}/api/v1/jobs`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: document,
})
if (made.status !== 201) throw new Error((await made.text()).slice(0, 500))
const { id } = (await made.json()) as { id: string }
line(
  `read in a job of 1,000 wires and ${entries.length} entries (${(document.length / 1e6).toFixed(1)} MB)`,
  performance.now() - from,
)

for (const station of ['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close']) {
  const times: number[] = []
  for (let i = 0; i < 7; i++) {
    const asked = performance.now()
    await (await fetch(`${base}/jobs/${id}/${station}`)).text()
    times.push(performance.now() - asked)
  }
  line(`page of the large job, whole HTML: ${station}`, median(times))
}

const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
})
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
for (const station of ['plan', 'prep', 'crimp', 'seat', 'prove']) {
  await page.goto(`${base}/jobs/${id}/${station}`)
  await page.waitForLoadState('networkidle')
  // what is drawn once its code has come (the pinout) is drawn
  await page.waitForTimeout(1000)
  const step = await page.evaluate(async () => {
    const times: number[] = []
    const frameMs = 1000 / 60
    for (let i = 0; i < 30; i++) {
      // a hand does not wait for the screen: presses fall evenly on all of a frame. After a pause that is always the same they
      // would fall on one place of it, and the wait for the next frame would be all or nothing
      await new Promise((resolve) => setTimeout(resolve, 60 + ((7 * i) % 30) * (frameMs / 30)))
      const pressed = performance.now()
      window.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown', bubbles: true }))
      await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0)))
      times.push(performance.now() - pressed)
    }
    return times.sort((a, b) => a - b)[15] ?? NaN
  })
  line(`move the selection by one at ${station}, to the next frame`, step)
}
// what one entry costs the script of a screen: written elsewhere, and taken when the window is looked at again. A browser runs
// the first few of a page that was just opened before it has compiled what they need
const ENTRIES = 24
const COLD = 8
const open = entries.flatMap((entry) => (entry.kind === 'stripped' ? [entry] : [])).slice(-5 * ENTRIES)
const cdp = await page.context().newCDPSession(page)
// of the page's own thread: what another process takes of the machine meanwhile is no script of ours
await cdp.send('Performance.enable', { timeDomain: 'threadTicks' })
const scriptMs = async () => {
  const { metrics } = await cdp.send('Performance.getMetrics')
  return 1000 * (metrics.find((one) => one.name === 'ScriptDuration')?.value ?? NaN)
}
// a drawing that moves for some seconds costs what it costs, with an entry or without
await page.emulateMedia({ reducedMotion: 'reduce' })
for (const station of ['plan', 'prep', 'crimp', 'seat', 'prove']) {
  await page.goto(`${base}/jobs/${id}/${station}`)
  await page.waitForLoadState('networkidle')
  const costs: number[] = []
  for (let i = 0; i < ENTRIES; i++) {
    const one = open.pop()
    if (!one) break
    const { last } = (await (await fetch(`${base}/api/v1/jobs/${id}/journal?after=0&limit=1`)).json()) as {
      last: number
    }
    const written = await fetch(`${base}/api/v1/jobs/${id}/journal`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        seen: last,
        entries: [
          { id: `cost-${station}-${i}`, kind: 'strip-mended', term: one.term, how: 'cut-back', byMm: 1, by: 'ansa' },
        ],
      }),
    })
    if (written.status !== 201) throw new Error(await written.text())
    const before = await scriptMs()
    await page.evaluate(() => window.dispatchEvent(new Event('focus')))
    await page.waitForTimeout(400)
    costs.push((await scriptMs()) - before)
  }
  line(`script of one entry at ${station}, the first ${COLD} of a page`, median(costs.slice(0, COLD)))
  line(`the same, the next ${ENTRIES - COLD}`, median(costs.slice(COLD)))
}
await page.goto(`${base}/jobs/deck-loom/journal`)
await page.waitForLoadState('networkidle')
const appended = await page.evaluate(async () => {
  const times: number[] = []
  let seen = ((await (await fetch('/api/v1/jobs/deck-loom/journal?after=0&limit=1')).json()) as { last: number }).last
  for (let i = 0; i < 40; i++) {
    const asked = performance.now()
    await fetch('/api/v1/jobs/deck-loom/journal', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ seen: seen++, entries: [{ id: `browser-${i}-${Date.now()}`, kind: 'noted', text: 'x' }] }),
    })
    times.push(performance.now() - asked)
  }
  return times.sort((a, b) => a - b)[20] ?? NaN
})
line('append as the browser sees it, median of 40', appended)
await browser.close()
await stop(child)
rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 })

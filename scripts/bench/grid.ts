import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { line, median } from './measure'

/** The pinout grid with a thousand wires, as a browser meets it: real keys, from the press until the frame that shows it is on its way. */
const folder = mkdtempSync(join(tmpdir(), 'urn-grid-'))
const port = String(21_000 + (process.pid % 20_000))
const base = `http://127.0.0.1:${port}`
const child = spawn(process.execPath, ['scripts/start.mjs'], { env: { ...process.env, PORT: port, URN_BENCH_DATA: folder, URN_BENCH_DEMO: '1', DATABASE_URL: '' }, stdio: 'ignore' })
while (!(await fetch(`${base}/api/v1/health`).catch(() => undefined))?.ok) await new Promise((resolve) => setTimeout(resolve, 50))

const rows = Array.from({ length: 1000 }, (_, i) => `W${i + 1},TW-0.75,RD,E${Math.floor(i / 3)},${(i % 3) + 1},CM-3P,,,300`)
const made = await fetch(`${base}/api/v1/jobs?title=Thousand`, { method: 'POST', headers: { 'content-type': 'text/csv' }, body: `wire,type,colour,from end,from cavity,from housing,to end,to cavity,length\n${rows.join('\n')}\n` })
const { id } = (await made.json()) as { id: string }

const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto(`${base}/jobs/${id}/plan`)
await page.getByRole('grid', { name: 'Pinout' }).focus()
await page.waitForTimeout(1000)
await page.evaluate(() => {
  const times: number[] = []
  Object.assign(window, { keyTimes: times })
  window.addEventListener('keydown', (event) => {
    if (event.key === 'Control') return
    const pressed = performance.now()
    requestAnimationFrame(() => setTimeout(() => times.push(performance.now() - pressed), 0))
  }, { capture: true })
})
const press = async (what: string, keys: readonly string[]) => {
  await page.evaluate(() => {
    ;(window as unknown as { keyTimes: number[] }).keyTimes.length = 0
  })
  for (const key of keys) {
    await page.keyboard.press(key)
    await page.waitForTimeout(80)
  }
  const times = await page.evaluate(() => (window as unknown as { keyTimes: number[] }).keyTimes)
  line(`${what}, median of ${times.length}`, median(times))
  line('  the slowest of them', Math.max(...times))
}
const often = <T>(keys: readonly T[], times: number) => Array.from({ length: times }, () => keys).flat()
await press('move by one cell', often(['ArrowDown', 'ArrowRight', 'ArrowDown', 'ArrowLeft'], 8))
await press('type a letter into a cell', ['Control+Home', 'ArrowRight', 'ArrowRight', ...often(['g', 'n', 'w', 'h'], 5)])
await press('take what was typed, with its fault', ['Escape', ...often(['x', 'Enter'], 10)])
await press('undo and redo', often(['Control+z', 'Control+z', 'Control+y', 'Control+y'], 5))
await press('page down', often(['PageDown'], 15))
await press('to the end and back', often(['Control+End', 'Control+Home'], 6))
await browser.close()
await new Promise<void>((resolve) => {
  child.on('exit', () => resolve())
  child.kill('SIGTERM')
})
rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 })

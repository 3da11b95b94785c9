import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { chromiumPath } from '../chromium.mjs'
import { line, median } from './measure'

/** The built app with the demo's data in a folder of its own, and a browser at it. */
export async function openApp(
  name: string,
): Promise<{ readonly base: string; readonly page: Page; readonly close: () => Promise<void> }> {
  const folder = mkdtempSync(join(tmpdir(), `urn-${name}-`))
  const port = String(21_000 + (process.pid % 20_000))
  const base = `http://127.0.0.1:${port}`
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    env: { ...process.env, PORT: port, URN_BENCH_DATA: folder, URN_BENCH_DEMO: '1', DATABASE_URL: '' },
    stdio: 'ignore',
  })
  while (!(await fetch(`${base}/api/v1/health`).catch(() => undefined))?.ok)
    await new Promise((resolve) => setTimeout(resolve, 50))
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
  return {
    base,
    page,
    close: async () => {
      await browser.close()
      await new Promise<void>((resolve) => {
        child.on('exit', () => resolve())
        child.kill('SIGTERM')
      })
      rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 })
    },
  }
}

/** Times keys on a page, from the press until the frame that shows it is on its way. */
export async function keyTimer(page: Page): Promise<(what: string, keys: readonly string[]) => Promise<void>> {
  await page.evaluate(() => {
    const times: number[] = []
    Object.assign(window, { keyTimes: times })
    window.addEventListener(
      'keydown',
      (event) => {
        if (event.key === 'Control') return
        const pressed = performance.now()
        requestAnimationFrame(() => setTimeout(() => times.push(performance.now() - pressed), 0))
      },
      { capture: true },
    )
  })
  return async (what, keys) => {
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
}

export const often = <T>(keys: readonly T[], times: number): T[] => Array.from({ length: times }, () => keys).flat()

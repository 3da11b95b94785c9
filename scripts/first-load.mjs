import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'

/**
 * The JavaScript that a page loads first, gzip, as its HTML names it from the built app; and whether Zod is in it.
 * Fails when a page is above the limit or has Zod in it.
 */
const LIMIT_KB = 290
const pages = [
  '/',
  '/new',
  '/shelf',
  '/shelf?show=new',
  '/rules',
  ...['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close', 'journal'].map((one) => `/jobs/beacon-lead/${one}`),
]

if (!existsSync('.next/BUILD_ID')) throw new Error('build first: npm run build')
const folder = mkdtempSync(join(tmpdir(), 'urn-first-load-'))
const port = String(20000 + (process.pid % 20000))
const server = spawn(process.execPath, ['scripts/start.mjs'], {
  env: { ...process.env, PORT: port, URN_BENCH_DATA: folder, URN_BENCH_DEMO: '1', DATABASE_URL: '' },
  stdio: 'ignore',
})
let failed = false
try {
  const base = `http://127.0.0.1:${port}`
  for (let tries = 0; tries < 300; tries++) {
    if ((await fetch(`${base}/api/v1/health`).catch(() => undefined))?.ok) break
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  for (const page of pages) {
    const html = await (await fetch(base + page)).text()
    // what stands in a noModule script no browser with modules fetches
    const old = new Set(
      [...html.matchAll(/<script src="\/_next\/(static\/chunks\/[^"?]+\.js)[^>]*\bnoModule\b/g)].map(
        (match) => match[1],
      ),
    )
    const files = [...new Set([...html.matchAll(/\/_next\/(static\/chunks\/[^"\\?]+\.js)/g)].map((match) => match[1]))]
      .filter((file) => !old.has(file))
      .map((file) => join('.next', file))
      .filter(existsSync)
    const texts = files.map((file) => readFileSync(file))
    const kb = texts.reduce((sum, text) => sum + gzipSync(text).length, 0) / 1000
    // a class of Zod's core that no minifier renames, since it is a string there
    const zod = texts.some((text) => text.includes('ZodError') || text.includes('$ZodType'))
    const bad = kb > LIMIT_KB || zod
    failed ||= bad
    console.log(
      `${kb.toFixed(0).padStart(4)} kB gzip  ${zod ? 'WITH ZOD' : 'no Zod'}  ${page}${bad ? '  ← above the limit' : ''}`,
    )
  }
} finally {
  server.kill('SIGTERM')
  rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 })
}
console.log(`limit ${LIMIT_KB} kB, ${readdirSync('.next/static/chunks').length} chunks in the build`)
process.exit(failed ? 1 : 0)

import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'

/**
 * What a page loads first, gzip, as its HTML names it from the built app: script and styles; and whether Zod is in it.
 * Fails when a page is above a limit or has Zod in it.
 */
const LIMIT_KB = { script: 290, plan: 320, styles: 35 }
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
    const sheets = [
      ...new Set([...html.matchAll(/\/_next\/(static\/chunks\/[^"\\?]+\.css)/g)].map((match) => match[1])),
    ]
      .map((file) => join('.next', file))
      .filter(existsSync)
    const kbOf = (contents) => contents.reduce((sum, text) => sum + gzipSync(text).length, 0) / 1000
    const kb = kbOf(texts)
    const styleKb = kbOf(sheets.map((file) => readFileSync(file)))
    // a class of Zod's core that no minifier renames, since it is a string there
    const zod = texts.some((text) => text.includes('ZodError') || text.includes('$ZodType'))
    const limit = page.endsWith('/plan') ? LIMIT_KB.plan : LIMIT_KB.script
    const bad = kb > limit || styleKb > LIMIT_KB.styles || zod
    failed ||= bad
    console.log(
      `${kb.toFixed(0).padStart(4)} kB script, ${styleKb.toFixed(0)} kB styles, gzip  ${zod ? 'WITH ZOD' : 'no Zod'}  ${page}${bad ? '  ← above the limit' : ''}`,
    )
  }
} finally {
  server.kill('SIGTERM')
  rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 })
}
console.log(
  `limit ${LIMIT_KB.script} kB of script (Plan ${LIMIT_KB.plan}), ${LIMIT_KB.styles} kB of styles, ${readdirSync('.next/static/chunks').length} chunks in the build`,
)
process.exit(failed ? 1 : 0)

import { copyFileSync, existsSync, mkdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { ensureInstalled, run } from './ensure-installed.mjs'
import { newest } from './newest.mjs'
import { templateStands } from './template.mjs'
import { woffToTtf } from './woff-to-ttf.mjs'

const STAMP = 'build/built'

/** Builds the app and its worker threads, unless the build is newer than every source. */
export async function buildIfNeeded() {
  ensureInstalled()
  const sources = Math.max(
    ...['src', 'drizzle', 'package-lock.json', 'next.config.ts', 'tsconfig.json', 'scripts/build.mjs'].map(newest),
  )
  if (existsSync(STAMP) && existsSync('.next/BUILD_ID') && statSync(STAMP).mtimeMs > sources) return
  await buildThreads()
  // the solver's binary is fetched by its worker
  mkdirSync('public', { recursive: true })
  copyFileSync('node_modules/highs/build/highs.wasm', 'public/highs.wasm')
  if (!templateStands()) run('npx', ['tsx', 'scripts/make-template.ts'])
  run('npx', ['next', 'build'], { NEXT_TELEMETRY_DISABLED: '1' })
  writeFileSync(STAMP, new Date().toISOString())
}

const threads = join(process.cwd(), 'build', 'threads')
/** Threads beside the server's: where each is built to, for the server to find. */
export const threadFiles = {
  URN_BENCH_THREAD_PAPERS: join(threads, 'papers.mjs'),
  URN_BENCH_THREAD_PACKAGE: join(threads, 'package.mjs'),
  URN_BENCH_THREAD_COMPUTE: join(threads, 'compute.mjs'),
}
/** Bench instruments that ship with the app, a process of their own. */
export const standIns = join(threads, 'stand-ins.mjs')
/** What looks at a request before the app does. */
export const requestGuardFile = join(threads, 'request-guard.mjs')

/** Fonts of the papers: the same as on screen, unpacked. */
const paperFonts = {
  'sans-400': 'atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-normal.woff',
  'sans-700': 'atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff',
  'mono-400': 'ibm-plex-mono/files/ibm-plex-mono-latin-400-normal.woff',
  'mono-600': 'ibm-plex-mono/files/ibm-plex-mono-latin-600-normal.woff',
}

export async function buildThreads() {
  mkdirSync(join(threads, 'fonts'), { recursive: true })
  for (const [name, file] of Object.entries(paperFonts))
    writeFileSync(
      join(threads, 'fonts', `${name}.ttf`),
      woffToTtf(readFileSync(join('node_modules/@fontsource', file))),
    )
  const { build } = await import('esbuild')
  await build({
    entryPoints: {
      papers: 'src/papers/papers.worker.ts',
      package: 'src/threads/package.worker.ts',
      compute: 'src/threads/compute.worker.ts',
      'request-guard': 'src/api/requestGuard.ts',
      'stand-ins': 'src/devices/standIns/standIns.main.ts',
    },
    outdir: threads,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    jsx: 'automatic',
    external: ['pdfmake', 'zod', 'js-yaml', 'react', 'react-dom', 'react-dom/server', 'react/jsx-runtime'],
    define: { 'process.env.NODE_ENV': '"production"' },
    logLevel: 'warning',
  })
}

if (import.meta.url === `file://${process.argv[1]}`) await buildIfNeeded()

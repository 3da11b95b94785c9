import { mkdirSync } from 'node:fs'
import { ensureInstalled, run } from './ensure-installed.mjs'
import { buildIfNeeded } from './build.mjs'

/** Prints the figures of speed; fails on nothing but a crash. `npm run bench fold fit` runs only those. */
ensureInstalled()
const only = process.argv.slice(2)
const { build } = await import('esbuild')
mkdirSync('build/bench', { recursive: true })
// bundled as the app is: a loader that keeps names would be measured with it
for (const name of [
  'fold',
  'fit',
  'kit',
  'import',
  'grid',
  'bundle',
  'papers',
  'diagnose',
  'family',
  'editor',
  'cut',
  'rework',
  'seat',
  'ledger',
  'append',
  'kill',
  'health',
  'beside',
  'analyser',
  'presses',
  'server',
].filter((one) => only.length === 0 || only.includes(one))) {
  if (['server', 'papers', 'health', 'beside', 'grid', 'editor', 'seat', 'presses'].includes(name))
    await buildIfNeeded()
  const outfile = `build/bench/${name}.mjs`
  await build({
    entryPoints: [`scripts/bench/${name}.ts`],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    logLevel: 'warning',
  })
  run('node', [outfile])
}

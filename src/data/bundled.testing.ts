import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { build } from 'esbuild'

/** One of our programs as a single file that Node runs as it is: a child that compiles its sources at each start takes seconds for it. */
export async function bundled(entry: string): Promise<string> {
  const folder = join(process.cwd(), 'build', 'testing')
  mkdirSync(folder, { recursive: true })
  const outfile = join(folder, `${entry.replaceAll(/\W+/g, '-')}-${process.pid}.mjs`)
  await build({
    entryPoints: [entry],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    logLevel: 'warning',
  })
  return outfile
}

import { execFileSync } from 'node:child_process'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { DEMO_DATA, emptyFolder, startBench, stopBench } from './benchServer'

/** The app is built before the first bench starts, so that two benches never build at once; the demo world is made once. */
export default async function buildOnce(): Promise<() => void> {
  execFileSync(process.execPath, ['scripts/build.mjs'], { stdio: 'inherit' })
  const folder = emptyFolder()
  const data = join(folder, 'data')
  const { child } = await startBench(data)
  await stopBench(child)
  process.env[DEMO_DATA] = data
  return () => rmSync(folder, { recursive: true, force: true })
}

import { execFileSync } from 'node:child_process'

/** The app is built before the first bench starts, so that two benches never build at once. */
export default function buildOnce(): void {
  execFileSync(process.execPath, ['scripts/build.mjs'], { stdio: 'inherit' })
}

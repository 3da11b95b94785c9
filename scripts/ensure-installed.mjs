import { spawnSync } from 'node:child_process'
import { existsSync, statSync } from 'node:fs'

/** Installs what package-lock.json names, when node_modules is missing or older than it. */
export function ensureInstalled() {
  const marker = 'node_modules/.package-lock.json'
  if (existsSync(marker) && statSync(marker).mtimeMs >= statSync('package-lock.json').mtimeMs - 1000) return
  console.log('Installing packages…')
  run('npm', ['ci', '--no-audit', '--no-fund'])
}

/** Runs a command with our output; leaves with its code when it fails. */
export function run(command, args, env = {}) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } })
  if (status !== 0) process.exit(status ?? 1)
}

if (import.meta.url === `file://${process.argv[1]}`) ensureInstalled()

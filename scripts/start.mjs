import { spawn } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { fileURLToPath } from 'node:url'
import { stripVTControlCharacters } from 'node:util'
import { buildIfNeeded, standIns, threadFiles } from './build.mjs'
import { template } from './template.mjs'
import { addressFault, nodeFault } from './preflight.mjs'

/** How often is asked whether whoever started this is still there, ms. */
const PARENT_MS = 500

/** Starts the stand-in instruments of the demo. They leave when this process does: their standard input closes. */
async function startStandIns() {
  const child = spawn(process.execPath, [standIns], { stdio: ['pipe', 'pipe', 'inherit'] })
  process.on('exit', () => child.kill())
  for await (const line of createInterface({ input: child.stdout })) return line
  return ''
}

/** What the framework says of itself: nobody at a bench asked. */
const FRAMEWORK = /^\s*[✓▲○]/

/** The server's lock is taken away with it when it was killed: it cannot do that itself. */
function removeLock(folder, pid) {
  const file = join(folder, 'urn-bench.lock')
  try {
    if (JSON.parse(readFileSync(file, 'utf8')).pid === pid) rmSync(file)
  } catch {
    // there is none
  }
}

/** A package runner, or a bench, that is killed takes nothing with it: whoever was started by one looks after it. */
function leaveWithParent(leave) {
  if (process.env.npm_lifecycle_event === undefined && process.env.URN_BENCH_HOME_PORT === undefined) return
  const parent = process.ppid
  setInterval(() => process.ppid !== parent && leave(), PARENT_MS).unref()
}

const stop = (sentence) => {
  console.error(sentence)
  process.exit(1)
}

/** Waits until this very server answers: another bench on the same address is not mistaken for it. */
async function isUp(address, run) {
  for (let tries = 0; tries < 600; tries++) {
    await new Promise((resolve) => setTimeout(resolve, 100))
    const health = await fetch(`${address}/api/v1/health`).catch(() => undefined)
    if (health?.ok && health.headers.get('x-bench-run') === run) return true
  }
  return false
}

/** Starts the app on this machine alone. `env` says which data it opens. */
export async function start(env = {}) {
  const host = process.env.HOST ?? '127.0.0.1'
  const port = process.env.PORT ?? '4100'
  const fault = nodeFault() ?? (await addressFault(host, port))
  if (fault !== undefined) stop(fault)
  await buildIfNeeded()
  const demo = (env.URN_BENCH_DEMO ?? process.env.URN_BENCH_DEMO) === '1'
  const instruments = process.env.URN_BENCH_INSTRUMENTS ?? (demo ? await startStandIns() : '')
  const run = randomBytes(8).toString('hex')
  const child = spawn(process.execPath, ['scripts/serve.mjs'], {
    // the server leaves when its standard input closes: whatever happens to this process
    stdio: ['pipe', 'pipe', 'inherit'],
    env: {
      ...process.env,
      HOST: host,
      PORT: port,
      NEXT_TELEMETRY_DISABLED: '1',
      NODE_ENV: 'production',
      ...threadFiles,
      URN_BENCH_TEMPLATE: template,
      URN_BENCH_INSTRUMENTS: instruments,
      URN_BENCH_RUN: run,
      URN_BENCH_STARTER: fileURLToPath(import.meta.url),
      ...env,
    },
  })
  createInterface({ input: child.stdout }).on(
    'line',
    (line) => FRAMEWORK.test(stripVTControlCharacters(line)) || console.log(line),
  )
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => child.kill('SIGTERM'))
  leaveWithParent(() => child.kill('SIGTERM'))
  const data = env.URN_BENCH_DATA ?? process.env.URN_BENCH_DATA ?? join(process.cwd(), 'data', 'bench')
  child.on('exit', (code) => {
    removeLock(data, child.pid)
    process.exit(code ?? 1)
  })
  const address = `http://${host}:${port}`
  if (!(await isUp(address, run))) return
  console.log(`Urn Bench is on ${address}`)
  if (instruments !== '') console.log(`Stand-in instruments: ${instruments.replaceAll(',', ', ')}`)
}

if (import.meta.url === `file://${process.argv[1]}`) await start()

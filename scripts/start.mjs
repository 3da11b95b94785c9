import { spawn } from 'node:child_process'
import { createInterface } from 'node:readline'
import { buildIfNeeded, databaseTemplate, standIns, threadFiles } from './build.mjs'

/** How long an idle connection stays open, ms: longer than any screen is silent, so that no entry is sent into one that closes. */
const KEEP_ALIVE_MS = 75_000

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '::1'])

/** Starts the stand-in instruments of the demo. They leave when this process does: their standard input closes. */
async function startStandIns() {
  const child = spawn(process.execPath, [standIns], { stdio: ['pipe', 'pipe', 'inherit'] })
  process.on('exit', () => child.kill())
  for await (const line of createInterface({ input: child.stdout })) return line
  return ''
}

/** Starts the app on this machine alone. `env` says which data it opens. */
export async function start(env = {}) {
  const host = process.env.HOST ?? '127.0.0.1'
  if (!LOOPBACK.has(host)) {
    console.error(
      `HOST=${host}: Urn Bench has no sign-in yet, so it listens on this machine only. Leave HOST out, or set it to 127.0.0.1.`,
    )
    process.exit(1)
  }
  const port = process.env.PORT ?? '4100'
  await buildIfNeeded()
  const demo = (env.URN_BENCH_DEMO ?? process.env.URN_BENCH_DEMO) === '1'
  const instruments = process.env.URN_BENCH_INSTRUMENTS ?? (demo ? await startStandIns() : '')
  const child = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', host, '-p', port, '--keepAliveTimeout', String(KEEP_ALIVE_MS)],
    {
      stdio: 'inherit',
      env: {
        ...process.env,
        NEXT_TELEMETRY_DISABLED: '1',
        NODE_ENV: 'production',
        ...threadFiles,
        URN_BENCH_TEMPLATE: databaseTemplate,
        URN_BENCH_INSTRUMENTS: instruments,
        ...env,
      },
    },
  )
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))
  child.on('exit', (code) => process.exit(code ?? 0))
  const address = `http://${host}:${port}`
  for (let tries = 0; tries < 600; tries++) {
    await new Promise((resolve) => setTimeout(resolve, 100))
    const health = await fetch(`${address}/api/v1/health`).catch(() => undefined)
    if (health?.ok) {
      console.log(`Urn Bench is on ${address}`)
      if (instruments !== '') console.log(`Stand-in instruments: ${instruments.replaceAll(',', ', ')}`)
      return
    }
  }
}

if (import.meta.url === `file://${process.argv[1]}`) await start()

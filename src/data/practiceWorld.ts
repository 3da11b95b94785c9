import { type ChildProcess, spawn } from 'node:child_process'
import { createServer, type AddressInfo } from 'node:net'
import { join } from 'node:path'
import type { Outcome } from '@/core/base/outcome'
import { practiceWorldWords as words } from '@/words/practiceWorld'
import { dataFolder } from './bench'
import { refused } from './outcome'

/** The demo world is read in at the first time; a slow machine takes its time. */
const UP_WITHIN_MS = 120_000
/** The whole line: half of it may hold half of the port. */
const UP = /Urn Bench is on http:\/\/\S+:(\d+)\n/
const SAID_SHOWN = 400

// Next gives each route its own copy of a module: the process stands on globalThis, once.
const shared = globalThis as typeof globalThis & { urnBenchPractice?: Promise<Outcome<number>> | undefined }

const freePort = () =>
  new Promise<number>((resolve, reject) => {
    const probe = createServer()
    probe.once('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => resolve(port))
    })
  })

/**
 * The practice workshop: a bench of its own with the demo world, on a port of its own, so that nothing of it, in the database or
 * in the browser, is ever beside one's own. It is started when somebody first goes there, and leaves with this server.
 * @returns the port that it listens on, or why there is none
 */
export function practiceWorld(): Promise<Outcome<number>> {
  shared.urnBenchPractice ??= startPractice().then((outcome) => {
    if (!outcome.ok) shared.urnBenchPractice = undefined
    return outcome
  })
  return shared.urnBenchPractice
}

async function startPractice(): Promise<Outcome<number>> {
  const starter = process.env.URN_BENCH_STARTER
  if (starter === undefined) return refused(words.onlyWithStart)
  const child = spawn(process.execPath, [starter], {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: {
      ...process.env,
      PORT: String(await freePort()),
      DATABASE_URL: '',
      URN_BENCH_DATA: join(dataFolder(), 'practice'),
      URN_BENCH_DEMO: '1',
      URN_BENCH_INSTRUMENTS: undefined,
      URN_BENCH_WORLD: 'practice',
      URN_BENCH_HOME_PORT: process.env.PORT,
    },
  })
  process.once('exit', () => child.kill())
  child.once('exit', () => (shared.urnBenchPractice = undefined))
  return untilUp(child)
}

function untilUp(child: ChildProcess): Promise<Outcome<number>> {
  return new Promise((resolve) => {
    let said = ''
    const settle = (outcome: Outcome<number>) => {
      clearTimeout(timer)
      resolve(outcome)
    }
    const timer = setTimeout(() => {
      child.kill()
      settle(refused(words.didNotStart(said)))
    }, UP_WITHIN_MS)
    const hear = (data: Buffer) => {
      said = `${said}${data.toString()}`.slice(-SAID_SHOWN)
      const port = UP.exec(said)?.[1]
      if (port !== undefined) settle({ ok: true, value: Number(port) })
    }
    child.stdout?.on('data', hear)
    child.stderr?.on('data', hear)
    child.once('error', (error) => settle(refused(words.didNotStart(error.message))))
    child.once('exit', () => settle(refused(words.didNotStart(said))))
  })
}

import { spawn, type ChildProcess } from 'node:child_process'
import { cpSync, mkdtempSync } from 'node:fs'
import { createServer, type AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const shortLived = JSON.stringify(join(process.cwd(), 'e2e', 'shortLived.cjs'))

export const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => resolve(port))
    })
  })

/** Until it answers; false when it has left, or takes too long. */
async function answers(address: string, child: ChildProcess): Promise<boolean> {
  const until = Date.now() + 120_000
  while (child.exitCode === null && Date.now() < until) {
    const health = await fetch(`${address}/api/v1/health`).catch(() => undefined)
    if (health?.ok) return true
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
  return false
}

/** Names the data folder with the demo world in it that is made once; each bench begins with a copy. */
export const DEMO_DATA = 'URN_BROWSER_DEMO_DATA'

export const emptyFolder = (): string => mkdtempSync(join(tmpdir(), 'urn-browser-'))

/** A data folder with the demo world in it as it was made once. */
export function demoData(data: string): string {
  const demo = process.env[DEMO_DATA]
  if (demo === undefined) throw new Error(`${DEMO_DATA} is not set`)
  cpSync(demo, data, { recursive: true })
  return data
}

export interface Running {
  readonly address: string
  readonly port: number
  readonly child: ChildProcess
  readonly data: string
}

/**
 * Starts a server with the demo world in a data folder.
 * @param before the port of a bench that has been stopped: the browser still holds its scripts
 */
export async function startBench(
  data: string,
  more: Readonly<Record<string, string>> = {},
  before?: number,
): Promise<Pick<Running, 'address' | 'child' | 'port'>> {
  // a port that was free a moment ago may be taken by then: another one is tried
  for (let tries = 1; ; tries++) {
    const port = tries === 1 && before !== undefined ? before : await freePort()
    const address = `http://127.0.0.1:${port}`
    const child = spawn(process.execPath, ['scripts/start.mjs'], {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: {
        ...process.env,
        PORT: String(port),
        URN_BENCH_DATA: data,
        URN_BENCH_DEMO: '1',
        DATABASE_URL: '',
        // half a minute of moving takes two seconds
        URN_BENCH_PACE: '15',
        NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ''} --require ${shortLived}`,
        ...more,
      },
    })
    if (await answers(address, child)) return { address, child, port }
    if (tries === 3) throw new Error('the bench of these tests did not start')
  }
}

/** Stops it, and waits until its data folder is let go. */
export const stopBench = (child: ChildProcess) =>
  new Promise<void>((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) return resolve()
    child.once('exit', () => resolve())
    child.kill('SIGTERM')
  })

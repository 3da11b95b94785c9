import { spawn, type ChildProcess } from 'node:child_process'
import { chmodSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { join } from 'node:path'
import { expect, test } from './bench'
import { demoData, emptyFolder, freePort, startBench, stopBench } from './benchServer'

let folder: string
test.beforeEach(() => {
  folder = emptyFolder()
})
test.afterEach(() => rmSync(folder, { recursive: true, force: true }))

interface Left {
  readonly code: number | null
  readonly said: string
}

/** Starts the app and waits until it has left. */
const startAndLeave = (env: Readonly<Record<string, string>>, uid?: number) =>
  new Promise<Left>((resolve) => {
    const child = spawn(process.execPath, ['scripts/start.mjs'], {
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, DATABASE_URL: '', URN_BENCH_DATA: join(folder, 'data'), ...env },
      ...(uid !== undefined && { uid }),
    })
    let said = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text: Buffer) => (said += text.toString()))
    child.on('exit', (code) => resolve({ code, said: said.trim() }))
  })

const isUp = (address: string) =>
  fetch(`${address}/api/v1/health`).then(
    () => true,
    () => false,
  )

const isAlive = (pid: number) => {
  try {
    process.kill(pid, 0)
    return !readFileSync(`/proc/${pid}/stat`, 'utf8').includes(') Z ')
  } catch {
    return false
  }
}

/** The processes that one has started, and theirs. */
const below = (pid: number): number[] =>
  readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8')
    .split(' ')
    .filter(Boolean)
    .flatMap((child) => [Number(child), ...below(Number(child))])

const faults: readonly [string, () => Record<string, string>, RegExp, number | undefined][] = [
  ['a port out of range', () => ({ PORT: '70000' }), /PORT=70000 is no port/, undefined],
  [
    'a folder that is a file',
    () => {
      writeFileSync(join(folder, 'data'), '')
      return {}
    },
    /is a file, or lies below one/,
    undefined,
  ],
  [
    'a folder that cannot be written to',
    () => {
      mkdirSync(join(folder, 'data'))
      chmodSync(join(folder, 'data'), 0o555)
      chmodSync(folder, 0o755)
      return {}
    },
    /cannot be written to/,
    // root may write anywhere
    process.getuid?.() === 0 ? 65534 : undefined,
  ],
  ['a full disk', () => ({ URN_BENCH_SPARE_MB: '1e12' }), /is full\. Make room/, undefined],
  [
    'a database that is down',
    () => ({ DATABASE_URL: 'postgres://nobody@127.0.0.1:1/urn' }),
    /does not answer/,
    undefined,
  ],
  [
    'a database address that is none',
    () => ({ DATABASE_URL: 'not an address' }),
    /DATABASE_URL is no address/,
    undefined,
  ],
]

for (const [name, prepare, sentence, uid] of faults)
  test(`${name} is one sentence and exit code 1`, async () => {
    const left = await startAndLeave({ PORT: String(await freePort()), ...prepare() }, uid)
    expect(left.said).toMatch(sentence)
    expect(left.said.split('\n')).toHaveLength(1)
    expect(left.code).toBe(1)
  })

test('a port where another program answers is not mistaken for this bench', async () => {
  const other = createServer((_request, response) => response.end('{"status":"ok"}'))
  await new Promise<void>((done) => other.listen(0, '127.0.0.1', done))
  const { port } = other.address() as AddressInfo
  const left = await startAndLeave({ PORT: String(port) })
  expect(left).toEqual({
    code: 1,
    said: `Port ${port} is taken by another program. Stop that, or set PORT to another number.`,
  })
  expect(existsSync(join(folder, 'data'))).toBe(false)
  await new Promise((done) => other.close(done))
})

test('a folder that another bench holds is named with its process', async () => {
  const data = join(folder, 'data')
  const { child } = await startBench(data, { URN_BENCH_DEMO: '' })
  const left = await startAndLeave({ PORT: String(await freePort()) })
  expect(left.said).toMatch(/is in use by process \d+ on .+\. Stop that Urn Bench first/)
  expect(left.code).toBe(1)
  await stopBench(child)
})

const killed: readonly [string, NodeJS.Signals, (child: ChildProcess) => number][] = [
  ['whoever started it', 'SIGKILL', (child) => child.pid ?? 0],
  ['whoever started it', 'SIGTERM', (child) => child.pid ?? 0],
  ['the server', 'SIGKILL', (child) => serverOf(child)],
  ['the server', 'SIGTERM', (child) => serverOf(child)],
]

function serverOf(child: ChildProcess): number {
  const found = below(child.pid ?? 0).find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('serve.mjs'))
  if (found === undefined) throw new Error('there is no server below it')
  return found
}

for (const [who, signal, pidOf] of killed)
  test(`${signal} of ${who} leaves neither port nor lock nor instruments behind`, async () => {
    const data = demoData(join(folder, 'data'))
    const { address, child } = await startBench(data)
    const all = [child.pid ?? 0, ...below(child.pid ?? 0)]
    expect(all).toHaveLength(3)
    expect(existsSync(join(data, 'urn-bench.lock'))).toBe(true)
    process.kill(pidOf(child), signal)
    await expect.poll(() => all.filter(isAlive), { timeout: 20_000 }).toEqual([])
    expect(await isUp(address)).toBe(false)
    expect(existsSync(join(data, 'urn-bench.lock'))).toBe(false)
  })

test('what no page could read is answered in JSON, and every answer has the headers', async () => {
  const { address, child } = await startBench(demoData(join(folder, 'data')))
  const cases: readonly [string, RequestInit, number, string | undefined][] = [
    ['/api/v1/%zz', {}, 400, 'bad-input'],
    ['/api/v1/jobs/%00', {}, 404, 'not-found'],
    ['/jobs/%e0%a4%a/plan', {}, 400, 'bad-input'],
    ['/api/v1/jobs/%00/journal', { method: 'POST', body: '{}' }, 404, 'not-found'],
    ['/api/v1/jobs', { method: 'PROPFIND' }, 405, 'method-not-allowed'],
    ['/api/v1/jobs', { method: 'OPTIONS' }, 405, 'method-not-allowed'],
    ['/api/v1/jobs', { method: 'DELETE' }, 405, 'method-not-allowed'],
    [
      '/api/v1/wire/size',
      { method: 'POST', body: '[]', headers: { 'content-type': 'application/json' } },
      400,
      'bad-input',
    ],
    ['/jobs/deck-loom/kit/supply', {}, 200, undefined],
    ['/jobs/nothing/kit/supply', {}, 404, 'not-found'],
    ['/jobs/deck-loom/papers/record.csv', {}, 200, undefined],
    ['/api/shelf/import', { method: 'POST', body: 'x' }, 200, undefined],
    ['/shelf/export', {}, 200, undefined],
    ['/', {}, 200, undefined],
  ]
  for (const [path, init, status, code] of cases) {
    const response = await fetch(address + path, init)
    expect(`${path} ${response.status}`).toBe(`${path} ${status}`)
    expect(response.headers.get('x-content-type-options')).toBe('nosniff')
    expect(response.headers.get('x-frame-options')).toBe('DENY')
    expect(response.headers.get('cache-control')).toContain('no-store')
    if (code !== undefined) expect(((await response.json()) as { error: { code: string } }).error.code).toBe(code)
  }
  await stopBench(child)
})

import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, expect, test } from 'vitest'
import { readyThread, runThread, type ThreadOptions } from './runThread'

const folder = mkdtempSync(join(tmpdir(), 'urn-thread-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

/** Runs a thread whose file says this. */
function run<P, T>(code: string, order: unknown, options: Partial<ThreadOptions<P>> = {}): Promise<T> {
  const file = join(folder, `${Math.random().toString(36).slice(2)}.mjs`)
  writeFileSync(
    file,
    `import { parentPort } from 'node:worker_threads'\nconst order = await new Promise((resolve) => parentPort.once('message', resolve))\n${code}`,
  )
  process.env.URN_BENCH_THREAD_PACKAGE = file
  return runThread<P, T>('package', order, { heapMb: 64, limitMs: 5000, ...options })
}

test('a thread tells how far it is, and answers once', async () => {
  const told: number[] = []
  const answer = await run<number, number>(
    'for (let i = 1; i <= 3; i++) parentPort.postMessage({ progress: i })\nparentPort.postMessage({ answer: order.a * 2 })',
    { a: 21 },
    { onProgress: (one) => told.push(one) },
  )
  expect(answer).toBe(42)
  expect(told).toEqual([1, 2, 3])
})

test.each([
  ['throws', 'throw new Error("no such figure")', /no such figure/],
  ['ends without an answer', 'process.exit(3)', /package ended with 3/],
  ['takes too long', 'for (;;);', /package took longer than 300 ms/],
  [
    'wants more memory than it may have',
    'const all = []; for (;;) all.push(new Array(1e5).fill(Math.random()))',
    /memory/i,
  ],
])('a thread that %s gives a fault and no answer', async (what, code, words) => {
  await expect(run(code, {}, { limitMs: what === 'takes too long' ? 300 : 20_000 })).rejects.toThrow(words)
})

test('a thread is stopped by whoever asked', async () => {
  const stop = new AbortController()
  const asked = run('for (;;);', {}, { signal: stop.signal })
  setTimeout(() => stop.abort(), 100)
  await expect(asked).rejects.toThrow('package was stopped')
})

test('a thread that was made ready does the next work, and the one after it is another', async () => {
  const file = join(folder, 'ready.mjs')
  const loads = join(folder, 'loads')
  writeFileSync(
    file,
    `import { appendFileSync } from 'node:fs'
import { parentPort, threadId } from 'node:worker_threads'
appendFileSync(${JSON.stringify(loads)}, 'x')
parentPort.once('message', () => parentPort.postMessage({ answer: threadId }))`,
  )
  process.env.URN_BENCH_THREAD_PACKAGE = file
  const options = { heapMb: 64, limitMs: 5000 }
  readyThread('package', options.heapMb)
  readyThread('package', options.heapMb)
  await expect.poll(() => existsSync(loads) && readFileSync(loads, 'utf8')).toBe('x')
  const first = await runThread<never, number>('package', {}, options)
  expect(readFileSync(loads, 'utf8')).toBe('x')
  expect(await runThread<never, number>('package', {}, options)).not.toBe(first)
  expect(readFileSync(loads, 'utf8')).toBe('xx')
})

test('one that could not be made ready is begun anew, and says why', async () => {
  const file = join(folder, 'broken.mjs')
  writeFileSync(file, 'throw new Error("no such part")')
  process.env.URN_BENCH_THREAD_PACKAGE = file
  readyThread('package', 64)
  await new Promise((resolve) => setTimeout(resolve, 300))
  await expect(runThread('package', {}, { heapMb: 64, limitMs: 5000 })).rejects.toThrow('no such part')
})

test('an order that cannot be handed over is refused at once, and its thread leaves', async () => {
  const left = new Promise<number>((resolve) => process.once('worker', (worker) => worker.once('exit', resolve)))
  await expect(run('setInterval(() => undefined, 1000)', { act: () => 1 })).rejects.toThrow(
    'package cannot be given its order',
  )
  // one that waited on would not
  await expect(left).resolves.toBeTypeOf('number')
})

test('work that was stopped before it began does not begin', async () => {
  await expect(run('parentPort.postMessage({ answer: 1 })', {}, { signal: AbortSignal.abort() })).rejects.toThrow(
    'package was stopped',
  )
})

test('without its file it says how the app is started', async () => {
  delete process.env.URN_BENCH_THREAD_PAPERS
  await expect(runThread('papers', {}, { heapMb: 64, limitMs: 100 })).rejects.toThrow(
    'URN_BENCH_THREAD_PAPERS is not set: start the app with npm start',
  )
})

import { Worker, parentPort } from 'node:worker_threads'

/** Threads beside the server's, by the name of the file that the build makes of each. */
export type ThreadName = 'papers' | 'package' | 'compute'

/** A piece of work needed more time or memory than it may take. */
export class ThreadLimit extends Error {
  constructor(
    readonly of: 'time' | 'memory',
    message: string,
  ) {
    super(message)
  }
}

/** What a thread posts: how far it is, as often as it likes, and its answer once. */
export type ThreadMessage<P, T> = { readonly progress: P } | { readonly answer: T }

export interface ThreadOptions<P> {
  readonly heapMb: number
  readonly limitMs: number
  readonly onProgress?: (progress: P) => void
  /** ends the thread, whatever it is doing */
  readonly signal?: AbortSignal
}

/** The file's whole path comes from the starter: a path that is put together here would be followed by the bundler of the pages. */
function threadFile(name: ThreadName): string {
  const variable = `URN_BENCH_THREAD_${name.toUpperCase()}`
  const file = process.env[variable]
  if (file === undefined)
    throw new Error(`${variable} is not set: start the app with npm start, npm run demo or npm run dev`)
  return file
}

/** Orders hold their bytes at most so deep. */
const BYTES_DEEP = 2

/** Bytes that are all of their buffer move to the thread, and are gone here; anything else is copied. */
function ownBuffers(order: unknown, deep = BYTES_DEEP): ArrayBuffer[] {
  if (order instanceof Uint8Array)
    return order.buffer instanceof ArrayBuffer && order.byteLength === order.buffer.byteLength ? [order.buffer] : []
  if (deep === 0 || typeof order !== 'object' || order === null || Array.isArray(order)) return []
  return Object.values(order).flatMap((value) => ownBuffers(value, deep - 1))
}

const startThread = (name: ThreadName, heapMb: number): Worker =>
  new Worker(threadFile(name), { resourceLimits: { maxOldGenerationSizeMb: heapMb } })

/** Threads that are loaded and wait for their order. */
const waiting = new Map<ThreadName, Worker>()
/** For how long, ms: what was announced may not come. */
const WAIT_MS = 10_000

/** Loads the thread that a request needs in a moment, while the rest of it is still on its way. */
export function readyThread(name: ThreadName, heapMb: number): void {
  if (waiting.has(name)) return
  const worker = startThread(name, heapMb)
  const leave = () => {
    if (waiting.get(name) !== worker) return
    waiting.delete(name)
    void worker.terminate()
  }
  waiting.set(name, worker)
  worker.unref()
  setTimeout(leave, WAIT_MS).unref()
  // why it could not be loaded is told to whoever has work for it
  worker.once('error', leave)
  worker.once('exit', leave)
}

function takeThread(name: ThreadName, heapMb: number): Worker {
  const ready = waiting.get(name)
  if (!ready) return startThread(name, heapMb)
  waiting.delete(name)
  ready.ref()
  return ready
}

/** In a thread: what it is to do. */
export const threadOrder = <T>(): Promise<T> =>
  new Promise((resolve) => parentPort?.once('message', (order: T) => resolve(order)))

/**
 * Runs a piece of work in a thread of its own, with a limit of memory and of time.
 * @throws ThreadLimit when it takes too long or runs out of memory; an error when it fails or is stopped
 */
export function runThread<P, T>(
  name: ThreadName,
  order: unknown,
  { heapMb, limitMs, onProgress, signal }: ThreadOptions<P>,
): Promise<T> {
  return new Promise((resolve, reject) => {
    if (signal?.aborted) throw new Error(`${name} was stopped`)
    const worker = takeThread(name, heapMb)
    const settle = (act: () => void) => {
      clearTimeout(timer)
      act()
      void worker.terminate()
    }
    const timer = setTimeout(
      () => settle(() => reject(new ThreadLimit('time', `${name} took longer than ${limitMs} ms`))),
      limitMs,
    )
    signal?.addEventListener('abort', () => settle(() => reject(new Error(`${name} was stopped`))))
    worker.on('message', (message: ThreadMessage<P, T>) =>
      'progress' in message ? onProgress?.(message.progress) : settle(() => resolve(message.answer)),
    )
    worker.once('error', (error: Error & { readonly code?: string }) =>
      settle(() =>
        reject(
          error.code === 'ERR_WORKER_OUT_OF_MEMORY'
            ? new ThreadLimit('memory', `${name} ran out of memory, ${heapMb} MB`)
            : error,
        ),
      ),
    )
    worker.once('exit', (code) => settle(() => reject(new Error(`${name} ended with ${code}`))))
    try {
      worker.postMessage(order, ownBuffers(order))
    } catch (error) {
      // a thread whose order cannot be handed over would wait for it
      settle(() => reject(new Error(`${name} cannot be given its order`, { cause: error })))
    }
  })
}

import { Worker } from 'node:worker_threads'
import type { PaperInput } from './paper'
import type { PaperId, PaperOrder } from './papers'

/**
 * The thread's file, built beside the app by esbuild. Its place comes from the starter: a path written here would be
 * followed by the bundler of the pages.
 */
function workerFile(): string {
  const file = process.env.URN_BENCH_PAPERS
  if (file === undefined) throw new Error('URN_BENCH_PAPERS is not set: start the app with npm start, npm run demo or npm run dev')
  return file
}

const HEAP_MB = 512
const LIMIT_MS = 60_000

/** A paper as PDF, made in a thread of its own with a limit of memory and of time. */
export function makePdf(paper: PaperId, input: PaperInput): Promise<Uint8Array> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(workerFile(), { workerData: { paper, input } satisfies PaperOrder, resourceLimits: { maxOldGenerationSizeMb: HEAP_MB } })
    const timer = setTimeout(() => {
      reject(new Error('the sheet took too long'))
      void worker.terminate()
    }, LIMIT_MS)
    const settle = (act: () => void) => {
      clearTimeout(timer)
      act()
      void worker.terminate()
    }
    worker.once('message', (pdf: Uint8Array) => settle(() => resolve(pdf)))
    worker.once('error', (error) => settle(() => reject(error)))
    worker.once('exit', (code) => settle(() => reject(new Error(`the sheet’s thread ended with ${code}`))))
  })
}

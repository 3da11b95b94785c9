import type { Bundle } from '@/core/craft/bundle/bundle'

/** A worker that packs bundles; `stop` ends it, whatever it is doing. */
export function bundleWorker(): {
  readonly pack: (diametersMm: readonly number[]) => Promise<Bundle>
  readonly stop: () => void
} {
  const worker = new Worker(new URL('./bundle.worker.ts', import.meta.url), { type: 'module' })
  const waiting = new Map<number, (bundle: Bundle) => void>()
  let last = 0
  worker.addEventListener('message', (event: MessageEvent<{ readonly id: number; readonly bundle: Bundle }>) => {
    waiting.get(event.data.id)?.(event.data.bundle)
    waiting.delete(event.data.id)
  })
  return {
    pack: (diametersMm) =>
      new Promise((resolve) => {
        waiting.set(++last, resolve)
        worker.postMessage({ id: last, diametersMm })
      }),
    stop: () => worker.terminate(),
  }
}

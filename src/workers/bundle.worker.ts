import { packBundle } from '@/core/craft/bundle/bundle'

/** Packs bundles off the page's thread: one message of diameters, one of the bundle. */
self.addEventListener(
  'message',
  (event: MessageEvent<{ readonly id: number; readonly diametersMm: readonly number[] }>) => {
    const { id, diametersMm } = event.data
    self.postMessage({ id, bundle: packBundle(diametersMm) })
  },
)

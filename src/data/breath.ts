import type { Breath } from '@/core/base/breath'

/** For how long one piece of work may hold up all others, ms. */
const SLICE_MS = 12

/**
 * A breath at the end of each slice of time.
 * @param now a clock in ms
 */
export function newBreath(now: () => number = () => performance.now()): Breath {
  let since = now()
  return () => {
    if (now() - since < SLICE_MS) return undefined
    return new Promise((resolve) =>
      setImmediate(() => {
        since = now()
        resolve()
      }),
    )
  }
}

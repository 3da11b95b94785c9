import type { Breath } from '@/core/base/breath'

/** For how long one piece of work may hold up all others, ms. */
const SLICE_MS = 10
/** A request comes in, is read and is answered in several turns: with one turn a slice it would wait for as many slices. */
const TURNS = 16

const turn = () => new Promise<void>((resolve) => setImmediate(resolve))

/**
 * A breath at the end of each slice of time.
 * @param now a clock in ms
 */
export function newBreath(now: () => number = () => performance.now()): Breath {
  let since = now()
  const pause = async () => {
    for (let i = 0; i < TURNS; i++) await turn()
    since = now()
  }
  return () => (now() - since < SLICE_MS ? undefined : pause())
}

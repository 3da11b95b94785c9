/** For how long one piece of work may hold up all others, ms. */
const SLICE_MS = 12

/** Lets others have their turn now and then: undefined while the slice of time is not used up. */
export type Breath = () => Promise<void> | undefined

/** @param now a clock in ms */
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

import { useEffect, useState } from 'react'

/** How long one step takes on screen, and how long its end stands before it runs again, ms. */
const RUN_MS = 1500
const STAND_MS = 900
/** It is drawn so often while it runs: a hand's movement needs no more. */
const STEPS = 36
/** What moves by itself comes to rest within five seconds (WCAG 2.2.2). */
const RUNS = 2

const shareAt = (sinceMs: number): number =>
  sinceMs >= RUNS * (RUN_MS + STAND_MS)
    ? 1
    : Math.min(1, Math.floor(((sinceMs % (RUN_MS + STAND_MS)) / RUN_MS) * STEPS) / STEPS)

/**
 * A share from 0 to 1 that runs twice while the same step is due, rests at its end, and begins again with the next.
 * @param again another figure runs it once more
 */
export function useShare(key: string, runs: boolean, again = 0): number {
  const [now, setNow] = useState({ key, share: 0 })
  useEffect(() => {
    const show = (share: number) =>
      setNow((before) => (before.key === key && before.share === share ? before : { key, share }))
    if (!runs || window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
      show(1)
      return
    }
    const began = performance.now()
    const draw = () => {
      const sinceMs = performance.now() - began
      show(shareAt(sinceMs))
      if (sinceMs >= RUNS * (RUN_MS + STAND_MS)) clearInterval(timer)
    }
    const timer = setInterval(draw, RUN_MS / STEPS)
    show(0)
    return () => clearInterval(timer)
  }, [key, runs, again])
  return now.key === key ? now.share : 0
}

import { useEffect, useState } from 'react'

/** How long one step takes on screen, and how long its end stands before it runs again, ms. */
const RUN_MS = 1500
const STAND_MS = 900
/** It is drawn so often while it runs: a hand's movement needs no more. */
const STEPS = 36
/** What moves by itself comes to rest within five seconds (WCAG 2.2.2). */
const RUNS = 2

/** Several steps in a row run once, in as long as two runs of one take. */
const ROW_MS = 4000

interface Run {
  readonly runMs: number
  readonly lastsMs: number
  readonly everyMs: number
}
const oneStep: Run = { runMs: RUN_MS, everyMs: RUN_MS + STAND_MS, lastsMs: RUNS * (RUN_MS + STAND_MS) }
const inARow: Run = { runMs: ROW_MS, everyMs: ROW_MS + STAND_MS, lastsMs: ROW_MS }

const shareAt = (sinceMs: number, { runMs, everyMs, lastsMs }: Run): number => {
  const steps = Math.round((STEPS * runMs) / RUN_MS)
  return sinceMs >= lastsMs ? 1 : Math.min(1, Math.floor(((sinceMs % everyMs) / runMs) * steps) / steps)
}

/**
 * A share from 0 to 1 that runs twice while the same step is due, rests at its end, and begins again with the next.
 * @param again another figure runs it once more
 * @param row    several steps run one after the other, once
 */
export function useShare(key: string, runs: boolean, again = 0, row = false): number {
  const [now, setNow] = useState({ key, share: 0 })
  useEffect(() => {
    const show = (share: number) =>
      setNow((before) => (before.key === key && before.share === share ? before : { key, share }))
    if (!runs || window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
      show(1)
      return
    }
    const run = row ? inARow : oneStep
    const began = performance.now()
    const draw = () => {
      const sinceMs = performance.now() - began
      show(shareAt(sinceMs, run))
      if (sinceMs >= run.lastsMs) clearInterval(timer)
    }
    const timer = setInterval(draw, RUN_MS / STEPS)
    show(0)
    return () => clearInterval(timer)
  }, [key, runs, again, row])
  return now.key === key ? now.share : 0
}

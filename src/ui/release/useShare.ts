import { useEffect, useState } from 'react'

/** How long one step takes on screen, and how long its end stands before it runs again, ms. */
const RUN_MS = 1500
const STAND_MS = 900

/** A share from 0 to 1 that runs while the same step is due, and begins again with the next. */
export function useShare(key: string, runs: boolean): number {
  const [now, setNow] = useState({ key, share: 0 })
  useEffect(() => {
    if (!runs || window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
      setNow({ key, share: 1 })
      return
    }
    const began = performance.now()
    let frame = requestAnimationFrame(function draw(time) {
      setNow({ key, share: Math.min(1, ((time - began) % (RUN_MS + STAND_MS)) / RUN_MS) })
      frame = requestAnimationFrame(draw)
    })
    return () => cancelAnimationFrame(frame)
  }, [key, runs])
  return now.key === key ? now.share : 0
}

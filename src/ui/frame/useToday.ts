'use client'
import { useCallback, useSyncExternalStore } from 'react'
import { useClock } from './Clock'

/** How often is looked whether the day has turned, ms. */
const LOOK_MS = 30_000

const everySoOften = (look: () => void) => {
  const timer = setInterval(look, LOOK_MS)
  // a machine that slept looks at once
  document.addEventListener('visibilitychange', look)
  return () => {
    clearInterval(timer)
    document.removeEventListener('visibilitychange', look)
  }
}

/** The day at this bench, as it is now: a screen that is left on overnight says the next one. */
export function useToday(): string {
  const { dayOf } = useClock()
  const today = useCallback(() => dayOf(new Date()), [dayOf])
  return useSyncExternalStore(everySoOften, today, today)
}

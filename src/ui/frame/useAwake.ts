'use client'
import { useEffect } from 'react'

/** Keeps the screen awake while hands are full, where the browser can; asks again when the page comes back. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return undefined
    let lock: WakeLockSentinel | undefined
    let left = false
    const ask = () => {
      if (document.visibilityState !== 'visible') return
      navigator.wakeLock.request('screen').then(
        (given) => {
          if (left) void given.release()
          else lock = given
        },
        // a low battery or a policy may refuse: the screen then sleeps as it always does
        () => undefined,
      )
    }
    ask()
    document.addEventListener('visibilitychange', ask)
    return () => {
      left = true
      document.removeEventListener('visibilitychange', ask)
      void lock?.release()
    }
  }, [on])
}

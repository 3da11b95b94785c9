import { startTransition, useEffect, useState } from 'react'

/**
 * A value as it was in the last frame: what is drawn from it does not hold up the frame in which it changed, as it would where
 * React draws it as soon as it has time (`useDeferredValue`), most often before that frame. While a key is held it stays behind.
 */
export function useAfterFrame<T>(value: T): T {
  const [shown, setShown] = useState(value)
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setShown(() => value)))
    })
    return () => {
      cancelAnimationFrame(frame)
      clearTimeout(timer)
    }
  }, [value])
  return shown
}

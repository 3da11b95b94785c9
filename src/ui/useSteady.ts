import { useCallback, useLayoutEffect, useRef } from 'react'

/** A handler that stays the same function and does what the newest one does: rows that are memoised need not be drawn again for it. */
export function useSteady<A extends readonly unknown[]>(handler: (...args: A) => void): (...args: A) => void {
  const newest = useRef(handler)
  useLayoutEffect(() => {
    newest.current = handler
  })
  return useCallback((...args: A) => newest.current(...args), [])
}

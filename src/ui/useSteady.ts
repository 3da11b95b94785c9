import { useCallback, useLayoutEffect, useRef } from 'react'

/** A handler that stays the same function and does what the newest one does: what is memoised need not be made again for it. */
export function useSteady<A extends readonly unknown[], R>(handler: (...args: A) => R): (...args: A) => R {
  const newest = useRef(handler)
  useLayoutEffect(() => {
    newest.current = handler
  })
  return useCallback((...args: A) => newest.current(...args), [])
}

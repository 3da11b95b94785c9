import { useEffect, useRef } from 'react'
import { useSteady } from '../useSteady'

/** Runs in the next frame, between layout and paint: there alone no task of its own can have changed the page again. @returns calls it off */
function afterLayout(run: () => void): () => void {
  const observer = new ResizeObserver(() => {
    observer.disconnect()
    run()
  })
  observer.observe(document.body)
  return () => observer.disconnect()
}

/**
 * Runs once the browser has laid out what has just changed, whenever `of` is another. What asks where things lie, or moves them,
 * before that makes it lay the page out twice. While a key is held one run serves all changes that came before it.
 */
export function useAfterLayout(run: () => void, of: unknown): void {
  const newest = useSteady(run)
  const callOff = useRef<() => void>(undefined)
  useEffect(() => {
    callOff.current ??= afterLayout(() => {
      callOff.current = undefined
      newest()
    })
  }, [of, newest])
  useEffect(
    () => () => {
      callOff.current?.()
      callOff.current = undefined
    },
    [],
  )
}

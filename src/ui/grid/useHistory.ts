'use client'
import { useCallback, useEffect, useRef, useState } from 'react'

/**
 * Undo for a value that somebody else keeps: what it was before each change that was made through here.
 * @param onChange takes the value as it is to be
 */
export function useHistory<T>(now: T, onChange: (next: T) => void) {
  const latest = useRef(now)
  useEffect(() => {
    latest.current = now
  }, [now])
  const [past, setPast] = useState<readonly T[]>([])
  const [future, setFuture] = useState<readonly T[]>([])
  const put = useCallback(
    (next: T) => {
      latest.current = next
      onChange(next)
    },
    [onChange],
  )
  const change = useCallback(
    (next: (now: T) => T) => {
      const before = latest.current
      const after = next(before)
      if (Object.is(after, before)) return
      setPast((steps) => [...steps, before])
      setFuture([])
      put(after)
    },
    [put],
  )
  const before = past.at(-1)
  const [after] = future
  return {
    change,
    undo: () => {
      if (before === undefined) return
      setFuture([latest.current, ...future])
      setPast(past.slice(0, -1))
      put(before)
    },
    redo: () => {
      if (after === undefined) return
      setPast([...past, latest.current])
      setFuture(future.slice(1))
      put(after)
    },
    canUndo: before !== undefined,
    canRedo: after !== undefined,
  }
}

'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import { advance, redo, startHistory, undo, type History } from '@/core/base/history'
import { useSteady } from '../useSteady'

/**
 * Undo for a value that somebody else keeps: what it was before each change that was made through here.
 * @param onChange takes the value as it is to be
 */
export function useHistory<T>(now: T, onChange: (next: T) => void) {
  const history = useRef(startHistory(now))
  const [can, setCan] = useState({ undo: false, redo: false })
  const put = useSteady(onChange)
  useEffect(() => {
    history.current = { ...history.current, now }
  }, [now])
  const go = useCallback(
    (step: (at: History<T>) => History<T>) => {
      const next = step(history.current)
      if (next === history.current) return
      history.current = next
      setCan({ undo: next.past.length > 0, redo: next.future.length > 0 })
      put(next.now)
    },
    [put],
  )
  return {
    change: useCallback((next: (now: T) => T) => go((at) => advance(at, next(at.now))), [go]),
    undo: useCallback(() => go(undo), [go]),
    redo: useCallback(() => go(redo), [go]),
    canUndo: can.undo,
    canRedo: can.redo,
  }
}

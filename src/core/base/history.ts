/** A value that can go back and forth: what undo and redo need. */
export interface History<T> {
  readonly past: readonly T[]
  readonly now: T
  readonly future: readonly T[]
}

const KEPT = 200

export const startHistory = <T>(now: T): History<T> => ({ past: [], now, future: [] })

/** The next state; what was undone before cannot be redone any more. The same value is no step. */
export const advance = <T>(history: History<T>, next: T): History<T> =>
  Object.is(next, history.now)
    ? history
    : { past: [...history.past.slice(-KEPT + 1), history.now], now: next, future: [] }

export function undo<T>(history: History<T>): History<T> {
  const before = history.past[history.past.length - 1]
  return before === undefined
    ? history
    : { past: history.past.slice(0, -1), now: before, future: [history.now, ...history.future] }
}

export function redo<T>(history: History<T>): History<T> {
  const [next, ...rest] = history.future
  return next === undefined ? history : { past: [...history.past, history.now], now: next, future: rest }
}

/**
 * One at a time for each key: work waits for what was asked before it, whether that went well or not.
 * @param turns who is at work now, by key; kept by the caller
 */
export function inTurn<K, T>(turns: Map<K, Promise<unknown>>, key: K, work: () => Promise<T>): Promise<T> {
  const before = turns.get(key) ?? Promise.resolve()
  const mine = before.then(work, work)
  turns.set(
    key,
    mine.catch(() => undefined),
  )
  return mine
}

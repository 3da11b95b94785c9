import { useCallback, useEffect, useState } from 'react'

/** What has been fetched once is there at once. By the function that fetches it. */
const fetched = new WeakMap<() => Promise<unknown>, unknown>()

async function fetchOnce<T>(load: () => Promise<T>): Promise<T> {
  const value = await load()
  fetched.set(load, value)
  return value
}

export interface Beside<T> {
  readonly value: T | undefined
  readonly failed: boolean
  /** asks again after it has failed */
  readonly again: () => void
}

/**
 * Code that a page needs later, fetched once the page stands. Not by a lazy component: React holds back what was suspended for
 * 300 ms, and a key that follows at once would be lost.
 * @param load a function that stays the same
 */
export function useBeside<T>(load: () => Promise<T>): Beside<T> {
  const [value, setValue] = useState(() => fetched.get(load) as T | undefined)
  const [failed, setFailed] = useState(false)
  const [tries, setTries] = useState(1)
  useEffect(() => {
    let late = false
    fetchOnce(load).then(
      (there) => late || setValue(() => there),
      () => late || setFailed(true),
    )
    return () => {
      late = true
    }
  }, [load, tries])
  const again = useCallback(() => {
    setFailed(false)
    setTries((count) => count + 1)
  }, [])
  return { value, failed, again }
}

'use client'
import { useCallback, useEffect, useState } from 'react'

/** Something fetched beside the page, anew whenever `version` changes; `again` fetches it once more. */
// T is what the route promises: nothing in the browser checks it again
// eslint-disable-next-line @typescript-eslint/no-unnecessary-type-parameters
export function useFetched<T>(
  url: string,
  version: unknown,
): { readonly value: T | undefined; readonly failed: boolean; readonly again: () => void } {
  const [value, setValue] = useState<T>()
  const [failed, setFailed] = useState(false)
  const [count, setCount] = useState(0)
  useEffect(() => {
    const leave = new AbortController()
    fetch(url, { signal: leave.signal })
      .then(async (response) => {
        if (!response.ok) throw new Error(String(response.status))
        setValue((await response.json()) as T)
        setFailed(false)
      })
      .catch(() => !leave.signal.aborted && setFailed(true))
    return () => leave.abort()
  }, [url, version, count])
  return { value, failed, again: useCallback(() => setCount((now) => now + 1), []) }
}

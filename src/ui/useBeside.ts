import { useEffect, useState } from 'react'

/**
 * Code that a page needs later, fetched once the page stands. Not by a lazy component: React holds back what was suspended for
 * 300 ms, and a key that follows at once would be lost.
 * @param load a function that stays the same
 */
export function useBeside<T>(load: () => Promise<T>): T | undefined {
  const [loaded, setLoaded] = useState<T>()
  useEffect(() => {
    let late = false
    void load().then((value) => !late && setLoaded(() => value))
    return () => {
      late = true
    }
  }, [load])
  return loaded
}

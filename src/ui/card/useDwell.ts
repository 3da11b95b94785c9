import { useEffect, useState } from 'react'

/** Nobody has put two probes to two points sooner, ms: a press that comes earlier belongs to the rhythm of the one before. */
const DWELL_MS = 700

/** Has what is on the card stood there long enough to have been done? */
export function useDwell(key: string): boolean {
  const [stood, setStood] = useState<string>()
  useEffect(() => {
    const timer = setTimeout(() => setStood(key), DWELL_MS)
    return () => clearTimeout(timer)
  }, [key])
  return stood === key
}

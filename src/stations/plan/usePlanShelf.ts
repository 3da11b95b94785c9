'use client'
import { useEffect, useState } from 'react'
import type { PlanShelf } from './planShelf'

const nothing: PlanShelf = { wireTypes: [], terminals: [], housings: [], rules: [], older: 0 }

/** What cells and ends may name, from the shelf as it is now; nothing until it has come. */
export function usePlanShelf(jobId: string, seq: number): PlanShelf {
  const [shelf, setShelf] = useState(nothing)
  useEffect(() => {
    const stop = new AbortController()
    void fetch(`/jobs/${encodeURIComponent(jobId)}/plan/shelf`, { signal: stop.signal }).then(
      async (response) => {
        if (response.ok) setShelf((await response.json()) as PlanShelf)
      },
      () => undefined,
    )
    return () => stop.abort()
  }, [jobId, seq])
  return shelf
}

import { useCallback, useRef, useState } from 'react'

/** What a check found of one record. */
export interface CheckedRecord {
  readonly whole: boolean
  readonly entries: number
  readonly why?: string
  readonly signatures: readonly {
    readonly by: string
    readonly covers: number
    readonly whole: boolean
    readonly home: boolean
  }[]
}

async function checkOne(id: string): Promise<CheckedRecord | undefined> {
  try {
    const response = await fetch(`/api/v1/jobs/${encodeURIComponent(id)}/verify`, { cache: 'no-store' })
    return response.ok ? ((await response.json()) as CheckedRecord) : undefined
  } catch {
    return undefined
  }
}

/** Checks records one after the other, so that the bench goes on answering; what is found stands as soon as it is. */
export function useCheckRecords(ids: readonly string[]): {
  /** by job; undefined where the bench did not answer */
  readonly found: ReadonlyMap<string, CheckedRecord | undefined>
  readonly running: boolean
  readonly start: () => Promise<void>
  readonly stop: () => void
} {
  const [found, setFound] = useState<ReadonlyMap<string, CheckedRecord | undefined>>(new Map())
  const [running, setRunning] = useState(false)
  // a check that is stopped, or begun anew, leaves what it still finds alone
  const turn = useRef(0)
  const start = useCallback(async () => {
    const mine = ++turn.current
    setRunning(true)
    setFound(new Map())
    for (const id of ids) {
      const checked = await checkOne(id)
      if (turn.current !== mine) return
      setFound((before) => new Map(before).set(id, checked))
    }
    setRunning(false)
  }, [ids])
  const stop = useCallback(() => {
    turn.current++
    setRunning(false)
  }, [])
  return { found, running, start, stop }
}

import type { GridText } from '@/core/record/grid/columns'

const key = (jobId: string) => `urn-waiting-rows:${jobId}`

/**
 * Rows of a pinout that could not be read as its job was made: they wait in this browser for the job's grid.
 * @returns false where the browser has no room for them
 */
export function keepWaitingRows(jobId: string, rows: readonly Partial<GridText>[]): boolean {
  try {
    localStorage.setItem(key(jobId), JSON.stringify(rows))
    return true
  } catch {
    return false
  }
}

/** The rows that wait for this job's grid; they are its own from now on. */
export function takeWaitingRows(jobId: string): readonly Partial<GridText>[] {
  const kept = localStorage.getItem(key(jobId))
  if (kept === null) return []
  localStorage.removeItem(key(jobId))
  try {
    const said = JSON.parse(kept) as unknown
    return Array.isArray(said) ? (said as Partial<GridText>[]) : []
  } catch {
    return []
  }
}

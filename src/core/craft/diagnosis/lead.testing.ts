import type { DiagnosedEnd, Point } from './diagnosisTypes'

/** Pins 1 to so many. */
export const row = (ways: number) => Array.from({ length: ways }, (_, i) => String(i + 1))
/** Two ends of these rows, wired pin to pin; `ways` of the first pins only, where given. */
export function lead(rows: readonly (readonly string[])[], ways = rows.flat().length) {
  const ends: readonly DiagnosedEnd[] = ['A', 'B'].map((id) => ({ id, rows }))
  const pins = rows.flat().slice(0, ways)
  return { ends, expected: pins.map((pin): readonly Point[] => [`A.${pin}`, `B.${pin}`]) }
}

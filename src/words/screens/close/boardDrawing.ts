import { shortMm } from '@/words/figures'

/** What `BoardDrawing` says. */
export const boardDrawingWords = {
  dimension: (lengthMm: number, toleranceMm: number | undefined) =>
    `${shortMm(lengthMm, 0)}${toleranceMm === undefined ? '' : ` ±${shortMm(toleranceMm, 0)}`}`,
  found: (lengthMm: number, good: boolean | undefined) =>
    ` ${good === false ? '▲' : good ? '✓' : ''} is ${shortMm(lengthMm, 0)}`,
}

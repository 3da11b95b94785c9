import { fail, ok, type Result } from '../result'
import { numberingSchemes, printedIds, type IdStyle, type Position } from './numbering'

/** Millimetres, x to the right, y up, seen from the wire face, the origin in the middle of the face. */
export interface Point {
  readonly xMm: number
  readonly yMm: number
}

export type Arrangement =
  | {
      readonly kind: 'rows'
      /** from top to bottom */
      readonly rowCounts: readonly number[]
      readonly pitchMm: number
      readonly rowPitchMm: number
      /** x of each row's first cavity; without it each row is centred */
      readonly rowOffsetsMm?: readonly number[] | undefined
    }
  | {
      readonly kind: 'rings'
      /** from the centre outward */
      readonly ringCounts: readonly number[]
      readonly ringRadiiMm: readonly number[]
      readonly startDeg: number
      readonly clockwise: boolean
    }
  | {
      readonly kind: 'free'
      /** in rows, so that the eye can count them; the order within a row is from left to right */
      readonly positions: readonly (Point & { readonly row: number })[]
    }

export interface PlacedCavity extends Position, Point {
  readonly id: string
}

export type ArrangementFault =
  | { readonly kind: 'order-not-for-arrangement'; readonly order: string; readonly arrangement: Arrangement['kind'] }
  | {
      readonly kind: 'lengths-differ'
      readonly field: 'rowOffsetsMm' | 'ringRadiiMm'
      readonly expected: number
      readonly found: number
    }
  | { readonly kind: 'no-letters' }
  | { readonly kind: 'ids-missing'; readonly expected: number; readonly found: number }

/**
 * The cavities of an arrangement with their printed ids and places, row by row (or ring by ring).
 * @returns the cavities, or why the arrangement cannot be numbered so
 */
export function placeCavities(
  arrangement: Arrangement,
  ids: IdStyle,
): Result<readonly PlacedCavity[], ArrangementFault> {
  const scheme = numberingSchemes[ids.order]
  if ((scheme.over === 'rings') !== (arrangement.kind === 'rings'))
    return fail({ kind: 'order-not-for-arrangement', order: ids.order, arrangement: arrangement.kind })
  const faults = lengthFault(arrangement)
  if (faults) return fail(faults)
  if (ids.kind === 'letters' && new Set(ids.skip).size >= 26) return fail({ kind: 'no-letters' })
  const points = rowsOfPoints(arrangement)
  const walk = scheme.walk(points.map((row) => row.length))
  if (ids.kind === 'list' && ids.list.length < walk.length)
    return fail({ kind: 'ids-missing', expected: walk.length, found: ids.list.length })
  const printed = printedIds(walk.length, ids)
  return ok(
    walk
      .map((position, i) => ({
        id: printed[i] ?? '',
        ...position,
        ...(points[position.row]?.[position.index] ?? { xMm: 0, yMm: 0 }),
      }))
      .sort((a, b) => a.row - b.row || a.index - b.index),
  )
}

function lengthFault(arrangement: Arrangement): ArrangementFault | undefined {
  if (arrangement.kind === 'free') return undefined
  const counts = arrangement.kind === 'rows' ? arrangement.rowCounts : arrangement.ringCounts
  const per = arrangement.kind === 'rows' ? arrangement.rowOffsetsMm : arrangement.ringRadiiMm
  if (!per || per.length === counts.length) return undefined
  return {
    kind: 'lengths-differ',
    field: arrangement.kind === 'rows' ? 'rowOffsetsMm' : 'ringRadiiMm',
    expected: counts.length,
    found: per.length,
  }
}

/** The places of all cavities, row by row from the top, or ring by ring from the centre. */
function rowsOfPoints(arrangement: Arrangement): readonly (readonly Point[])[] {
  switch (arrangement.kind) {
    case 'rows': {
      const { rowCounts, pitchMm, rowPitchMm, rowOffsetsMm } = arrangement
      return rowCounts.map((count, row) => {
        const firstXMm = rowOffsetsMm?.[row] ?? -((count - 1) / 2) * pitchMm
        const yMm = ((rowCounts.length - 1) / 2 - row) * rowPitchMm
        return Array.from({ length: count }, (_, index) => ({ xMm: firstXMm + index * pitchMm, yMm }))
      })
    }
    case 'rings': {
      const { ringCounts, ringRadiiMm, startDeg, clockwise } = arrangement
      return ringCounts.map((count, ring) => {
        const radiusMm = ringRadiiMm[ring] ?? 0
        return Array.from({ length: count }, (_, index) => {
          const angle = ((startDeg + (360 / count) * index * (clockwise ? -1 : 1)) * Math.PI) / 180
          return { xMm: tidy(radiusMm * Math.cos(angle)), yMm: tidy(radiusMm * Math.sin(angle)) }
        })
      })
    }
    case 'free': {
      const rows = [...new Set(arrangement.positions.map((position) => position.row))].sort((a, b) => a - b)
      return rows.map((row) =>
        arrangement.positions
          .filter((position) => position.row === row)
          .sort((a, b) => a.xMm - b.xMm)
          .map(({ xMm, yMm }) => ({ xMm, yMm })),
      )
    }
  }
}

/** cos 90° is 6e-17: a cavity on an axis is on the axis. */
const tidy = (mm: number) => Math.round(mm * 1e9) / 1e9 + 0

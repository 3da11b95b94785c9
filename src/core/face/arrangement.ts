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

export interface PlacedCavity extends Position, Point {
  readonly id: string
}

export type ArrangementFault =
  | { readonly code: 'order-not-for-arrangement'; readonly order: string; readonly arrangement: 'rows' | 'rings' }
  | { readonly code: 'lengths-differ'; readonly field: 'rowOffsetsMm' | 'ringRadiiMm'; readonly expected: number; readonly found: number }
  | { readonly code: 'no-letters' }

/**
 * The cavities of an arrangement with their printed ids and places, row by row (or ring by ring).
 * @returns the cavities, or why the arrangement cannot be numbered so
 */
export function placeCavities(arrangement: Arrangement, ids: IdStyle): Result<readonly PlacedCavity[], ArrangementFault> {
  const scheme = numberingSchemes[ids.order]
  if (scheme.over !== arrangement.kind) return fail({ code: 'order-not-for-arrangement', order: ids.order, arrangement: arrangement.kind })
  const counts = arrangement.kind === 'rows' ? arrangement.rowCounts : arrangement.ringCounts
  const per = arrangement.kind === 'rows' ? arrangement.rowOffsetsMm : arrangement.ringRadiiMm
  if (per && per.length !== counts.length) {
    const field = arrangement.kind === 'rows' ? 'rowOffsetsMm' : 'ringRadiiMm'
    return fail({ code: 'lengths-differ', field, expected: counts.length, found: per.length })
  }
  if (ids.kind === 'letters' && new Set(ids.skip).size >= 26) return fail({ code: 'no-letters' })
  const walk = scheme.walk(counts)
  const printed = printedIds(walk.length, ids)
  return ok(
    walk
      .map((position, i) => ({ id: printed[i] ?? '', ...position, ...pointOf(arrangement, position) }))
      .sort((a, b) => a.row - b.row || a.index - b.index),
  )
}

function pointOf(arrangement: Arrangement, { row, index }: Position): Point {
  if (arrangement.kind === 'rows') {
    const { rowCounts, pitchMm, rowPitchMm, rowOffsetsMm } = arrangement
    const firstXMm = rowOffsetsMm?.[row] ?? -(((rowCounts[row] ?? 1) - 1) / 2) * pitchMm
    return { xMm: firstXMm + index * pitchMm, yMm: ((rowCounts.length - 1) / 2 - row) * rowPitchMm }
  }
  const { ringCounts, ringRadiiMm, startDeg, clockwise } = arrangement
  const turnDeg = (360 / (ringCounts[row] ?? 1)) * index * (clockwise ? -1 : 1)
  const angle = ((startDeg + turnDeg) * Math.PI) / 180
  const radius = ringRadiiMm[row] ?? 0
  return { xMm: tidy(radius * Math.cos(angle)), yMm: tidy(radius * Math.sin(angle)) }
}

/** cos 90° is 6e-17: a cavity on an axis is on the axis. */
const tidy = (mm: number) => Math.round(mm * 1e9) / 1e9 + 0

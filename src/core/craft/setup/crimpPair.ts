import type { Range } from '../../base/range'
import { placeAtStep, STEP } from '../../base/units/atStep'

/** What a crimp is in a setting: one contact on one conductor under one insulation, and what it must show. */
export interface CrimpPair {
  readonly contact: string
  /** of the conductor: designation, strands, plating; two wires in one crimp are a conductor of their own */
  readonly conductor: string
  readonly insulationMm: number
  /** where the set asks for a height */
  readonly height?: Range
  /** without it no tester can say that a piece held */
  readonly minimumN?: number
}

/** A good test piece: what it was, and what it showed. A piece that was pulled by hand has no figure. */
export interface ShownPiece {
  readonly contact: string
  readonly conductor: string
  readonly insulationMm: number
  readonly heightMm?: number
  readonly pullN?: number
}

type Kind = Pick<CrimpPair, 'contact' | 'conductor'>

/** Contact and conductor: what a strip is proven for. */
export const crimpClass = ({ contact, conductor }: Kind): string => `${contact}|${conductor}`

/** One name for all terminations that are alike in what they are and in what they must show. */
export const pairKey = (pair: CrimpPair): string =>
  [crimpClass(pair), pair.insulationMm, pair.minimumN, pair.height?.minMm, pair.height?.maxMm].join('|')

/**
 * Does what a piece showed hold for a pair too, its insulation aside? Its own pair always; another one of the same contact and
 * conductor when the force reaches its minimum and the height lies inside its window. A piece without a figure holds for its own.
 */
export function bearsOut(piece: ShownPiece, pair: CrimpPair): boolean {
  if (crimpClass(piece) !== crimpClass(pair)) return false
  const own = piece.insulationMm === pair.insulationMm
  if (piece.pullN === undefined) return own
  if (pair.minimumN === undefined || piece.pullN < pair.minimumN) return false
  if (!pair.height) return true
  return piece.heightMm === undefined ? own : placeAtStep(piece.heightMm, pair.height, STEP.heightMm) === 'inside'
}

/**
 * Is a pair covered by pieces? Enough of them bear it out, and its insulation lies between diameters that they tried.
 * @param enough pieces that the house rules ask for
 */
export function isCovered(pair: CrimpPair, pieces: readonly ShownPiece[], enough: number): boolean {
  if (enough === 0) return true
  const bearing = pieces.filter((piece) => bearsOut(piece, pair))
  return (
    bearing.length >= enough &&
    bearing.some((piece) => piece.insulationMm <= pair.insulationMm) &&
    bearing.some((piece) => piece.insulationMm >= pair.insulationMm)
  )
}

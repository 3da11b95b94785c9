import type { Termination } from '../plan/plan'
import type { Facts } from '../plan/facts'
import { strandAreaMm2 } from '../../base/wire/bundle'
import type { ChosenSet } from '../../craft/setup/chosenSet'

/** A figure that no such crimp can have: another unit, or a slip of the finger. It is not written down, not even as a bad one. */
export interface Implausible {
  readonly kind: 'implausible'
  readonly figure: 'height' | 'pull'
  readonly value: number
  readonly min: number
  readonly max: number
}

/** A height further off than this was measured in another unit, or on another piece. */
const HEIGHT_TIMES = 2
/** Hard-drawn copper breaks at about 450 N/mm²; no copper wire holds more. */
const MOST_N_PER_MM2 = 500

export function implausibleHeight(set: ChosenSet, heightMm: number): Implausible | undefined {
  if (!set.height) return undefined
  const min = set.height.minMm / HEIGHT_TIMES
  const max = set.height.maxMm * HEIGHT_TIMES
  return heightMm < min || heightMm > max
    ? { kind: 'implausible', figure: 'height', value: heightMm, min, max }
    : undefined
}

/** A pull that is more than the wires of a termination can hold. */
export function implausiblePull(
  { wireTypes }: Facts,
  { wire, also }: Pick<Termination, 'wire' | 'also'>,
  set: ChosenSet,
  pullN: number,
): Implausible | undefined {
  const metalMm2 = [wire, also?.wire].reduce((sum, one) => {
    const type = one && wireTypes[one.type]
    return sum + (type ? strandAreaMm2(type.strands, type.strandMm) : 0)
  }, 0)
  const max = Math.ceil(MOST_N_PER_MM2 * metalMm2 * (set.foldBack ? 2 : 1))
  return metalMm2 > 0 && pullN > max ? { kind: 'implausible', figure: 'pull', value: pullN, min: 0, max } : undefined
}

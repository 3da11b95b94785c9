import type { Implausible } from '@/core/record/standing/plausible'
import { bareUnitName } from './benchUnits'
import { mm, mmRange, newtonsApart } from './figures'

/** A figure that cannot be, and what would be. */
export const implausibleWords = ({ figure: what, value, min, max }: Implausible): string =>
  what === 'height'
    ? `${mm(value, 3)} cannot be the height of this crimp (about ${mmRange(min * 2, max / 2)}). Is it in ${bareUnitName('length')}, and this piece?`
    : tooStrong(...newtonsApart(value, max))

const tooStrong = (held: string, most: string): string =>
  `${held} is more than copper of this wire holds (about ${most}). Is it in ${bareUnitName('force')}? An alloy may hold more.`

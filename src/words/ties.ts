import type { NoPlace } from '@/core/craft/ties/ties'
import { mm } from './figures'

/** Where a tie must be and cannot. */
export const noPlaceWords = ({ fromMm, toMm }: NoPlace): string =>
  `no place for a tie that must be between ${mm(fromMm, 1)} and ${mm(toMm, 1)}: shorten the offset, lengthen the pitch, or open what is kept out of`

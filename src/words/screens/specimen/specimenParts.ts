import { lengthSaid } from '@/words/figures'

/** What specimen’s specimenParts says. */
export const specimenPartsWords = {
  stripFoldedBack: (stripMm: number, folded: boolean) =>
    `strip ${lengthSaid(stripMm, 1).value}${folded ? ', folded back' : ''}`,
}

import { figure } from '@/words/figures'

/** What specimen’s specimenParts says. */
export const specimenPartsWords = {
  stripFoldedBack: (stripMm: number, folded: boolean) => `strip ${figure(stripMm, 1)}${folded ? ', folded back' : ''}`,
}

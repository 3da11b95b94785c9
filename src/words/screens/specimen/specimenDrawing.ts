import { lengthSaid } from '@/words/figures'

/** What `SpecimenDrawing` says. */
export const specimenDrawingWords = {
  asItShouldBe: 'as it should be',
  proportionsOnlyNotAll: 'proportions only: not all dimensions are on its sheet',
  indentsEvenInThis: 'indents even, in this band',
  strandsMustShowHere: 'strands must show here, before and after',
  gap: (gapMm: number) => `gap ${lengthSaid(gapMm, 1).value}`,
  insulationEndsHere: 'insulation ends here',
}

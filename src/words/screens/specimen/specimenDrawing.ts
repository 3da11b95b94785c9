import { figure } from '@/words/figures'

/** What `SpecimenDrawing` says. */
export const specimenDrawingWords = {
  asItShouldBe: 'as it should be',
  proportionsOnlyNotAll: 'proportions only: not all dimensions are on its sheet',
  indentsEvenInThis: 'indents even, in this band',
  strandsMustShowHere: 'strands must show here, before and after',
  gap: (gapMm: number) => `gap ${figure(gapMm, 1)}`,
  insulationEndsHere: 'insulation ends here',
}

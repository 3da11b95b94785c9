import { mm } from '@/words/figures'
import { termName } from '@/words/steps'

/** What was tried with a setup before, and why it is asked again. */
export const piecesBeforeWords = {
  newOne: (endingWord: string) => `◆ A new one: ${endingWord}`,
  whatWasCrimpedSince: ' What was crimped since the last good pull is in question: look at it again.',
  height: (trend: string) => `▲ Height ${trend}`,
  toMmAtCheck: (heightMm: number, term: string, quantity: number) =>
    `, to ${mm(heightMm, 3)} at ${termName(term, quantity)}: check the die and its seat, then make a new first piece. What was measured since the release is inside its window.`,
  shownHeight: (heightMm: number) => `, ${mm(heightMm, 3)}`,
  seenTogether: ', looks seen together',
  notGoodFindCause: 'not good: find the cause, then another piece',
  good: 'good',
}

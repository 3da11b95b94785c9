import { figure, newtons, plural, range } from '@/words/figures'
import { termName } from '@/words/steps'

/** What `FirstPieceCard` says. */
export const firstPieceCardWords = {
  measureHeightFirst: 'Measure the height first',
  pullItFirst: 'Pull it first',
  putFigureRightFirst: 'Put the figure right first',
  recordItAsNot: 'Record it as not good',
  recordFirstPiece: 'Record the first piece',
  measureHeight: 'Measure the height',
  firstPieceLike: 'First piece like',
  firstPiece: 'First piece',
  firstPieceOnSpare: 'First piece, on spare wire',
  newOne: (endingWord: string) => `◆ A new one: ${endingWord}`,
  whatWasCrimpedSince: ' What was crimped since the last good pull is in question: look at it again.',
  height: (trend: string) => `▲ Height ${trend}`,
  toMmAtCheck: (heightMm: number, term: string, quantity: number) =>
    `, to ${figure(heightMm, 3)} mm at ${termName(term, quantity)}: check the die and its seat, then make a new first piece. What was crimped is inside its window.`,
  shownHeight: (heightMm: number) => `, ${figure(heightMm, 3)} mm`,
  notGoodFindCause: 'not good: find the cause, then another piece',
  crimpHeightMm: 'Crimp height, mm',
  measure: 'Measure',
  heightOutsideMm: (minMm: number, maxMm: number) => `Height outside ${range(minMm, maxMm)} mm.`,
  pulledOffAtN: 'Pulled off at, N',
  isBelowThisSetup: (pullN: number, minimumN: number) =>
    `${newtons(pullN)} is below ${newtons(minimumN)}: this setup is not released with it.`,
  itBroke: (breakWord: string) => `It ${breakWord}.`,
  notGoodRecordWhat: 'Not good: record what was seen',
  toReleaseSetupEye: (left: number) =>
    `${plural(left, 'good piece')} to release the setup. Eye protection at the pull.`,
}

import type { Range } from '@/core/base/range'
import { bareUnitSign } from '@/words/benchUnits'
import { heightSaid, heightWindow, newtonsApart, plural } from '@/words/figures'

/** What `FirstPieceCard` says. */
export const firstPieceCardWords = {
  /** what a closed button waits for */
  missing: {
    height: 'Measure the height first',
    pull: 'Pull it first',
    'right-figure': 'Put the figure right first',
  },
  itIsCrimped: 'It is crimped',
  /** the piece of wire that it is made of */
  spareOf: (wireType: string) => `Spare ${wireType}:`,
  on: 'on,',
  strip: 'strip',
  notOfJob: 'never one of the job’s own wires',
  spareIsReady: 'The spare is ready',
  allSeen: 'All of it is seen',
  recordItAsNot: 'Record it as not good',
  recordFirstPiece: 'Record the first piece',
  firstPieceLike: 'First piece like',
  firstPiece: 'First piece',
  firstPieceOnSpare: 'First piece, on spare wire',
  crimpHeight: () => `Crimp height, ${bareUnitSign('length')}`,
  heightOutsideMm: (minMm: number, maxMm: number) => `Height outside ${heightWindow({ minMm, maxMm })}.`,
  isBelowThisSetup: (pullN: number, minimumN: number) => {
    const [held, asked] = newtonsApart(pullN, minimumN)
    return `${held} is below ${asked}: this setup is not released with it.`
  },
  notGoodRecordWhat: 'Not good: record what was seen',
  toReleaseSetupEye: (left: number) =>
    `${plural(left, 'good piece')} to release all of this setup. Eye protection at the pull.`,
  heightHint: (window: Range, estimate: boolean, asked: boolean) =>
    `${heightSaid(window).value}${estimate ? ' est.' : ''}${asked ? '' : ', if you measure it'}`,
}

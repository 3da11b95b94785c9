import { figure, plural } from '@/words/figures'

/** What `ReleaseCard` says. */
export const releaseCardWords = {
  release: 'Release',
  firstPieceIsGood: 'The first piece is good',
  held: '✓ Held',
  heightMm: (heightMm: number) => `; height ${figure(heightMm, 3)} mm`,
  releaseSetup: 'Release setup',
  firstPiece: 'the first piece',
  releasedUntilSetupIts: (left: number) =>
    `Released until the setup, its die, the spool or the shift changes. ${plural(left, 'termination')} ${left === 1 ? 'waits' : 'wait'} for it.`,
}

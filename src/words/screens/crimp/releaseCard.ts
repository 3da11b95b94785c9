import { list, mm, plural } from '@/words/figures'

/** What `ReleaseCard` says. */
export const releaseCardWords = {
  release: 'Release',
  firstPieceIsGood: 'The first piece is good',
  noPieceAsked: 'These house rules ask for no first piece',
  held: '✓ Held',
  heldByHand: '✓ Pulled by hand, held: it has no figure, and stands for crimps exactly like it alone',
  /** what the pieces have shown enough for */
  releasedFor: (terms: readonly string[]) =>
    terms.length > 8 ? `For ${plural(terms.length, 'crimp')}.` : `For ${list(terms, 8)}.`,
  heightMm: (heightMm: number) => `; height ${mm(heightMm, 3)}`,
  releaseSetup: 'Release setup',
  firstPiece: 'the first piece',
  releasedUntilSetupIts: (left: number) =>
    `Released until the setup, its die, the spool or the shift changes. ${plural(left, 'termination')} ${left === 1 ? 'waits' : 'wait'} for it.`,
}

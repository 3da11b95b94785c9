import { plural } from '@/words/figures'

/** What `MatedPane` says. */
export const matedPaneWords = {
  backToPinout: 'Back to the pinout',
  matedPair: 'Mated pair',
  checkMatedPair: 'Check a mated pair',
  back: 'Back',
  matesWith: 'mates with',
  twoDifferentEndsAre: '◆ Two different ends are wanted: a job with one end has nothing to check.',
  everyCavityMeetsWhat: '✓ Every cavity meets what is meant.',
  toLookAt: (count: number) => `◆ ${plural(count, 'cavity', 'cavities')} to look at.`,
  cavity: 'Cavity',
  meets: 'Meets',
  keepMatesWith: (a: string, b: string) => `Keep: ${a} mates with ${b}`,
}

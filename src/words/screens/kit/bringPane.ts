import { capital, plural } from '@/words/figures'

/** What `BringPane` says. */
export const bringPaneWords = {
  whatToBring: 'What to bring to the bench',
  partsWithSpares: 'Parts, with test pieces and spares',
  partsOf: (count: number) => `${plural(count, 'part')} of the list`,
  partsAreHere: 'The parts are here',
  isHere: (what: string) => `${capital(what)} is here`,
  allIsHere: 'All of it is here',
  allIsAtBench: 'All of it is at the bench.',
  backToTerminations: 'Back to the terminations',
  part: 'part',
  what: 'what',
  together: 'together',
}

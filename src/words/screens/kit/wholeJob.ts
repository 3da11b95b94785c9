import { figure, money, plural } from '@/words/figures'

/** What `WholeJob` says. */
export const wholeJobWords = {
  setups: 'Setups',
  partNumbers: 'Part numbers',
  partsPrice: 'Parts price',
  chosenFor: (count: number) => `Chosen for ${plural(count, 'termination')}.`,
  stopWorkingItOut: 'Stop working it out',
  backToTerminations: 'Back to the terminations',
  useThisChoice: 'Use this choice',
  workWholeJobOut: 'Work the whole job out',
  wholeJob: 'Whole job',
  setupsNow: 'Setups now',
  itCouldNotBe: (why: string) => `▲ It could not be worked out (${why}).`,
  ofLikeTerminations: (count: number) => `${plural(count, 'group')} of like terminations`,
  nothingFits: (ends: string) => `· ▲ nothing fits ${ends}`,
  terminations: 'terminations',
  ways: 'ways',
  chosen: 'chosen',
  setup: 'setup',
  byHand: 'by hand',
  noneYet: 'none yet',
  wholeJobsChoice: 'Whole job’s choice',
  nothingCouldBeBetter: 'Nothing could be better',
  wouldChange: (count: number) => `${plural(count, 'termination')} would change`,
  workingItOut: 'Working it out…',
  chooseForWholeJob: 'Choose for the whole job',
  fewestSetupChangesFirst:
    'Fewest setup changes first, then fewest part numbers, then the least price. What was chosen by hand stays, and so does what has been worked on.',
  atLeast: (goalFigure: string) => `, at least ${goalFigure}`,
  seconds: (seconds: number) => `· ${figure(seconds, 1)} s`,
  workItOut: 'Work it out',
  stop: 'Stop',
  byHandCosts: '◆ By hand costs',
  andInPartsMore: (setups: number, parts: number, price: number) =>
    `${plural(setups, 'setup')}, ${plural(parts, 'part number')} and ${money(price)} in parts more than the free choice.`,
  withPartsThatHave: (unpriced: number) =>
    `${plural(unpriced, 'termination')} with parts that have no price on the shelf: they count as nothing.`,
  estimatePlainToolFold:
    'An estimate, a plain tool, a fold-back or the wrong plating is only thought of where there is nothing better.',
  goalRuns: 'working it out',
  provenBest: '✓ proven best',
  atLeastGap: (goalFigure: string, gap: number) => `at least ${goalFigure}, gap ${figure(gap, 0)} %`,
  begun: 'begun',
}

import { plural } from '@/words/figures'

/** What `FactsPane` says. */
export const factsPaneWords = {
  jobRestsOnShelfs: 'The job rests on the shelf’s figures now. What was done before keeps its record.',
  backToPinout: 'Back to the pinout',
  factsOlderThanShelf: 'Facts older than the shelf',
  olderThanShelf: (count: number) => `${plural(count, 'fact')} older than the shelf`,
  comparing: 'Comparing…',
  back: 'Back',
  what: 'what',
  part: 'id',
  thisJobShelf: 'this job → the shelf',
  notOnShelfAny: '◆ not on the shelf any more: the job keeps its copy',
  takeShelfsFigures: 'Take the shelf’s figures',
  setsAreChosenAgain:
    'Sets are chosen again where no work rests on them and no hand has chosen. What is done stays as it was recorded.',
}

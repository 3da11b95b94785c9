import { termName } from '@/words/steps'

/** What `WrongCavity` says. */
export const wrongCavityWords = {
  backToTask: 'Back to the task',
  whichCavityIsIt: 'Which cavity is it in?',
  isIn: (term: string, quantity: number) => `${termName(term, quantity)} is in`,
  choose: 'choose',
  likelyNeighboursMirrorImage: 'Likely: neighbours, mirror image',
  otherCavities: 'Other cavities',
  thenIsInLook: (swapped: string, quantity: number, end: string, cavity: string) =>
    `◆ Then ${termName(swapped, quantity)} is in ${end}.${cavity}: look first. Both are written down as they are.`,
  reportItThere: 'Report it there',
  reportBoth: 'Report both',
  orPointAtIt: 'Or press it on the face.',
  itIsWrittenDown: 'It is written down, then taken out the right way and put where it belongs.',
  itIsWhereIt: 'It is where it should be',
  itIsNotIn: 'It is not in yet',
}

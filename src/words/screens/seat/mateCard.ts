import { plural } from '@/words/figures'

/** What `MateCard` says. */
export const mateCardWords = {
  bothClicked: 'Pushed together until both halves click',
  pullLightly: 'a light pull apart: they hold',
  theyClicked: 'They clicked',
  halvesAlignedByThey: (kind: string) => `Halves aligned by the ${kind}, they go together without force`,
  keying: 'Keying',
  onBothTheyGo: 'on both, they go together without force',
  theyGoTogether: 'They go together',
  interfaceSeal: 'Interface seal',
  inItsPlace: 'in its place',
  itIsThere: 'It is there',
  colourToColourCavity: (count: number) => `Colour to colour, cavity by cavity: ${plural(count, 'pair')}`,
  thoseBelowAreAs: 'those below are as they are meant',
  eachMeetsItsOwn: 'Each meets its own',
  asItIsMeant: 'As it is meant',
  goesWith: (end: string, other: string) => `✓ ${end} goes with ${other}`,
  putAndTogether: (end: string, other: string) => `Put ${end} and ${other} together`,
  firstLookOverFrom: (open: string) => `◆ First look ${open} over from both sides.`,
  pairIsChecked: 'The pair is checked',
  cavity: 'Cavity',
  meetsNothingOnOther: (count: number, one: boolean) =>
    `${plural(count, 'wire')} ${one ? 'meets' : 'meet'} nothing on the other side.`,
}

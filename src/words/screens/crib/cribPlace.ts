import { areaRange, list, plural } from '@/words/figures'

/** What `CribPlace` says. */
export const cribPlaceWords = {
  crib: 'Crib',
  tools: 'Tools',
  newTool: 'New tool',
  nothingIsOverdue: 'Nothing is overdue',
  overdue: (overdue: string) => `Overdue: ${overdue}`,
  toolsWithTheirDates: 'Tools with their dates',
  tool: 'tool',
  name: 'name',
  classWord: 'class',
  contactsSince: 'contacts since',
  verified: 'verified',
  due: 'due',
  none: 'none',
  price: 'price',
  strokes: (every: number) => `after ${String(every)}`,
  crimps: 'crimps',
  loading: 'The form is fetched…',
  notYet: 'What can I not crimp yet?',
  allTools: 'All tools',
  cannotCrimp: (count: number) =>
    count === 0
      ? 'Everything on your shelf can be crimped here'
      : `${plural(count, 'contact')} cannot be crimped here with all of their wires`,
  gauged: (at: string) => `gauged ${at}`,
  byHand: 'by hand',
}

/** What `GapTable` says. */
export const gapTableWords = {
  contacts: 'Contacts that cannot be crimped yet',
  contact: 'contact',
  name: 'name',
  family: 'family',
  wire: 'for wire',
  by: 'what would',
  wires: (gaps: readonly { readonly minMm2: number; readonly maxMm2: number }[]) =>
    gaps.map(({ minMm2, maxMm2 }) => areaRange(minMm2, maxMm2)).join(', '),
  couldBeHad: (tools: readonly string[]) => `${list([...tools], 3)}, which could be had`,
  rowWanted: (classes: readonly string[]) =>
    classes.length === 0 ? 'nothing: it is not crimped' : `a row on the card of a ${classes[0] ?? ''}`,
}

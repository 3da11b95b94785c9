/** What `SegmentCard` says. */
export const segmentCardWords = {
  stretch: (id: string, from: string, to: string) =>
    id === from ? `From ${from} to ${to}` : `${id}: from ${from} to ${to}`,
  tiesFrom: (from: string) => `Ties and labels, from ${from} on`,
  isOn: (what: 'tie' | 'label' | 'knot') => ({ tie: 'Tie is on', label: 'Label is on', knot: 'Knot is tied' })[what],
  noPlaceHere: 'No place for it here',
  noPlaceFor: (from: string, to: string) => `No tie can be put between ${from} and ${to}: change the layout.`,
  tooShortForOne: 'Too short for a tie.',
  goOn: 'Go on',
  lengthIs: (from: string, to: string) => `Length found, ${from} to ${to}`,
  asked: (length: string, tolerance: string | undefined) =>
    `asked: ${length}${tolerance === undefined ? '' : ` ±${tolerance}`}`,
  found: (length: string, good: boolean | undefined) =>
    `${length} found${good === false ? ', out of its tolerance: lay it anew, or change the plan' : ''}`,
}

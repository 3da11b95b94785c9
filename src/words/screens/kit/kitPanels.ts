import { mm, plural } from '@/words/figures'

/** What `KitPanels` says. */
export const kitPanelsWords = {
  noSealClosesRound: 'No seal closes round this wire:',
  largestTakes: 'the largest takes',
  smallestTakes: 'the smallest takes',
  noContactOfThis: 'no contact of this family on the shelf',
  nothingFits: (nearest: string) => `Nothing fits: ${nearest}`,
  whatWouldDo: 'What would do',
  fitsToolIsAll: 'fits: a tool is all that is missing. What it costs to buy or borrow one',
  noOtherWireOf:
    'No other wire of this size on the shelf fits both ends. Measure the wire again, or choose another housing for this end in the plan.',
  thenContact: (contact: string) => `then contact ${contact}`,
  works: 'Works',
  bestFirst: 'best first',
  notchMm: (notchMm: number) => `, notch ${mm(notchMm)}`,
  stripMm: (nominalMm: number) => `, strip ${mm(nominalMm, 1)}`,
  chosen: '✓ chosen',
  whyOthersAreOut: 'Why the others are out',
  nearestFirst: (count: number) => `${plural(count, 'candidate')}, nearest first`,
  contact: 'contact',
  seal: 'seal',
  reason: 'reason',
  offBy: 'off by',
  curedBy: 'cured by',
}

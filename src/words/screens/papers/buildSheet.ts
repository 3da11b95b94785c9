import type { Signature } from '@/core/record/state/records'
/** What papers’s buildSheet says. */
export const buildSheetWords = {
  buildSheet: 'build sheet',
  units: (quantity: number) => `${String(quantity)} units. `,
  buildSheetRevHouse: (rev: string, units: string, rules: string, stamp: string, seq: number) =>
    `Build sheet, rev ${rev}. ${units}House rules: ${rules}. Made ${stamp}, after entry ${String(seq)}.`,
  facesSeenFromWire: 'Faces, seen from the wire side',
  pinout: 'Pinout',
  setupsAndFirstPieces: 'Setups and first pieces',
  whatWasUsedWhere: 'What was used where',
  proof: 'Proof',
  notSignedThisIs: 'NOT SIGNED: this is the state of work, not a release.',
  endWireFace: (end: string, housing: string, name: string) => `End ${end}: ${housing} (${name}), WIRE FACE`,
  lockLookedOverFrom: (lock: string, lookedOver: boolean) =>
    `Lock ${lock}${lookedOver ? ', looked over from both sides' : ''}`,
  lengthMm: 'length mm',
  loadA: 'load A',
  firstPieceN: 'first piece N',
  askedN: 'asked N',
  heightMm: 'height mm',
  term: 'term.',
  stripMm: 'strip mm',
  notHome: 'NOT HOME',
  fromTo: 'from, to',
  expectedOhm: 'expected ohm',
  netOhm: 'net ohm',
  allToolsBack: 'all tools back',
  trayCountedByOf: (stamp: string, name: string, allBack: string, scrapFound: number, scrapped: number) =>
    `Tray counted ${stamp} by ${name}: ${allBack}; ${String(scrapFound)} of ${String(scrapped)} scrapped contacts found.`,
  trayNotCounted: 'Tray not counted.',
  figuresFollowSheetsNamed:
    'Figures follow the sheets named in the job; a maker’s sheet, local codes and licensed people come first.',
  signature: (one: Signature, who: string, stamp: string) =>
    `${one.void ? 'Void, reopened since' : 'Signed'}: ${who}, ${one.role}, ${stamp}, covers entries 1 to ${String(one.covers)}`,
}

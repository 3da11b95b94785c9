import type { ResistanceVerdict } from '@/core/craft/resistance/netResistance'
import type { NetState } from '@/core/record/state/proofRecords'
import type { Signature } from '@/core/record/state/closeRecords'
import { figure, heightCell, lengthCell, lengthUnit, newtons } from '@/words/figures'

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
  lockLookedOverFrom: (lock: string | undefined, lookedOver: boolean) =>
    [lock === undefined ? '' : `Lock ${lock}`, lookedOver ? 'looked over from both sides' : '']
      .filter(Boolean)
      .join(', '),
  length: () => `length ${lengthUnit()}`,
  loadA: 'load A',
  madeLike: 'made like',
  firstPieceHeld: 'first piece held',
  notGood: 'not good',
  /** of a piece that no release stands on now */
  releasedBefore: (before: boolean) => (before ? 'earlier' : 'no'),
  asked: 'asked',
  height: () => `height ${lengthUnit()}`,
  term: 'term.',
  stripHead: () => `strip ${lengthUnit()}`,
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
  heightNotMeasured: 'not measured',
  measured: (heightMm: number) => `${lengthCell(heightMm, 3)} measured`,
  whatWasAsked: 'What was asked, and by what',
  pullAsked: 'pull asked',
  noPullAsked: 'no figure: outside the table',
  pullBy: (forceN: number, basis: string) => `${newtons(forceN)}: ${basis}`,
  window: ({
    minMm,
    maxMm,
    estimate,
  }: {
    readonly minMm: number
    readonly maxMm: number
    readonly estimate: boolean
  }) => `${heightCell({ minMm, maxMm })}${estimate ? ' estimated' : ''}`,
  strip: (stripMm: number, from: 'measured' | 'stop' | undefined) =>
    from === 'measured'
      ? `${lengthCell(stripMm, 2)} measured`
      : from === 'stop'
        ? `stop at ${lengthCell(stripMm, 1)}`
        : lengthCell(stripMm, 2),
  crimp: (who: string, heightMm: number | undefined) =>
    heightMm === undefined ? who : `${who}, height ${lengthCell(heightMm, 3)} measured`,
  seat: (who: string, { tug, tugN }: { readonly tug?: 'by-hand' | 'gauge'; readonly tugN?: number }) =>
    tug === 'gauge' && tugN !== undefined
      ? `${who}, tug ${newtons(tugN, 1)} by gauge`
      : tug === 'by-hand'
        ? `${who}, tugged by hand, held`
        : who,
  windowOhm: 'window ohm',
  measuredHow: 'measured with',
  meter: ({ leadsOhm, resolutionOhm, fourWire, temperatureC }: NonNullable<NetState['measured']>) =>
    [
      fourWire ? 'four wires' : `leads ${figure(leadsOhm, 4)} off`,
      `steps of ${figure(resolutionOhm, 5)}`,
      temperatureC === undefined ? 'temperature not asked' : `at ${figure(temperatureC, 1)} °C`,
    ].join(', '),
  netVerdict: ({ verdict, contacts }: ResistanceVerdict) =>
    `${(verdict ?? '').replace('-', ' ')}${contacts ? `; contacts ${contacts.verdict.replace('-', ' ')}, at most ${figure(contacts.atMostOhm, 4)}` : ''}`,
}

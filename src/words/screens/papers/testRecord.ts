import type { HouseRules } from '@/core/parts/rules/houseRules'
import { figure, list, plural } from '@/words/figures'
import { choiceWord } from '@/words/rules'

/** What papers’s testRecord says. */
export const testRecordWords = {
  testRecord: 'Test record',
  certificate: 'Certificate',
  made: (stamp: string, seq: number) => `As of entry ${String(seq)}, made ${stamp}.`,
  isSigned: 'Built, proved and signed as the record says.',
  notSigned: (left: number) =>
    `NOT SIGNED: this is the state of work, not a release. ${left > 0 ? `${plural(left, 'task')} left.` : ''}`.trim(),
  whatItIs: ['', ''],
  harness: 'harness',
  quantity: 'quantity',
  houseRules: 'house rules',
  asked: 'asked of the proof',
  askedOf: ({ isolation, throughPairs, netResistance, retentionTest, handPull, wiggleS }: HouseRules) =>
    [
      'continuity of every net',
      isolation === 'not-asked' ? '' : `apart: ${choiceWord(isolation)}`,
      throughPairs === 'not-asked' ? '' : 'each circuit through halves that are together',
      netResistance === 'not-asked' ? '' : 'resistance of every net',
      retentionTest ? 'retention of every contact' : '',
      handPull === 'not-asked' ? '' : 'each crimp pulled by hand',
      wiggleS > 0 ? `moved for ${String(wiggleS)} s while watched` : '',
    ]
      .filter((one) => one !== '')
      .join('; '),
  role: { builder: 'builder', second: 'second person' },
  signature: (name: string, stamp: string, covers: number, isVoid: boolean) =>
    `${name}, ${stamp}, covers entries 1 to ${String(covers)}${isVoid ? '; reopened since' : ''}`,
  code: 'code of this sheet',
  howToVerify:
    'Whether the record is still as this sheet says: type the code at Close, or ask the bench’s open interface, jobs/…/verify?code=.',
  cautions: 'Cautions',
  defers:
    'Nothing here replaces the maker’s sheet, local codes, approved data, or the licensed people that some work asks for.',
  unit: (unit: number) => `Unit ${String(unit)}`,
  nets: 'Nets',
  netColumns: ['net', 'continuity', 'resistance', 'window', 'how', '', 'by'],
  rings: 'rings',
  failed: (rings: readonly string[] | undefined) => (rings?.length ? `rings at ${list([...rings])}` : 'open'),
  notMeasured: 'not measured',
  fourWires: 'four wires',
  leadsOff: 'leads off',
  interruptions: (count: number) => plural(count, 'interruption'),
  proved: 'proved',
  notProved: 'NOT PROVED',
  apart: 'Apart',
  analysed: (points: number, below: string, apart: boolean, readBy: string, by: string, when: string) =>
    `All pairs of ${String(points)} points, joined below ${below}: ${apart ? 'no two nets joined' : 'JOINED OTHERWISE'}. ${readBy}; ${by}, ${when}.`,
  pairs: (probed: number, all: number) =>
    `${plural(probed, 'pair')} that a wrong hole or a stray strand could join, of ${String(all)}.`,
  apartColumns: ['red', 'black', '', 'by'],
  silent: 'silent',
  rang: 'RANG',
  nothingShown: 'nothing shown apart',
  through: 'Through mated halves',
  throughColumns: ['red', 'black', 'through', '', 'by'],
  rangThrough: 'rings',
  didNotRing: 'DOES NOT RING',
  notProbed: 'not probed',
  held: 'Pulled',
  heldColumns: ['contact', 'what', 'asked', 'read', '', 'by'],
  notRead: 'not read',
  itHeld: 'held',
  didNotHold: 'DID NOT HOLD',
  moved: 'Moved while watched',
  movedFor: (
    seconds: number,
    wires: number,
    shortestMs: number | undefined,
    events: number,
    readBy: string | undefined,
    by: string,
    when: string,
  ) =>
    `${figure(seconds, 0)} s, ${plural(wires, 'wire')}: ${events === 0 ? 'no interruption seen' : plural(events, 'interruption')}; ${
      shortestMs === undefined ? 'a meter watched by eye' : `anything under ${figure(shortestMs, 0)} ms is not seen`
    }. ${readBy === undefined ? '' : `${readBy}; `}${by}, ${when}.`,
  eventColumns: ['wire', 'lasted', 'rose to', 'while'],
  open: 'open',
}

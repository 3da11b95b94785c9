import type { Movement } from '@/core/craft/wiggle/movements'
import { figure, plural } from '@/words/figures'

const doIt: Readonly<Record<Movement, (place: string) => string>> = {
  all: () => 'Move all of it: bend, twist, shake',
  'push-back': (place) => `Push the wire back at ${place}, let go`,
  bend: (place) => `Bend it 30 mm behind ${place}, four ways`,
  leg: (place) => `Move the leg from ${place} on, up to its middle`,
}

/** What `MoveView` and its parts say. */
export const moveViewWords = {
  move: 'Move and watch',
  eventsSoFar: 'Interruptions',
  nowMove: 'Now, moved for',
  moved: 'Moved for',
  secondsOf: (asked: number | undefined) => (asked === undefined ? ' s' : ` s of ${String(asked)}`),
  sinceLast: 'the last time',
  nothingMovedYet: 'nothing moved yet',
  doIt: ({ during }: { readonly during: Movement }, place: string) => doIt[during](place),
  resistanceLast20: 'Resistance, last 20 seconds',
  live: 'LIVE',
  stopped: 'STOPPED',
  now: 'now',
  seconds: (s: number) => `−${String(-s)} s`,
  open: 'open',
  atSecond: (s: number) => `${figure(s, 1)} s`,
  forMs: (ms: number) => `${figure(ms, 0)} ms`,
  stripOf: (wire: string, events: number) => `${wire}, ${plural(events, 'interruption')}`,
  tooShort: (ms: number) => `Too short to be seen: anything under ${figure(ms, 0)} ms.`,
  eachIsRead: (rateHz: number) => `Each wire is read ${rateHz.toLocaleString('en')} times a second.`,
  byEye: 'A meter by eye or ear: nothing shorter than about half a second is seen.',
  withoutAnalyser: 'Without the analyser',
  meterOnEachNet: (seconds: number) =>
    `Meter on one net after the other, and the harness moved for ${String(seconds)} s.`,
  nothingSeen: 'By meter: nothing was seen',
  wireThatAnswered: 'Wire that answered',
  noSuchWire: (wire: string) => `There is no wire ${wire} in this plan.`,
  writeInterruption: 'Write the interruption',
  events: 'Interruptions, the last first',
  wire: 'wire',
  at: 'at',
  lasted: 'lasted',
  roseTo: 'rose to',
  while: 'while',
  before: 'before',
  atRest: 'nothing moved',
  traceOf: (wire: string) => `the last of ${wire}, a dot is one reading`,
  notAllSeated: 'Not all contacts are home yet',
  oneIsEnough: (wire: string) => `▲ One is enough: ${wire} has failed`,
  silentFor: (seconds: number) => `✓ Silent, moved for ${figure(seconds, 0)} s`,
  moveItAll: 'Move it, from one end to the other',
  moveWhileWatched: 'Move it while it is watched',
  startMoving: (seconds: number) => `Watch, and move it for ${String(seconds)} s`,
  moveAgain: 'Watch and move it again',
  thenNext: 'Done: the next place',
  stopAndWrite: 'Stop, write it down',
  stopEarly: (left: number) => `Stop early: ${String(left)} s are left`,
  findThePlace: (wire: string) => `Find the place on ${wire}`,
  likelyHere: (place: string, count: number) =>
    `${plural(count, 'interruption')} while ${place} alone was moved. Look from the mating face whether it stands level: low is not home; level is the crimp, or strands cut at the strip.`,
  anEventIs:
    'A reading above the net’s window is an interruption. One is enough to fail; the rest is to find the place.',
}

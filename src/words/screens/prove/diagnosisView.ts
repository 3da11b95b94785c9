import { list, ohms, plural } from '@/words/figures'

/** What `DiagnosisView` says. */
export const diagnosisViewWords = {
  diagnosis: 'What explains it',
  workingItOut: 'Looking for the fewest mistakes…',
  explain: (mistakes: number, failed: number) =>
    mistakes === 0
      ? 'Nothing is left to explain'
      : `${mistakes === 1 ? 'One mistake explains' : `${String(mistakes)} mistakes explain`} ${failed === 1 ? 'the failure' : `all ${String(failed)} failures`}`,
  foundByHand: (failed: number, open: number) =>
    open === 0
      ? `From the probes over all nets, ${plural(failed, 'net')} failed. Fewer mistakes do not explain them.`
      : `${plural(open, 'net')} ${open === 1 ? 'is' : 'are'} not probed yet: with ${open === 1 ? 'it' : 'them'} it may be another mistake.`,
  nextMistake: 'Next mistake',
  back: 'Back to the nets',
  whatToDo: 'What to do',
  mistake: (number: number) => `Mistake ${String(number)}`,
  lookHere: 'look here',
  nothing: 'nothing',
  wireFace: 'WIRE FACE',
  faceOf: (end: string) => `${end}, from the wires`,
  standsThere: (wire: string, from: string) => `holds ${wire}, which belongs in ${from}`,
  cannotTell: (ends: readonly string[]) =>
    `Continuity is the same either way: look at ${list([...ends])} before anything is taken out.`,
  oneMeasurement: 'One measurement tells',
  measureBetween: (pair: readonly [string, string]) => `Or measure ${pair[0]} to ${pair[1]}, leads off:`,
  windowOf: ([low, high]: readonly [number, number]) => `${ohms(low)} to ${ohms(high)}`,
  thenAt: (end: string, wire: string) => `${wire} lies there, it is at ${end}`,
  bothFit: ([low, high]: readonly [number, number]) =>
    `From ${ohms(low)} to ${ohms(high)} both fit: the reading cannot tell.`,
  seenThere: (end: string) => `Seen: it is at ${end}`,
  thenSeat: 'It is written down as it stands, and Seat leads each contact back to its cavity.',
  anExplanation: 'An explanation, not a finding: nothing is in the record until somebody has looked.',
}

import type { Range } from '@/core/base/range'
import type { StripVerdict } from '@/core/craft/strip/stripWindow'
import { stripLimitWords } from '@/words/crimp'
import { lengthSaid, mm, stripWindow } from '@/words/figures'

/** What Prep says at one termination. */
export const prepWords = {
  thisTermination: 'This termination',
  asReported: 'As reported',
  howItShouldLook: 'How it should look',
  heldBeside: (contact: string) => `${contact}, held beside the stripped wire`,
  reportedMark: 'AS REPORTED ·',
  toScale: 'SIDE, TO SCALE',
  notToScale: 'SIDE, NOT TO SCALE',
  now: 'Now',
  cut: (done: boolean) => (done ? 'Cut, done' : 'Cut'),
  strip: 'Strip',
  notch: 'Notch',
  opens: (opensMm: number) => mm(opensMm),
  bundle: (diameterMm: number) => `bundle ${lengthSaid(diameterMm, 2, 3).value}`,
  tryKey: 'What do you see? Try it in the contact',
  shorter: 'Stripper’s stop 0.1 mm shorter',
  longer: 'Stripper’s stop 0.1 mm longer',
  whatDoYouSee: 'What do you see?',
  tryIt: 'Try it: what do you see?',
  cutBack: 'Cut back and strip again',
  stripped: (lengthMm: number, from: 'measured' | 'stop' | undefined) =>
    from === 'measured'
      ? `✓ Stripped, ${mm(lengthMm)} measured`
      : from === 'stop'
        ? `✓ Stripped, stop at ${mm(lengthMm, 1)}, not measured`
        : `✓ Stripped ${mm(lengthMm)}`,
  alike: (count: number) => `These ${String(count)} alike`,
  alikeHint: 'One tick for all of them; press one to leave it out.',
  oneByOne: 'One by one',
  allAtOnce: (count: number) => `All ${String(count)} alike at once`,
  allPrepared: (count: number) => `All ${String(count)} prepared`,
  leaveOut: (wire: string) => `${wire} in this set`,
  together: (count: number) => `Prepared as one of ${String(count)} alike, ticked together.`,
  next: (crimped: boolean) => (crimped ? 'Crimped already.' : 'Ready for its contact.'),
  onTheWire: (what: readonly string[]) => `On the wire: ${what.join(', ').toLowerCase()}.`,
  recorded: (what: readonly string[]) => `Recorded: ${what.join(', ')}.`,
  title: (first: 'thread' | 'label' | 'nothing') =>
    ({ thread: 'Thread first, then strip', label: 'Label, then strip', nothing: 'Strip' })[first],
  wait: 'Wait for the first piece.',
  ahead: (count: number) =>
    `${String(count)} of this setup ${count === 1 ? 'is' : 'are'} stripped and nothing is released. A wrong strip must not be found after the batch.`,
  handWork: 'All of this is done',
  prepared: 'Prepared',
  measured: 'Strip as measured',
  notMeasured: (stopMm: number) => `empty: stop at ${mm(stopMm, 1)}, not measured`,
  lost: 'Strands lost',
  outside: (verdict: Exclude<StripVerdict, { kind: 'inside' }>) => ({
    main:
      verdict.kind === 'short' ? `Strip ${mm(verdict.byMm, 1)} more` : `Trim ${mm(verdict.byMm, 1)} off the conductor`,
    why: `as it is, ${stripLimitWords[verdict.limit]}.`,
  }),
  tooManyLost: (allowance: number) =>
    `Cut back and strip again: ${allowance === 0 ? 'no strand' : `at most ${String(allowance)}`} may be lost under these rules.`,
  alsoRecorded: ', recorded',
  triesCost: 'This strip’s tries have cost',
  writtenWithIt: ': written with it.',
  stripFrom: (sheet: boolean, rules: string) =>
    `Strip: ${sheet ? 'the sheet’s own length' : `the contact’s dimensions, house rules “${rules}”`}.`,
  rulesWouldAsk: (house: Range) => `The house rules alone would ask ${stripWindow(house)}: here the sheet counts.`,
  eyes: 'Cut away from the hand; eye protection on.',
  mm: (tryMm: number) => `−${mm(tryMm, 1)}`,
}

/** The lines that are ticked one by one before a wire is prepared. */
export const stripLineWords = {
  cutTo: 'Cut to',
  slack: (neededMm: number) => `${mm(neededMm, 0)} needed, the rest is slack for second tries`,
  wires: (count: number) => `${String(count)} wires of that length`,
  isCut: 'It is cut',
  says: (wire: string) => `says ${wire}`,
  eachSaysItsOwn: 'each says its own wire',
  isOn: 'It is on',
  strip: 'Strip',
  unsure: 'unsure? a small bite, try it, a little more',
  isStripped: 'It is stripped',
  sealForward: 'Seal forward until',
  showsBefore: 'of insulation show before it',
  sealEstimate: 'estimated from the contact’s dimensions: its wings hold both',
  sealIsThere: 'Seal is in its place',
  fold: 'Fold the bare end back on itself, flat',
  foldRecorded: 'recorded with this wire',
  isFolded: 'It is folded',
  strands: 'Strands whole, lay as it was',
  strandsHint: (allowance: number) =>
    `${allowance === 0 ? 'none may be nicked' : `${String(allowance)} may be lost`}; not twisted, not tinned`,
  areWhole: 'Strands are whole',
  mm: (cutMm: number) => mm(cutMm, 0),
  mm2: (minMm: number, maxMm: number) => stripWindow({ minMm, maxMm }),
}

import type { ContactsVerdict } from '@/core/craft/resistance/netResistance'
import { ohms } from '@/words/figures'

const contactsVerdict: Readonly<Record<ContactsVerdict['verdict'], string>> = {
  good: 'The contacts are good',
  high: 'The contacts are too high',
  'cannot-tell': 'The contacts cannot be told from the wire’s tolerance',
}

/** What `ProveStation` says. */
export const proveStationWords = {
  nets: 'Nets',
  noNetsYetPlan: 'No nets yet: plan the wires first.',
  notSeated: ' · not seated',
  didNotProve: 'Did not prove',
  toProbe: 'To probe',
  proved: 'Proved',
  tooHigh: 'too high',
  tooLow: 'too low',
  cannotTell: 'cannot tell',
  noContinuity: 'No continuity',
  redProbe: 'Red probe',
  blackProbe: 'Black probe',
  net: 'Net',
  thisNet: 'This net',
  notSeatedYet: 'Not seated yet',
  bothOfItsContacts: 'Both of its contacts must be home before it is probed.',
  provedAt: (timeOfDay: string) => `✓ Proved at ${timeOfDay}`,
  noContinuityRow: 'no continuity',
  resistanceOutOfIts: '▲ Resistance out of its window',
  doesItRingThrough: 'Does it ring through?',
  probeAgainItPasses: 'Probe again: it passes',
  itPasses: 'It passes',
  itFails: 'It fails…',
  whatWasFound: 'What was found',
  openOrWhereIt: 'open, or where it rings instead',
  writeFault: 'Write the fault',
  neverForceProbeInto: 'Never force a probe into a socket: use the mating half or a test contact.',
  bareEndOf: (wire: string) => `bare end of ${wire}`,
  probeRed: (a: boolean) => `Probe ${a ? 'red' : 'black'}`,
  openEnd: 'open end',
  matingFace: 'MATING FACE',
  matingFaceOf: (housing: string) => `${housing}, mating face`,
  touchBareEndOf: (wire: string) => `Touch the bare end of ${wire}.`,
  resistance: 'Resistance',
  shouldBe: 'Should be',
  between: (minOhm: number, maxOhm: number) => `${ohms(minOhm)} to ${ohms(maxOhm)}`,
  measuredLeadsOff: 'Measured, leads off',
  notMeasured: 'not measured',
  measureLeadsFirst: 'measure the leads first',
  meterShowsOrMohm: 'Meter shows (Ω, or mohm)',
  readingLiesAcross: (resolutionOhm: number) =>
    `With steps of ${ohms(resolutionOhm)} the reading may lie inside or outside. Four wires, or a finer meter, would tell.`,
  contactsTogether: ({ verdict, atMostOhm }: ContactsVerdict) =>
    `${contactsVerdict[verdict]}: together at most ${ohms(atMostOhm)}, and one of them may hold all of it.`,
  standsOut: 'It reads higher than its like wires here: look at both of its contacts first.',
  measuredFourWires: 'Measured, four wires',
  good: 'good',
}

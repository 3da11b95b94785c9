import { figure, stripRange } from '@/words/figures'

/** What `CrimpCard` says. */
export const crimpCardWords = {
  somethingHasChangedNew: 'Something has changed: a new first piece',
  thisTermination: 'This termination',
  notStrippedYet: 'Not stripped yet',
  prepareItAtPrep: (minMm: number, maxMm: number) => `Prepare it at Prep first: ${stripRange({ minMm, maxMm })} mm.`,
  reportFault: 'Report a fault',
  crimpedAndAccepted: '✓ Crimped and accepted',
  inWord: (dayTime: string, setup: string) => `${dayTime}, in ${setup}`,
  heightMm: (heightMm: number) => `, height ${figure(heightMm, 3)} mm`,
  seatedInTakeIt: (end: string, cavity: string) => `Seated in ${end}.${cavity}. Take it out at Seat to cut it off.`,
  foundFaultAfterAll: 'Found a fault after all…',
}

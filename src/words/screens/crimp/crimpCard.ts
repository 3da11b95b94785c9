import { mm, stripWindow } from '@/words/figures'

/** What `CrimpCard` says. */
export const crimpCardWords = {
  somethingHasChangedNew: 'Something has changed: a new first piece',
  thisTermination: 'This termination',
  notStrippedYet: 'Not stripped yet',
  prepareItAtPrep: (minMm: number, maxMm: number) => `Prepare it at Prep first: ${stripWindow({ minMm, maxMm })}.`,
  looksSeen: (seen: string | undefined) => (seen === undefined ? '' : `; looks ${seen}`),
  reportFault: 'Report a fault',
  crimpedAndAccepted: '✓ Crimped and accepted',
  inWord: (dayTime: string, setup: string) => `${dayTime}, in ${setup}`,
  heightMm: (heightMm: number) => `, height ${mm(heightMm, 3)}`,
  seatedInTakeIt: (end: string, cavity: string) => `Seated in ${end}.${cavity}. Take it out at Seat to cut it off.`,
  foundFaultAfterAll: 'Found a fault after all…',
}

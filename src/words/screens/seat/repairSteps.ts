import { mm, plural } from '@/words/figures'

/** What `RepairSteps` says. */
export const repairStepsWords = {
  noParts: 'no parts',
  lostOfWire: (what: string, lostMm: number) => `Lost: ${what}, ${mm(lostMm, 0)} of wire.`,
  toPull: (count: number, firstPieces: string) => `${plural(count, 'first piece')} to pull: ${firstPieces}.`,
}

import { bareUnitSign } from '@/words/benchUnits'
import { leastForce } from '@/words/figures'

/** What is said where a piece is measured. */
export const pieceFieldsWords = {
  measureHeight: 'Measure the height',
  measure: 'Measure',
  stopPull: 'Stop the pull',
  pullItOff: 'Pull it off',
  stop: 'Stop',
  pull: 'Pull',
  pulledOffAt: () => `Pulled off at, ${bareUnitSign('force')}`,
  atLeast: (forceN: number) => `≥ ${leastForce(forceN)}`,
  itBroke: (breakWord: string) => `It ${breakWord}.`,
  itHeldThat: (pull: string) => `It is right: it held ${pull}`,
}

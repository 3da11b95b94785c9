import { type CoverId, type HousingLock, isSetBeforeFirst } from '../../parts/catalogue/secondaryLocks'

/** What a hand does to open a cover before the first contact goes in. */
export type OpenStepWhat = 'reach' | 'first-end' | 'other-end' | 'to-stop' | 'off' | 'clear'

export interface OpenStep {
  readonly id: string
  readonly what: OpenStepWhat
  /** undefined: of the housing as a whole */
  readonly cover?: CoverId
}

/** While contacts go in the lock stands at a stop of its own: raised, or part-way in; else it is off. */
const standsAtStop = ({ said, moves }: HousingLock): boolean =>
  said?.whileInserting === 'at-stop' || moves === 'before-and-after'

/**
 * How the covers of an end are opened before its first contact, from the facts of its housing: where the tool takes hold, which
 * end goes first where one alone would tear, how far, and a look that nothing bars the holes. Empty where nothing is opened.
 * @param covers in the order in which they are opened
 */
export function openSteps(lock: HousingLock, covers: readonly CoverId[]): readonly OpenStep[] {
  if (!isSetBeforeFirst(lock)) return []
  const byTool = lock.said?.tool !== undefined || lock.tool !== 'fingers'
  const what: readonly OpenStepWhat[] = [
    ...(byTool ? (['reach'] as const) : []),
    ...(lock.said?.byTurnsMm === undefined ? [] : (['first-end', 'other-end'] as const)),
    standsAtStop(lock) ? 'to-stop' : 'off',
  ]
  return [
    ...covers.flatMap((cover) => what.map((one) => ({ id: `${cover} ${one}`, what: one, cover }))),
    { id: 'clear', what: 'clear' },
  ]
}

/** Where the record has the lock once it is opened. */
export const openedTo = (lock: HousingLock): 'open' | 'part-way' =>
  lock.said?.whileInserting === 'at-stop' ? 'part-way' : 'open'

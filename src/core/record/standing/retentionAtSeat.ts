import { rulesOf } from '../rules/rulesOf'
import type { JobState } from '../state/state'
import { retentionN } from './tug'

/** The force that a contact is pulled with as soon as it has clicked, N, where the house rules test it there; undefined where they do not. */
export function retentionAtSeat(state: JobState, end: string, cavity: string): number | undefined {
  const { retentionTest, retentionWhen } = rulesOf(state)
  return retentionTest && retentionWhen === 'after-click' ? retentionN(state, end, cavity) : undefined
}

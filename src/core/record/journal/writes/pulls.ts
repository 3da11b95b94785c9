import type { ChosenSet } from '../../../craft/setup/chosenSet'
import { termKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { implausiblePull } from '../../standing/plausible'
import type { JobState } from '../../state/state'
import type { Refusal } from '../entryKind'

export const pullRefusal = (
  state: JobState,
  wire: string,
  side: 'a' | 'b',
  set: ChosenSet,
  pullN: number,
): Refusal | undefined => {
  const termination = planIndex(state.plan).byKey.get(termKey(1, wire, side))
  return termination && implausiblePull(state.facts, termination, set, pullN)
}

import type { ChosenSet } from '../../../craft/setup/chosenSet'
import { termKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { rulesOf } from '../../rules/rulesOf'
import { implausiblePull } from '../../standing/plausible'
import type { PulledByHand } from '../../state/records'
import type { JobState } from '../../state/state'
import type { Refusal } from '../entryKind'

interface SaidPull {
  readonly pullN?: number | undefined
  readonly byHand?: PulledByHand | undefined
  readonly meant?: true | undefined
}

/** A test piece was pulled: by a tester, with its figure, or by hand where the house rules take that. One that came off is always written down. */
export function pullRefusal(
  state: JobState,
  wire: string,
  side: 'a' | 'b',
  set: ChosenSet,
  { pullN, byHand, meant }: SaidPull,
): Refusal | undefined {
  if (pullN === undefined) {
    if (byHand === undefined) return { kind: 'pull-missing' }
    return byHand === 'held' && rulesOf(state).releasePull !== 'by-hand' ? { kind: 'pull-by-hand' } : undefined
  }
  const termination = planIndex(state.plan).byKey.get(termKey(1, wire, side))
  return meant || !termination ? undefined : implausiblePull(state.facts, termination, set, pullN)
}

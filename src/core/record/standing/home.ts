import { endKey } from '../plan/keys'
import { type CavityTermination, mateOf, planIndex } from '../plan/plan'
import { type JobState, endState, termState } from '../state/state'

/** Seated in its own cavity and not found pushed back since. A terminal or splice goes nowhere: it is home when it is crimped. */
export function isHome(state: JobState, key: string): boolean {
  const seat = termState(state, key).seat
  const at = planIndex(state.plan).byKey.get(key)?.at
  if (at && at.kind !== 'cavity') return termState(state, key).crimp !== undefined
  return seat !== undefined && at !== undefined && seat.home && seat.end === at.end && seat.cavity === at.cavity
}

/** The contacts of an end that are not home. */
export const notHome = (state: JobState, unit: number, end: string): readonly CavityTermination[] =>
  (planIndex(state.plan).byEnd.get(endKey(unit, end)) ?? []).filter((termination) => !isHome(state, termination.key))

/** Checked against its other half, and neither has been touched since. */
export function isMated(state: JobState, unit: number, end: string): boolean {
  const other = mateOf(state.plan, end)
  return other !== undefined && [end, other].every((one) => endState(state, endKey(unit, one)).mated === true)
}

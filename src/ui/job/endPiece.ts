import { endKey } from '@/core/record/plan/keys'
import { planIndex } from '@/core/record/plan/plan'
import { type JobState, endState, termState } from '@/core/record/state/state'

/** What an end is like, so far as ticks of it depend on that: its covers, and when each contact in it was seated. */
export const endPiece = (state: JobState, unit: number, end: string): unknown => {
  const key = endKey(unit, end)
  const seated = (planIndex(state.plan).byEnd.get(key) ?? []).map((one) => termState(state, one.key).seat?.at)
  return [endState(state, key), seated]
}

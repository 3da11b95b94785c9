import { endKey } from '../plan/keys'
import { planIndex } from '../plan/plan'
import { type JobState, termState } from '../state/state'

/** Is the next contact that comes out of an end the first of it? Then what covers the wires behind it is still on. */
export const isFirstOut = (state: JobState, unit: number, end: string): boolean =>
  state.plan.kind !== 'build' &&
  !(planIndex(state.plan).byEnd.get(endKey(unit, end)) ?? []).some(({ key }) =>
    termState(state, key).outOf?.startsWith(`${end}.`),
  )

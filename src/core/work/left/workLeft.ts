import type { JobState } from '../../record/state/state'
import { closeLeft } from '../close/closeTasks'
import { benchCounts } from './benchCounts'

/** Tasks that are not done: nobody signs for less. A plan without wires is one. */
export function workLeft(state: JobState): number {
  const left = Object.values(benchCounts(state)).reduce((sum, { done, total }) => sum + total - done, 0)
  return (state.plan.wires.length === 0 ? left + 1 : left) + state.lacings.size + closeLeft(state)
}

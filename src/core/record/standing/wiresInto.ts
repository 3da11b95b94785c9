import { insulationMmOf } from '../plan/facts'
import { planIndex, type Wire } from '../plan/plan'
import type { JobState } from '../state/state'

type State = Pick<JobState, 'plan' | 'facts'>

/** The wires that run into an end, second wires of shared contacts among them; without an end, all of the job. */
export function wiresInto({ plan }: Pick<State, 'plan'>, end?: string): readonly Wire[] {
  if (end === undefined) return plan.wires
  const here = planIndex(plan).byEnd.get(`1/${end}`) ?? []
  return [...new Set(here.flatMap(({ wire, also }) => (also ? [wire, also.wire] : [wire])))]
}

/** Their diameters over the insulation, mm: what a bundle of them is packed from. */
export const bundleOf = (state: State, end?: string): readonly number[] =>
  wiresInto(state, end).flatMap((wire) => insulationMmOf(state.facts, wire) ?? [])

import { housingOf } from '../plan/facts'
import type { JobState } from '../state/state'
import { rulesOf } from '../rules/rulesOf'

/**
 * The light tug after a click, N: a share of the cavity's retention force by the house rules.
 * Never derived from the crimp's pull minimum, which could break the cavity's lock.
 */
export function lightTugN(state: JobState, end: string, cavity: string): number | undefined {
  const housing = housingOf(state.facts, state.plan, end)
  const size = housing?.cavities.find((one) => one.id === cavity)?.size
  const facts = housing && state.facts.families[housing.family]?.sizes.find((one) => one.id === size)
  return facts?.retentionN === undefined ? undefined : Math.round(facts.retentionN * rulesOf(state).tugShare)
}

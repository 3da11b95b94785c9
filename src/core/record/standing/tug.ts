import { housingOf } from '../plan/facts'
import type { JobState } from '../state/state'
import { rulesOf } from '../rules/rulesOf'

/** Below this nobody feels that anything holds. */
const LEAST_N = 1

/** What holds a contact in its cavity by the family's sheet, N; undefined where no sheet says. */
export function retentionN(state: JobState, end: string, cavity: string): number | undefined {
  const housing = housingOf(state.facts, state.plan, end)
  const size = housing?.cavities.find((one) => one.id === cavity)?.size
  const facts = housing && state.facts.families[housing.family]?.sizes.find((one) => one.id === size)
  return facts?.retentionN
}

/**
 * The light tug that is asked after a click, whole N: a share of the cavity's retention force by the house rules, never above
 * that force and never under 1 N. Never derived from the crimp's pull minimum, which could break the cavity's lock.
 */
export function lightTugN(state: JobState, end: string, cavity: string): number | undefined {
  const holdsN = retentionN(state, end, cavity)
  if (holdsN === undefined) return undefined
  return Math.max(LEAST_N, Math.min(Math.floor(holdsN), Math.round(holdsN * rulesOf(state).tugShare)))
}

import { housingOf } from '../plan/facts'
import type { JobState } from '../state/state'

/** The part that closes an unused cavity, where the family has open holes; a pierced hole of a mat that was whole is one. */
export function plugFor(state: JobState, end: string, cavity: string): string | undefined {
  const housing = housingOf(state.facts, state.plan, end)
  const family = housing && state.facts.families[housing.family]
  if (!family || family.sealing === 'none') return undefined
  if (family.sealing === 'mat-self-piercing' && !isPierced(state, end, cavity)) return undefined
  const size = housing.cavities.find((one) => one.id === cavity)?.size
  return family.sizes.find((one) => one.id === size)?.plug
}

/** Has a wire ever been through the mat here, in any unit? */
function isPierced(state: JobState, end: string, cavity: string): boolean {
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    const inside = state.cavities.get(`${unit}/${end}.${cavity}`)
    if (inside?.term !== undefined || inside?.plug !== undefined || (inside?.passes ?? 0) > 0) return true
  }
  return false
}

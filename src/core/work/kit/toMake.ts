import { termKey } from '../../record/plan/keys'
import type { SideLetter } from '../../record/plan/plan'
import { AS_FOUND } from '../../record/state/records'
import type { JobState } from '../../record/state/state'

/** In how many units something is to be taken from the shelf: in all, where the job builds; else where it did not come. */
export function unitsToTake({ plan }: Pick<JobState, 'plan'>, came: (unit: number) => boolean): number {
  if (plan.kind === 'build') return plan.quantity
  let count = 0
  for (let unit = 1; unit <= plan.quantity; unit++) if (!came(unit)) count++
  return count
}

/** Of one side of a wire: in how many units its contact is to be made. */
export const toMake = (state: JobState, wire: string, side: SideLetter): number =>
  unitsToTake(state, (unit) => state.terms.get(termKey(unit, wire, side))?.crimp?.setup === AS_FOUND)

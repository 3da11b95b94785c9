import { lockOfHousing } from '../../parts/catalogue/secondaryLocks'
import { housingOf } from '../plan/facts'
import type { JobState } from '../state/state'
import type { EndDamageId } from '../../craft/faults/damage'

/**
 * What has to be taken new when something of an end is broken. A lock that is a part of the housing takes the housing with
 * it; a cover that slides over the wires cannot be changed while contacts are in.
 */
export type EndDamage =
  | { readonly takes: 'housing'; readonly part: string; /** the lock is moulded to it */ readonly lockIsPart: boolean }
  | {
      readonly takes: 'lock' | 'cover'
      /** undefined where the shelf has no number for it */ readonly part: string | undefined
    }

/** @param end an end of the plan whose housing is pinned */
export function endDamage(state: JobState, end: string, what: EndDamageId): EndDamage {
  const housing = housingOf(state.facts, state.plan, end)
  const family = housing && state.facts.families[housing.family]
  const lock = family && lockOfHousing(family, housing)
  if (what === 'lock' && lock && (lock.part === 'separate' || housing.lock !== undefined))
    return { takes: lock.threadedFirst ? 'cover' : 'lock', part: housing.lock }
  return { takes: 'housing', part: housing?.id ?? '', lockIsPart: what === 'lock' }
}

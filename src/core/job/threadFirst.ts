import { secondaryLocks } from '../catalogue/secondaryLocks'
import type { JobState } from '../journal/state'
import { housingOf } from './facts'
import type { ChosenSet, Termination } from './plan'

export interface ThreadItem {
  readonly code: 'label' | 'seal' | 'tail-cover'
  /** the part, where it has a number of its own */
  readonly part?: string | undefined
}

/** What must be on the wire before it is stripped, in the order in which it goes on. Forgetting one costs the contact. */
export function threadFirst(state: JobState, termination: Termination, set: ChosenSet): readonly ThreadItem[] {
  const housing = termination.at.kind === 'cavity' ? housingOf(state.facts, state.plan, termination.at.end) : undefined
  const family = housing && state.facts.families[housing.family]
  const items: ThreadItem[] = [{ code: 'label' }]
  if (family?.lock === 'tail-cover' && secondaryLocks[family.lock].threadedFirst) items.push({ code: 'tail-cover', part: housing?.lock })
  if (set.seal !== undefined) items.push({ code: 'seal', part: set.seal })
  return items
}

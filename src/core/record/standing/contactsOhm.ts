import { setKey } from '../plan/keys'
import type { Wire } from '../plan/plan'
import type { JobState } from '../state/state'

/** What the contacts at both sides of a wire have together by their sheets, Ω; a side without a set adds nothing. */
export const contactsOhm = (state: Pick<JobState, 'sets' | 'facts'>, wire: Pick<Wire, 'id'>): number =>
  (['a', 'b'] as const).reduce((sum, side) => {
    const set = state.sets.get(setKey(wire.id, side))
    const contact = set && state.facts.contacts[set.contact]
    return sum + (contact ? contact.contactMilliohm / 1000 : 0)
  }, 0)

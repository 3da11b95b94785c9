import { termKey } from '../plan/keys'
import { contactKind } from './contactKind'
import type { Wire } from '../plan/plan'
import type { JobState } from '../state/state'

/** What the contacts at both sides of a wire have together by their sheets, Ω; a side without a set adds nothing. */
export const contactsOhm = (state: Pick<JobState, 'sets' | 'facts' | 'terms'>, wire: Pick<Wire, 'id'>): number =>
  (['a', 'b'] as const).reduce((sum, side) => {
    const contact = contactKind(state, termKey(1, wire.id, side))
    return sum + (contact ? contact.contactMilliohm / 1000 : 0)
  }, 0)

import { constructionOf } from '../../parts/catalogue/constructions'
import type { LookCode } from '../../parts/catalogue/lookCodes'
import { isSleeve, type Contact } from '../../parts/catalogue/types'
import type { HouseRules } from '../../parts/rules/houseRules'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { rulesOf } from '../rules/rulesOf'
import type { JobState } from '../state/state'

/** A stamped socket's brush can stand in the way of the pin that mates with it. */
const asksPin = (contact: Contact, { matingPin }: HouseRules): boolean =>
  !isSleeve(contact) &&
  contact.gender === 'socket' &&
  (contact.pinTry === true || (matingPin === 'sockets' && constructionOf(contact).wings(contact) !== undefined))

/** The looks that a set's contact asks for, in order; then those that the house rules want besides. */
export function looksOf(state: JobState, set: ChosenSet): readonly LookCode[] {
  const contact = state.facts.contacts[set.contact]
  if (!contact) return []
  const rules = rulesOf(state)
  return [
    ...constructionOf(contact).looks(contact),
    ...(asksPin(contact, rules) ? (['pin-goes-home'] as const) : []),
    ...(rules.handPull === 'each-crimp' ? (['holds-by-hand'] as const) : []),
  ]
}

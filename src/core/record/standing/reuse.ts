import { planIndex } from '../plan/plan'
import { type JobState, termState } from '../state/state'
import { rulesOf } from '../rules/rulesOf'
import { setKey } from '../plan/keys'
import { contactKind } from './contactKind'

/** What limits how often a contact may go in again. */
export type ReuseLimit = 'contact-sheet' | 'contact-rules' | 'seal-rules'

export interface Reuse {
  /** times that it has come out, and would go in again */
  readonly used: number
  readonly allowed: number
  readonly by: ReuseLimit
}

/**
 * How often the contact of a termination has been used again, and how often it may: the least of what its sheet grants, what
 * the house rules grant, and, where a seal is crimped with it, what they grant the seal.
 * @returns undefined where its contact is not known here
 */
export function reuseOf(state: JobState, term: string): Reuse | undefined {
  const termination = planIndex(state.plan).byKey.get(term)
  const set = termination && state.sets.get(setKey(termination.wire.id, termination.side))
  const contact = contactKind(state, term)
  if (!contact) return undefined
  const rules = rulesOf(state)
  const limits: readonly (readonly [number, ReuseLimit])[] = [
    [contact.reuses, 'contact-sheet'],
    [rules.contactReuses, 'contact-rules'],
    ...(set?.seal === undefined ? [] : [[rules.sealReuses, 'seal-rules'] as const]),
  ]
  const [allowed, by] = limits.reduce((least, limit) => (limit[0] < least[0] ? limit : least))
  return { used: termState(state, term).extractions, allowed, by }
}

/** Has it come out more often than it may go in again? A new contact is due then. */
export const isSpent = ({ used, allowed }: Reuse): boolean => used > allowed

/** Once it has come out of where it stands, is it spent? */
export const isSpentOnceOut = ({ used, allowed }: Reuse): boolean => used + 1 > allowed

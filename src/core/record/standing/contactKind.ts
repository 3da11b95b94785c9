import type { Contact } from '../../parts/catalogue/types'
import { setKey, termOf } from '../plan/keys'
import type { JobState } from '../state/state'

/** The contact of a termination: what it came with, where somebody has said so; else the one that was chosen for it. */
export function contactKind(state: Pick<JobState, 'terms' | 'sets' | 'facts'>, term: string): Contact | undefined {
  const { wire, side } = termOf(term)
  const id = state.terms.get(term)?.crimp?.contact ?? state.sets.get(setKey(wire, side))?.contact
  return id === undefined ? undefined : state.facts.contacts[id]
}

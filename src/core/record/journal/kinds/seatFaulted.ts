import { seatFaultIds, seatOutcome } from '../../../craft/faults/seatFaults'
import { housingOf } from '../../plan/facts'
import { cavityKey, termLabel, termOf } from '../../plan/keys'
import { inCavity } from '../../plan/plan'
import { rulesOf } from '../../rules/rulesOf'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { findTermination } from '../shared'
import { cutOff, passInto } from '../writes/contactWrites'
import { voidProof } from '../writes/proofs'

/** what was wrong as it went in, and why; what becomes of the contact follows from both and the house rules */
export const seatFaultedShape = ({ key, term, z }: EntryFields) => ({
  term,
  end: key,
  cavity: key,
  fault: z.enum(seatFaultIds),
  cause: key,
})

export const seatFaulted: EntryKind<'seat-faulted'> = {
  kind: 'seat-faulted',
  subjects: ({ term, end, cavity }) => ({
    writes: [subject.term(term), subject.cavity(cavityKey(termOf(term).unit, end, cavity))],
  }),
  refuse: (state, { term, end, cavity, fault, cause }) => {
    const termination = findTermination(state, term)
    if (!termination || !inCavity(termination)) return { kind: 'unknown', what: 'termination', id: term }
    const now = termState(state, term)
    if (!now.crimp) return { kind: 'not-yet', what: 'crimped' }
    if (now.seat && (now.seat.end !== end || now.seat.cavity !== cavity))
      return { kind: 'stands-elsewhere', stands: `${now.seat.end}.${now.seat.cavity}`, given: `${end}.${cavity}` }
    const outcome = seatOutcome(fault, cause, rulesOf(state))
    if (outcome === undefined) return { kind: 'unknown', what: 'cause', id: cause }
    const inside = state.cavities.get(cavityKey(termination.unit, end, cavity))
    if (!housingOf(state.facts, state.plan, end)?.cavities.some((one) => one.id === cavity))
      return { kind: 'unknown', what: 'cavity', id: `${end}.${cavity}` }
    return outcome === 'take-out' && inside?.term !== undefined && inside.term !== term
      ? { kind: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
      : undefined
  },
  apply: (draft, { term, end, cavity, fault, cause, at, by }) => {
    const { state } = draft
    const { seat, ...now } = termState(state, term)
    const key = cavityKey(termOf(term).unit, end, cavity)
    voidProof(draft, term)
    switch (seatOutcome(fault, cause, rulesOf(state))) {
      case 'take-out':
        // it stands in the cavity, and is not home there
        draft.put('terms', term, { ...now, seat: { end, cavity, home: false, at, by } })
        if (!seat) passInto(draft, key, { term })
        break
      case 'cut-off':
        draft.put('terms', term, cutOff(state, term, now))
        if (seat) passInto(draft, key, {})
        break
      default:
        // it goes in again: nothing is lost, it was only not home
        draft.put('terms', term, now)
        if (seat) draft.put('cavities', key, { passes: state.cavities.get(key)?.passes ?? 0 })
    }
  },
  about: ({ term, end, cavity, fault, cause }) =>
    `${termLabel(term)} at ${end}.${cavity}: ${fault.replaceAll('-', ' ')}, ${cause.replaceAll('-', ' ')}`,
}

import { redoneIds } from '../../../craft/faults/damage'
import { setKey, termKey, termLabel, termOf, wireKey } from '../../plan/keys'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { findTermination } from '../shared'
import { breakContact } from '../writes/contactWrites'

/** broken at a contact, or its whole wire: it comes out, is cut off and made again; `lostMm` is spoiled besides the old strip */
export const damageReportedShape = ({ term, text, z }: EntryFields) => ({
  term,
  what: z.enum(redoneIds),
  lostMm: z.number().min(0).max(10_000).optional(),
  /** how it lay before the cut: which side up, which wire where */
  before: text.optional(),
})

export const damageReported: EntryKind<'damage-reported'> = {
  kind: 'damage-reported',
  subjects: ({ term, what }) => {
    const { unit, wire } = termOf(term)
    return {
      writes:
        what === 'wire'
          ? [
              subject.cut(wireKey(unit, wire)),
              subject.term(termKey(unit, wire, 'a')),
              subject.term(termKey(unit, wire, 'b')),
            ]
          : [subject.term(term)],
    }
  },
  refuse: (state, { term, what }) => {
    const termination = findTermination(state, term)
    if (!termination) return { kind: 'unknown', what: 'termination', id: term }
    const now = termState(state, term)
    if (!now.crimp) return { kind: 'not-yet', what: 'crimped' }
    const set = state.sets.get(setKey(termination.wire.id, termination.side))
    return what === 'seal' && set && set.seal === undefined ? { kind: 'unknown', what: 'part', id: 'seal' } : undefined
  },
  apply: (draft, { term, what, lostMm = 0, before }) => breakContact(draft, term, what, lostMm, before),
  about: ({ term, what }) => `${termLabel(term)}: ${what.replace('-', ' ')}`,
}

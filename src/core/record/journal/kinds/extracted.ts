import { cavityKey, endKey, otherTerm, termLabel, termOf } from '../../plan/keys'
import { rulesOf } from '../../rules/rulesOf'
import { endState, termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { cutOff, disturbEnd, passInto, scrapWire } from '../writes/contactWrites'
import { voidProof } from '../writes/proofs'
import { helpRefusal } from '../shared'
import { lockOf, seatSubjects } from '../writes/seats'

/** `damaged`: the contact is cut off; `improvised` is what let it go where the tool for it was missing */
export const extractedShape = ({ key, term, helps, z }: EntryFields) => ({
  term,
  why: z.enum(['wrong-cavity', 'not-home', 'not-in-plan', 'damaged', 'cover-due', 'old-housing', 'other']),
  tool: key.optional(),
  improvised: key.optional(),
  helps,
})

export const extracted: EntryKind<'extracted'> = {
  kind: 'extracted',
  subjects: ({ term }, state) => {
    const seat = termState(state, term).seat
    return seat ? seatSubjects(term, seat.end, seat.cavity) : { writes: [subject.term(term)] }
  },
  refuse: (state, { term, improvised, helps }) => {
    const seat = termState(state, term).seat
    if (!seat) return { kind: 'not-yet', what: 'seated' }
    const unit = termOf(term).unit
    const at = lockOf(state, unit, seat.end)
    const release = at?.release
    if (improvised !== undefined && !release?.improvised.some((one) => one === improvised))
      return { kind: 'unknown', what: 'practice', id: improvised }
    if (improvised !== undefined && rulesOf(state).improvisedRelease === 'forbidden')
      return { kind: 'improvised-forbidden', how: improvised }
    const help = helpRefusal(state, 'release', helps)
    if (help) return help
    return at?.lock.openToInsert && endState(state, endKey(unit, seat.end)).lock === 'closed'
      ? { kind: 'lock-closed', end: seat.end }
      : undefined
  },
  apply: (draft, { term, why }) => {
    const { state } = draft
    const { seat, ...rest } = termState(state, term)
    if (!seat) return
    draft.put(
      'terms',
      term,
      why === 'damaged' || rest.damaged
        ? cutOff(state, term, rest)
        : { ...rest, extractions: rest.extractions + 1, outOf: `${seat.end}.${seat.cavity}` },
    )
    passInto(draft, cavityKey(termOf(term).unit, seat.end, seat.cavity), {})
    voidProof(draft, term)
    disturbEnd(draft, termOf(term).unit, seat.end)
    // of a broken wire the second side is out: the whole of it goes
    const { unit, wire } = termOf(term)
    if (rest.damaged?.what === 'wire' && !termState(state, otherTerm(term)).seat) scrapWire(draft, unit, wire)
  },
  about: ({ term, why, improvised, helps }) =>
    `${termLabel(term)}${why === 'damaged' ? ', cut off' : ''}${improvised === undefined ? '' : ', improvised'}${helps && helps.length > 0 ? ', helped' : ''}`,
}

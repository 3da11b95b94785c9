import { cavityKey, termLabel, termOf } from '../../plan/keys'
import { housingAt } from '../../standing/benchEnds'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { Draft, EntryKind } from '../entryKind'
import { disturbEnd, passInto } from '../writes/contactWrites'
import { voidProof } from '../writes/proofs'
import { cavityOf, insertRefusal, seatSubjects } from '../writes/seats'

/** found in another cavity, before or after it was written down as seated; `swapped` is then in its place */
export const misplacedShape = ({ key, term }: EntryFields) => ({
  term,
  end: key,
  cavity: key,
  swapped: term.optional(),
})

/** What a cavity is said to hold is put right; how often it was passed stays. */
function moveRecord(draft: Draft, key: string, term: string | undefined): void {
  draft.put('cavities', key, {
    ...(term !== undefined && { term }),
    passes: draft.state.cavities.get(key)?.passes ?? 0,
  })
}

export const misplaced: EntryKind<'misplaced'> = {
  kind: 'misplaced',
  subjects: ({ term, end, cavity, swapped }, state) => {
    const { writes, reads } = seatSubjects(term, end, cavity)
    const { seat } = termState(state, term)
    return {
      writes: [
        ...writes,
        ...(seat ? seatSubjects(term, seat.end, seat.cavity).writes : []),
        ...(swapped === undefined ? [] : [subject.term(swapped)]),
      ],
      reads,
    }
  },
  refuse: (state, { term, end, cavity, swapped }) => {
    const at = cavityOf(state, term)
    if (at?.end === end && at.cavity === cavity)
      return { kind: 'wrong-cavity', planned: `${end}.${cavity}`, given: `${end}.${cavity}` }
    const { seat } = termState(state, term)
    if (!seat)
      return swapped === undefined ? insertRefusal(state, term, end, cavity) : { kind: 'not-yet', what: 'seated' }
    if (seat.end === end && seat.cavity === cavity) return { kind: 'already', what: 'seated' }
    const unit = termOf(term).unit
    if (!housingAt(state, unit, end)?.cavities.some((one) => one.id === cavity))
      return { kind: 'unknown', what: 'cavity', id: `${end}.${cavity}` }
    const inside = state.cavities.get(cavityKey(unit, end, cavity))
    if (inside?.plug !== undefined) return { kind: 'cavity-taken', cavity: `${end}.${cavity}`, by: inside.plug }
    if (inside?.term === swapped) return undefined
    return inside?.term === undefined
      ? { kind: 'not-yet', what: 'seated' }
      : { kind: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
  },
  apply: (draft, { term, end, cavity, swapped, at, by }) => {
    const { state } = draft
    const unit = termOf(term).unit
    const now = termState(state, term)
    draft.put('terms', term, { ...now, seat: { end, cavity, home: false, at, by } })
    const was = now.seat
    if (!was) {
      passInto(draft, cavityKey(unit, end, cavity), { term })
      return
    }
    // it was written down wrongly: nothing moves, and no hole is passed once more
    moveRecord(draft, cavityKey(unit, was.end, was.cavity), swapped)
    moveRecord(draft, cavityKey(unit, end, cavity), term)
    if (swapped !== undefined)
      draft.put('terms', swapped, {
        ...termState(state, swapped),
        seat: { end: was.end, cavity: was.cavity, home: false, at, by },
      })
    for (const one of swapped === undefined ? [term] : [term, swapped]) voidProof(draft, one)
    for (const one of new Set([was.end, end])) disturbEnd(draft, unit, one)
  },
  about: ({ term, end, cavity, swapped }) =>
    `${termLabel(term)} in ${end}.${cavity}${swapped === undefined ? '' : `, ${termLabel(swapped)} in its place`}`,
}

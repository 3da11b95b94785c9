import { secondaryLocks } from '../../../parts/catalogue/secondaryLocks'
import { housingOf } from '../../plan/facts'
import { matedPair } from '../../plan/matedPair'
import { cavityKey, endKey, mateOf, planIndex, unitAndId, wireKey } from '../../plan/plan'
import { endDamage } from '../../standing/endDamage'
import { holdsContacts, housingAt } from '../../standing/benchEnds'
import { isMated } from '../../standing/home'
import { subject, type EntryKind } from '../entryKind'
import { endState, termState, type JobState } from '../../state/state'
import { giveUpHousing, voidProof } from './seatWrites'

/** What happens to an end as a whole, and to the bundle behind it. */

/** What stands in a housing: for what an entry is about. */
export const standingIn = (state: JobState, unit: number, end: string): readonly string[] =>
  (housingAt(state, unit, end)?.cavities ?? []).flatMap(({ id }) => {
    const key = cavityKey(unit, end, id)
    const inside = state.cavities.get(key)
    return inside ? [subject.cavity(key), ...(inside.term === undefined ? [] : [subject.term(inside.term)])] : []
  })

export const endDamaged: EntryKind<'end-damaged'> = {
  kind: 'end-damaged',
  subjects: ({ unit, end }, state) => ({
    writes: [subject.endState(endKey(unit, end)), ...standingIn(state, unit, end)],
    reads: [subject.end(end)],
  }),
  refuse: (state, { unit, end, what }) => {
    const housing = housingOf(state.facts, state.plan, end)
    const family = housing && state.facts.families[housing.family]
    if (!family || unit > state.plan.quantity) return { code: 'unknown', what: 'end', id: end }
    if (what === 'lock' && !secondaryLocks[family.lock].present) return { code: 'unknown', what: 'part', id: 'lock' }
    const stillFull = [...state.oldEnds].find(
      ([key, old]) => old.end === end && unitAndId(key).unit === unit && holdsContacts(state, unit, unitAndId(key).id),
    )
    return stillFull ? { code: 'not-yet', what: 'out' } : undefined
  },
  apply: (draft, { unit, end, what }) => {
    const { state } = draft
    const damage = endDamage(state, end, what)
    if (damage.takes === 'housing') {
      giveUpHousing(draft, unit, end, 'broken')
      return
    }
    const { mated: _mated, ...now } = endState(state, endKey(unit, end))
    draft.put(state.ends, endKey(unit, end), {
      ...now,
      lock: 'open',
      lookedOver: false,
      locksLost: (now.locksLost ?? 0) + 1,
      ...(damage.takes === 'cover' && { coverDue: damage.part ?? 'cover' }),
    })
    if (damage.takes !== 'cover') return
    // a cover slides over the wires: each contact comes out, goes through the new one, and in again
    for (const termination of planIndex(state.plan).byEnd.get(endKey(unit, end)) ?? []) {
      const term = termState(state, termination.key)
      if (!term.seat) continue
      draft.put(state.terms, termination.key, { ...term, seat: { ...term.seat, home: false } })
      voidProof(draft, termination.key)
    }
  },
  about: ({ end, what }) => `${end}: ${what}`,
}

export const lacingMoved: EntryKind<'lacing-moved'> = {
  kind: 'lacing-moved',
  subjects: ({ unit, wire }) => ({ writes: [subject.lacing(wireKey(unit, wire))] }),
  refuse: (state, { unit, wire, to }) => {
    const now = state.lacings.get(wireKey(unit, wire))
    if (now === undefined) return { code: 'unknown', what: 'wire', id: wire }
    if (to === 'open') return now === 'open' ? { code: 'already', what: 'open' } : undefined
    return to === 'renewed' && now === 'to-open' ? { code: 'not-yet', what: 'lacing-open' } : undefined
  },
  apply: (draft, { unit, wire, to }) =>
    draft.put(draft.state.lacings, wireKey(unit, wire), to === 'open' ? 'open' : undefined),
  about: ({ wire, to }) => `along ${wire}: ${to === 'none' ? 'there is none' : to}`,
}

export const pairMated: EntryKind<'pair-mated'> = {
  kind: 'pair-mated',
  subjects: ({ unit, a, b }) => ({
    writes: [subject.endState(endKey(unit, a)), subject.endState(endKey(unit, b))],
    reads: [subject.end(a), subject.end(b)],
  }),
  refuse: (state, { unit, a, b }) => {
    if (mateOf(state.plan, a) !== b) return { code: 'unknown', what: 'end', id: b }
    const open = [a, b].find((end) => !endState(state, endKey(unit, end)).lookedOver)
    if (open !== undefined) return { code: 'not-looked-over', end: open }
    if (isMated(state, unit, a)) return { code: 'already', what: 'mated' }
    const [fault] = matedPair(state.plan, state.facts, a, b).faults
    return fault && { code: 'pair-fault', fault }
  },
  apply: (draft, { unit, a, b }) => {
    for (const end of [a, b])
      draft.put(draft.state.ends, endKey(unit, end), { ...endState(draft.state, endKey(unit, end)), mated: true })
  },
  about: ({ a, b }) => `${a} and ${b}`,
}

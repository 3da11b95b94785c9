import { endDamageIds } from '../../../craft/faults/damage'
import { lockOfHousing } from '../../../parts/catalogue/secondaryLocks'
import { housingOf } from '../../plan/facts'
import { endKey, unitAndId } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { holdsContacts } from '../../standing/benchEnds'
import { endDamage } from '../../standing/endDamage'
import { endState, termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { giveUpHousing } from '../writes/contactWrites'
import { voidProof } from '../writes/proofs'
import { standingIn } from '../writes/standingIn'

/** the lock or the housing of an end is broken: it is given up, and taken new */
export const endDamagedShape = ({ unit, key, z }: EntryFields) => ({ unit, end: key, what: z.enum(endDamageIds) })

export const endDamaged: EntryKind<'end-damaged'> = {
  kind: 'end-damaged',
  subjects: ({ unit, end }, state) => ({
    writes: [subject.endState(endKey(unit, end)), ...standingIn(state, unit, end)],
    reads: [subject.end(end)],
  }),
  refuse: (state, { unit, end, what }) => {
    const housing = housingOf(state.facts, state.plan, end)
    const family = housing && state.facts.families[housing.family]
    if (!family || unit > state.plan.quantity) return { kind: 'unknown', what: 'end', id: end }
    if (what === 'lock' && !lockOfHousing(family, housing).present) return { kind: 'unknown', what: 'part', id: 'lock' }
    const stillFull = [...state.oldEnds].find(
      ([key, old]) => old.end === end && unitAndId(key).unit === unit && holdsContacts(state, unit, unitAndId(key).id),
    )
    return stillFull ? { kind: 'not-yet', what: 'out' } : undefined
  },
  apply: (draft, { unit, end, what }) => {
    const { state } = draft
    const damage = endDamage(state, end, what)
    if (damage.takes === 'housing') {
      giveUpHousing(draft, unit, end, 'broken')
      return
    }
    const { mated: _mated, ...now } = endState(state, endKey(unit, end))
    draft.put('ends', endKey(unit, end), {
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
      draft.put('terms', termination.key, { ...term, seat: { ...term.seat, home: false } })
      voidProof(draft, termination.key)
    }
  },
  about: ({ end, what }) => `${end}: ${what}`,
}

import { cavityKey, endKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { endState, termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { voidProof } from '../writes/proofs'

/** What an append of this kind says. */
export const endLookedOverShape = ({ unit, key, z }: EntryFields) => ({
  unit,
  end: key,
  pushedBack: z.array(key).max(200),
})

export const endLookedOver: EntryKind<'end-looked-over'> = {
  kind: 'end-looked-over',
  subjects: ({ unit, end, pushedBack }, state) => ({
    writes: [
      subject.endState(endKey(unit, end)),
      ...pushedBack
        .flatMap((cavity) => planIndex(state.plan).byCavity.get(cavityKey(unit, end, cavity))?.key ?? [])
        .map(subject.term),
    ],
  }),
  refuse: (state, { unit, end, pushedBack }, _moment, ahead) => {
    const before = ahead.beforeLook(state, unit, end)
    if (before) return { kind: 'not-yet', ...before }
    const stranger = pushedBack.find((cavity) => !planIndex(state.plan).byCavity.has(cavityKey(unit, end, cavity)))
    return stranger === undefined ? undefined : { kind: 'unknown', what: 'cavity', id: `${end}.${stranger}` }
  },
  apply: (draft, { unit, end, pushedBack }) => {
    const { state } = draft
    for (const cavity of pushedBack) {
      const key = planIndex(state.plan).byCavity.get(cavityKey(unit, end, cavity))?.key
      const now = key === undefined ? undefined : termState(state, key)
      if (key === undefined || !now?.seat) continue
      draft.put('terms', key, { ...now, seat: { ...now.seat, home: false } })
      voidProof(draft, key)
    }
    const { mated: _mated, ...now } = endState(state, endKey(unit, end))
    draft.put('ends', endKey(unit, end), { ...now, lookedOver: pushedBack.length === 0 })
  },
  about: ({ end, pushedBack }) => (pushedBack.length > 0 ? `${end}: ${pushedBack.join(', ')} pushed back` : end),
}

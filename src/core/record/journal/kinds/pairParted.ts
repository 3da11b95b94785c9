import { endKey } from '../../plan/keys'
import { mateOf } from '../../plan/plan'
import { isMated } from '../../standing/home'
import { endState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** Two halves that were together are parted: both faces are looked over again before they go together once more. */
export const pairPartedShape = ({ unit, key, z }: EntryFields) => ({
  unit,
  a: key,
  b: key,
  checked: z.array(key).max(8),
})

export const pairParted: EntryKind<'pair-parted'> = {
  kind: 'pair-parted',
  subjects: ({ unit, a, b }) => ({
    writes: [a, b].map((end) => subject.endState(endKey(unit, end))),
    reads: [a, b].map(subject.end),
  }),
  refuse: (state, { unit, a, b }) => {
    if (mateOf(state.plan, a) !== b) return { kind: 'unknown', what: 'end', id: b }
    return isMated(state, unit, a) ? undefined : { kind: 'not-yet', what: 'mated' }
  },
  apply: (draft, { unit, a, b }) => {
    for (const end of [a, b]) {
      const { mated: _mated, ...now } = endState(draft.state, endKey(unit, end))
      draft.put('ends', endKey(unit, end), { ...now, lookedOver: false })
    }
  },
  about: ({ a, b }) => `${a} and ${b}`,
}

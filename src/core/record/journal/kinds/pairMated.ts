import { endKey, unitAndId } from '../../plan/keys'
import { matedPair } from '../../plan/matedPair'
import { mateOf } from '../../plan/plan'
import { isMated } from '../../standing/home'
import { endState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** two ends of the job go together: keys, interface seal, and the wires cavity by cavity */
export const pairMatedShape = ({ unit, key, z }: EntryFields) => ({
  unit,
  a: key,
  b: key,
  checked: z.array(key).max(8),
})

export const pairMated: EntryKind<'pair-mated'> = {
  kind: 'pair-mated',
  subjects: ({ unit, a, b }) => ({
    writes: [subject.endState(endKey(unit, a)), subject.endState(endKey(unit, b))],
    reads: [subject.end(a), subject.end(b)],
  }),
  refuse: (state, { unit, a, b }) => {
    if (mateOf(state.plan, a) !== b) return { kind: 'unknown', what: 'end', id: b }
    const open = [a, b].find((end) => !endState(state, endKey(unit, end)).lookedOver)
    if (open !== undefined) return { kind: 'not-looked-over', end: open }
    if (isMated(state, unit, a)) return { kind: 'already', what: 'mated' }
    const [fault] = matedPair(state.plan, state.facts, a, b).faults
    return fault && { kind: 'pair-fault', fault }
  },
  apply: (draft, { unit, a, b }) => {
    // they were apart since: what rang through them has to ring again
    for (const [circuit, { ends }] of draft.state.through)
      if (unitAndId(circuit).unit === unit && ends.includes(a)) draft.put('through', circuit, undefined)
    for (const end of [a, b])
      draft.put('ends', endKey(unit, end), { ...endState(draft.state, endKey(unit, end)), mated: true })
  },
  about: ({ a, b }) => `${a} and ${b}`,
}

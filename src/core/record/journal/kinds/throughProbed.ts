import { mateOf } from '../../plan/plan'
import { pairKey } from '../../plan/keys'
import { throughCircuits } from '../../plan/throughCircuits'
import { isMated } from '../../standing/home'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** A circuit probed through two halves that are put together, from the far point of one to that of the other. */
export const throughProbedShape = ({ unit, key, z }: EntryFields) => ({
  unit,
  a: key,
  b: key,
  red: key,
  black: key,
  result: z.enum(['pass', 'fail']),
  ohm: z.number().min(0).optional(),
})

export const throughProbed: EntryKind<'through-probed'> = {
  kind: 'through-probed',
  subjects: ({ unit, a, b, red, black }) => ({
    writes: [subject.through(pairKey(unit, red, black))],
    reads: [a, b].map((end) => subject.endState(`${String(unit)}/${end}`)),
  }),
  refuse: (state, { unit, a, b, red, black }) => {
    if (mateOf(state.plan, a) !== b) return { kind: 'unknown', what: 'end', id: b }
    if (!isMated(state, unit, a)) return { kind: 'not-yet', what: 'mated' }
    const wanted = pairKey(unit, red, black)
    return throughCircuits(state.plan, state.facts, a, b).some((one) => pairKey(unit, one.red, one.black) === wanted)
      ? undefined
      : { kind: 'unknown', what: 'cavity', id: black }
  },
  apply: (draft, { unit, a, b, red, black, result, ohm, at, by }) => {
    const key = pairKey(unit, red, black)
    const wires =
      throughCircuits(draft.state.plan, draft.state.facts, a, b).find(
        (one) => pairKey(unit, one.red, one.black) === key,
      )?.wires ?? []
    draft.put('through', key, { result, wires, ends: [a, b], at, by, ...(ohm !== undefined && { ohm }) })
  },
  about: ({ red, black, result }) => `${red} – ${black}: ${result}`,
}

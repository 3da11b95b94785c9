import { isCavityHere } from '../../standing/benchEnds'
import { wireKey } from '../../plan/keys'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { netSubjects, notReady } from '../writes/nets'

/** What an append of this kind says. */
export const netProbedShape = ({ unit, key, text, z }: EntryFields) => ({
  unit,
  wire: key,
  result: z.enum(['pass', 'fail']),
  found: text.optional(),
  /** the side that the red probe touched, where it was not the first */
  red: z.literal('b').optional(),
  /** points, `end.cavity`, that the red probe rings to where its own does not, or besides it */
  rings: z.array(key).max(64).optional(),
})

export const netProbed: EntryKind<'net-probed'> = {
  kind: 'net-probed',
  subjects: ({ unit, wire }) => netSubjects(unit, wire),
  refuse: (state, { unit, wire, rings }) => {
    const refusal = notReady(state, unit, wire)
    if (refusal) return refusal
    const unknown = rings?.find((point) => !isCavityHere(state, unit, point))
    return unknown === undefined ? undefined : { kind: 'unknown', what: 'cavity', id: unknown }
  },
  apply: (draft, { unit, wire, result, found, red, rings, at, by }) => {
    const key = wireKey(unit, wire)
    draft.put('nets', key, {
      ...draft.state.nets.get(key),
      probe: { result, at, by, ...(found !== undefined && { found }), ...(red && { red }), ...(rings && { rings }) },
    })
  },
  about: ({ wire, result }) => `${wire}: ${result}`,
}

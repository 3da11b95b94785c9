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
})

export const netProbed: EntryKind<'net-probed'> = {
  kind: 'net-probed',
  subjects: ({ unit, wire }) => netSubjects(unit, wire),
  refuse: (state, { unit, wire }) => notReady(state, unit, wire),
  apply: (draft, { unit, wire, result, found, at, by }) => {
    const key = wireKey(unit, wire)
    draft.put('nets', key, {
      ...draft.state.nets.get(key),
      probe: { result, at, by, ...(found !== undefined && { found }) },
    })
  },
  about: ({ wire, result }) => `${wire}: ${result}`,
}

import { wireKey } from '../../plan/keys'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** the bundle along a wire that is drawn out or in: opened, laced again, or there was no lacing */
export const lacingMovedShape = ({ unit, key, z }: EntryFields) => ({
  unit,
  wire: key,
  to: z.enum(['open', 'renewed', 'none']),
})

export const lacingMoved: EntryKind<'lacing-moved'> = {
  kind: 'lacing-moved',
  subjects: ({ unit, wire }) => ({ writes: [subject.lacing(wireKey(unit, wire))] }),
  refuse: (state, { unit, wire, to }) => {
    const now = state.lacings.get(wireKey(unit, wire))
    if (now === undefined) return { kind: 'unknown', what: 'wire', id: wire }
    if (to === 'open') return now === 'open' ? { kind: 'already', what: 'open' } : undefined
    return to === 'renewed' && now === 'to-open' ? { kind: 'not-yet', what: 'lacing-open' } : undefined
  },
  apply: (draft, { unit, wire, to }) => draft.put('lacings', wireKey(unit, wire), to === 'open' ? 'open' : undefined),
  about: ({ wire, to }) => `along ${wire}: ${to === 'none' ? 'there is none' : to}`,
}

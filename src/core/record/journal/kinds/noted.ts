import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const notedShape = ({ text, z }: EntryFields) => ({
  text,
  /** the entry of this job that the note gives the cause of */
  causeOf: z.number().int().min(1).optional(),
})

export const noted: EntryKind<'noted'> = {
  kind: 'noted',
  atDesk: true,
  subjects: ({ id }) => ({ writes: [subject.note(id)] }),
  refuse: (state, { causeOf }) =>
    causeOf !== undefined && causeOf > state.seq ? { kind: 'unknown', what: 'entry', id: String(causeOf) } : undefined,
  apply: (draft, { id, text, at, by }) => draft.put('notes', id, { text, at, by }),
  about: ({ text }) => (text.length > 40 ? `${text.slice(0, 39)}…` : text),
  whenClosed: true,
}

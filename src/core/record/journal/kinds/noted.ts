import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const notedShape = ({ text }: EntryFields) => ({ text })

export const noted: EntryKind<'noted'> = {
  kind: 'noted',
  atDesk: true,
  subjects: ({ id }) => ({ writes: [subject.note(id)] }),
  refuse: () => undefined,
  apply: (draft, { id, text, at, by }) => draft.put('notes', id, { text, at, by }),
  about: ({ text }) => (text.length > 40 ? `${text.slice(0, 39)}…` : text),
  whenClosed: true,
}

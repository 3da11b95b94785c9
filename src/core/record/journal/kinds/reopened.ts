import { isClosed } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const reopenedShape = ({ text, z }: EntryFields) => ({
  why: text,
  /** the PIN of who reopens it was given */
  pin: z.literal(true).optional(),
})

export const reopened: EntryKind<'reopened'> = {
  kind: 'reopened',
  atDesk: true,
  subjects: () => ({ writes: [subject.signatures] }),
  refuse: (state) => (isClosed(state) ? undefined : { kind: 'not-yet', what: 'signed' }),
  apply: (draft) =>
    draft.set(
      'signatures',
      draft.state.signatures.map((one) => ({ ...one, void: true })),
    ),
  about: ({ why }) => why,
  whenClosed: true,
  final: true,
}

import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const signedShape = ({ z }: EntryFields) => ({
  role: z.enum(['builder', 'second']),
  covers: z.number().int().min(0),
  /** their PIN was given */
  pin: z.literal(true).optional(),
})

export const signed: EntryKind<'signed'> = {
  kind: 'signed',
  atDesk: true,
  subjects: () => ({ writes: [subject.signatures] }),
  refuse: (state, { role, covers }, { by }, ahead) => {
    const builder = state.signatures.find((one) => one.role === 'builder' && !one.void)
    if (role === 'second') {
      if (!builder) return { kind: 'not-yet', what: 'signed' }
      if (builder.by === by) return { kind: 'same-person', by }
      return state.signatures.some((one) => one.role === 'second' && !one.void)
        ? { kind: 'already', what: 'signed' }
        : undefined
    }
    if (builder) return { kind: 'already', what: 'signed' }
    const left = ahead.left(state)
    if (left > 0) return { kind: 'not-yet', what: 'complete', left }
    if (!state.tray?.allBack) return { kind: 'not-yet', what: 'tray' }
    return covers === state.seq ? undefined : { kind: 'stale-signature', covers, seq: state.seq }
  },
  apply: (draft, { role, covers, pin, at, by }) =>
    draft.set('signatures', [...draft.state.signatures, { role, covers, at, by, ...(pin && { pin }) }]),
  about: ({ by }) => by,
  whenClosed: true,
  final: true,
}

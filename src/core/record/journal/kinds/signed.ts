import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const signedShape = ({ z }: EntryFields) => ({
  role: z.enum(['builder', 'second']),
  covers: z.number().int().min(0),
})

export const signed: EntryKind<'signed'> = {
  kind: 'signed',
  atDesk: true,
  subjects: () => ({ writes: [subject.signatures] }),
  refuse: (state, { role, covers }, { by }, ahead) => {
    const builder = state.signatures.find((one) => one.role === 'builder' && !one.void)
    if (role === 'second') {
      if (!builder) return { code: 'not-yet', what: 'signed' }
      if (builder.by === by) return { code: 'same-person', by }
      return state.signatures.some((one) => one.role === 'second' && !one.void)
        ? { code: 'already', what: 'signed' }
        : undefined
    }
    if (builder) return { code: 'already', what: 'signed' }
    const left = ahead.left(state)
    if (left > 0) return { code: 'not-yet', what: 'complete', left }
    if (!state.tray?.allBack) return { code: 'not-yet', what: 'tray' }
    return covers === state.seq ? undefined : { code: 'stale-signature', covers, seq: state.seq }
  },
  apply: (draft, { role, covers, at, by }) =>
    draft.set('signatures', [...draft.state.signatures, { role, covers, at, by }]),
  about: ({ by }) => by,
  whenClosed: true,
  final: true,
}

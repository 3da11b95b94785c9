import { subject, type EntryKind } from '../entryKind'
import { isClosed } from '../../state/state'

export const trayCounted: EntryKind<'tray-counted'> = {
  kind: 'tray-counted',
  atDesk: true,
  subjects: () => ({ writes: [subject.tray] }),
  refuse: () => undefined,
  apply: (draft, { tools, scrapped, scrapFound, at, by }) => {
    const missing = tools.filter((tool) => !tool.back).map((tool) => tool.tool)
    draft.set('tray', {
      allBack: missing.length === 0 && scrapped === scrapFound,
      missing,
      scrapped,
      scrapFound,
      at,
      by,
    })
  },
  about: ({ tools }) => `${tools.filter((tool) => tool.back).length} of ${tools.length} tools back`,
}

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

export const reopened: EntryKind<'reopened'> = {
  kind: 'reopened',
  atDesk: true,
  subjects: () => ({ writes: [subject.signatures] }),
  refuse: (state) => (isClosed(state) ? undefined : { code: 'not-yet', what: 'signed' }),
  apply: (draft) =>
    draft.set(
      'signatures',
      draft.state.signatures.map((one) => ({ ...one, void: true })),
    ),
  about: ({ why }) => why,
  whenClosed: true,
  final: true,
}

export const noted: EntryKind<'noted'> = {
  kind: 'noted',
  atDesk: true,
  subjects: ({ id }) => ({ writes: [subject.note(id)] }),
  refuse: () => undefined,
  apply: (draft, { id, text, at, by }) => draft.put(draft.state.notes, id, { text, at, by }),
  about: ({ text }) => (text.length > 40 ? `${text.slice(0, 39)}…` : text),
  whenClosed: true,
}

import { setupIdLabel } from '../../../craft/setup/setup'
import { rulesOf } from '../../rules/rulesOf'
import { goodPieces } from '../../standing/firstPiece'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { isMounted, isReleased } from '../shared'

/** What an append of this kind says. */
export const setupReleasedShape = ({ key }: EntryFields) => ({ setup: key })

export const setupReleased: EntryKind<'setup-released'> = {
  kind: 'setup-released',
  subjects: ({ setup }) => ({ writes: [subject.setup(setup)] }),
  refuse: (state, { setup }) => {
    if (!isMounted(state, setup)) return { kind: 'not-yet', what: 'mounted' }
    if (isReleased(state, setup)) return { kind: 'already', what: 'released' }
    const left = rulesOf(state).firstPieces - goodPieces(state, setup)
    return left > 0 ? { kind: 'not-yet', what: 'first-piece', left } : undefined
  },
  apply: (draft, { setup, at, by }) => {
    const now = draft.state.setups.get(setup)
    const piece = now?.pieces.findLast((one) => one.mounted === now.mounted && one.good)
    if (!now || !piece) return
    const released = { at, by, pullN: piece.pullN, ...(piece.minimumN !== undefined && { minimumN: piece.minimumN }) }
    const { ended: _past, ...rest } = now
    draft.put('setups', setup, { ...rest, released, proven: true })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

import { setupIdLabel } from '../../../craft/setup/setup'
import { heightDrift } from '../../standing/heightWatch'
import { classesOf, countedPieces, isMounted } from '../../standing/released'
import { releaseStanding } from '../../standing/releaseStanding'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const setupReleasedShape = ({ key }: EntryFields) => ({ setup: key })

export const setupReleased: EntryKind<'setup-released'> = {
  kind: 'setup-released',
  subjects: ({ setup }) => ({ writes: [subject.setup(setup)] }),
  refuse: (state, { setup }) => {
    if (!isMounted(state, setup)) return { kind: 'not-yet', what: 'mounted' }
    const { shown, released, pieces } = releaseStanding(state, setup)
    // what was shown may be released while other pairs still wait for their piece
    if (shown.length > released.length) return undefined
    return pieces.length > 0
      ? { kind: 'not-yet', what: 'first-piece', left: pieces.length }
      : { kind: 'already', what: 'released' }
  },
  apply: (draft, { setup, at, by }) => {
    const now = draft.state.setups.get(setup)
    if (!now) return
    const { from, upTo } = countedPieces(draft.state, setup)
    const counted = now.pieces.slice(from, upTo)
    const [first] = counted
    // another first piece widens a release; it stays as old as its first
    const before = heightDrift(draft.state, setup) ? undefined : now.released
    const released = before
      ? { ...before, upTo }
      : {
          at,
          by,
          from,
          upTo,
          ...(first?.pullN !== undefined && { pullN: first.pullN }),
          ...(first?.minimumN !== undefined && { minimumN: first.minimumN }),
        }
    const { ended: _past, ...rest } = now
    draft.put('setups', setup, { ...rest, released, proven: [...new Set([...now.proven, ...classesOf(counted)])] })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

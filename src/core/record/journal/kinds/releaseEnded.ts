import { type ReleaseEnding, releaseEndings } from '../../../craft/crimp/setupPart'
import { setupIdLabel } from '../../../craft/setup/setup'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { isMounted } from '../../standing/released'
import { endRelease } from '../writes/endRelease'

/** something that the setup's figures do not show has changed: it needs a new first piece */
export const releaseEndedShape = ({ key, z }: EntryFields) => ({ setup: key, why: z.enum(releaseEndings) })

export const releaseEnded: EntryKind<'release-ended'> = {
  kind: 'release-ended',
  subjects: ({ setup }) => ({ writes: [subject.setup(setup)] }),
  refuse: (state, { setup, why }) => {
    const now = state.setups.get(setup)
    if (!now || !isMounted(state, setup)) return { kind: 'not-yet', what: 'mounted' }
    return !now.released && why !== 'adjuster' ? { kind: 'already', what: 'ended' } : undefined
  },
  apply: (draft, { setup, why, at, by }) => {
    endRelease(draft, setup, { why: why satisfies ReleaseEnding, at, by })
    const tool = draft.state.setups.get(setup)?.setup.tool
    if (why === 'adjuster' && tool !== undefined) draft.put('toolChecks', tool, { kind: 'ended', at, by })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

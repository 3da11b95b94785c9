import { setupId, setupIdLabel } from '../../../craft/setup/setup'
import { setKey } from '../../plan/keys'
import { heightRefusal, judgeFirstPiece } from '../../standing/firstPiece'
import { implausibleHeight } from '../../standing/plausible'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { looksOf, notInHand, toLooks } from '../shared'
import { pullRefusal } from '../writes/pulls'

/** What an append of this kind says. */
export const firstPieceShape = ({ key, above0, look, readBy, breaks, meant, z }: EntryFields) => ({
  setup: key,
  wire: key,
  side: z.enum(['a', 'b']),
  looks: z.array(look).min(1).max(8),
  heightMm: above0.optional(),
  pullN: above0,
  breaks,
  heightBy: readBy,
  pullBy: readBy,
  meant,
})

export const firstPiece: EntryKind<'first-piece'> = {
  kind: 'first-piece',
  subjects: ({ setup, wire, side }) => ({ writes: [subject.setup(setup)], reads: [subject.set(wire, side)] }),
  refuse: (state, { setup, wire, side, looks, heightMm, pullN, meant }) => {
    const set = state.sets.get(setKey(wire, side))
    if (!set) return { kind: 'no-set', term: `1/${wire}/${side}` }
    const refusal = notInHand(state, setupId(set.setup), setup)
    if (refusal) return refusal
    const check = state.toolChecks.get(set.setup.tool)?.kind
    if (check === 'ended' || check === 'failed') return { kind: 'tool-unverified', tool: set.setup.tool }
    const missing = looksOf(state, set).filter((look) => !looks.some((one) => one.look === look))
    if (missing.length > 0) return { kind: 'looks-missing', missing }
    const height = heightRefusal(state, set, heightMm, true)
    if (height?.kind === 'height-missing') return height
    return (
      (heightMm === undefined ? undefined : implausibleHeight(set, heightMm)) ??
      (meant ? undefined : pullRefusal(state, wire, side, set, pullN))
    )
  },
  apply: (draft, { setup, wire, side, looks, heightMm, pullN, breaks, at, by }) => {
    const now = draft.state.setups.get(setup)
    const set = draft.state.sets.get(setKey(wire, side))
    if (!now || !set) return
    const { good, minimumN } = judgeFirstPiece(draft.state, set, { looks, heightMm, pullN })
    const piece = {
      mounted: now.mounted,
      contact: set.contact,
      ...(set.seal !== undefined && { seal: set.seal }),
      looks: toLooks(looks),
      pullN,
      good,
      at,
      by,
      ...(heightMm !== undefined && { heightMm }),
      ...(minimumN !== undefined && { minimumN }),
      ...(breaks && { breaks }),
    }
    draft.put('setups', setup, { ...now, pieces: [...now.pieces, piece] })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

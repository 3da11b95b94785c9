import { setupId, setupIdLabel } from '../../../craft/setup/setup'
import { setKey, termKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { asksHeight, heightRefusal, judgeFirstPiece } from '../../standing/firstPiece'
import { pairOf } from '../../standing/pairOf'
import { implausibleHeight } from '../../standing/plausible'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import { type EntryKind, dayIn } from '../entryKind'
import { notInHand, toLooks } from '../shared'
import { firstLooksTicked } from '../../standing/looksTicked'
import { gaugeDue } from '../../standing/gaugeDue'
import { looksOf } from '../../standing/looksOf'
import { endRelease } from '../writes/endRelease'
import { pullRefusal } from '../writes/pulls'

/** What an append of this kind says. */
export const firstPieceShape = ({ key, above0, look, readBy, breaks, pulledByHand, meant, z }: EntryFields) => ({
  setup: key,
  wire: key,
  side: z.enum(['a', 'b']),
  looks: z.array(look).min(1).max(8),
  heightMm: above0.optional(),
  pullN: above0.optional(),
  byHand: pulledByHand,
  breaks,
  heightBy: readBy,
  pullBy: readBy,
  meant,
  /** all looks were answered at once, beside their pictures */
  together: z.literal(true).optional(),
})

export const firstPiece: EntryKind<'first-piece'> = {
  kind: 'first-piece',
  subjects: ({ setup, wire, side }) => ({ writes: [subject.setup(setup)], reads: [subject.set(wire, side)] }),
  refuse: (state, { setup, wire, side, looks, heightMm, pullN, byHand, meant, together }, moment) => {
    const set = state.sets.get(setKey(wire, side))
    if (!set) return { kind: 'no-set', term: `1/${wire}/${side}` }
    const refusal = notInHand(state, setupId(set.setup), setup)
    if (refusal) return refusal
    const check = state.toolChecks.get(set.setup.tool)?.kind
    if (check === 'ended' || check === 'failed') return { kind: 'tool-unverified', tool: set.setup.tool }
    const gauge = gaugeDue(state, set.setup.tool, dayIn(moment, moment.at), (at) => dayIn(moment, at))
    if (gauge) return { kind: 'gauge-due', tool: gauge.tool, gauge: gauge.gauge.id }
    const missing = looksOf(state, set).filter((look) => !looks.some((one) => one.look === look))
    if (missing.length > 0) return { kind: 'looks-missing', missing }
    const ticked = firstLooksTicked(state)
    if (together && ticked.kind === 'singly') return { kind: 'singly-due', nth: ticked.nth }
    const height = heightRefusal(state, set, heightMm, asksHeight(state))
    if (height?.kind === 'height-missing') return height
    return (
      (heightMm === undefined ? undefined : implausibleHeight(set, heightMm)) ??
      pullRefusal(state, wire, side, set, { pullN, byHand, meant })
    )
  },
  apply: (draft, { setup, wire, side, looks, heightMm, pullN, byHand, breaks, together, at, by }) => {
    const now = draft.state.setups.get(setup)
    const set = draft.state.sets.get(setKey(wire, side))
    if (!now || !set) return
    const { good, minimumN } = judgeFirstPiece(draft.state, set, { looks, heightMm, pullN, byHand })
    const termination = planIndex(draft.state.plan).byKey.get(termKey(1, wire, side))
    const pair = termination && pairOf(draft.state.facts, termination, set)
    const piece = {
      mounted: now.mounted,
      contact: set.contact,
      ...(set.seal !== undefined && { seal: set.seal }),
      looks: toLooks(looks),
      ...(pair && { like: { wire, side, conductor: pair.conductor, insulationMm: pair.insulationMm } }),
      ...(pullN !== undefined && { pullN }),
      ...(byHand && { byHand }),
      good,
      at,
      by,
      ...(heightMm !== undefined && { heightMm }),
      ...(minimumN !== undefined && { minimumN }),
      ...(breaks && { breaks }),
      ...(together && { together }),
    }
    draft.put('setups', setup, { ...now, pieces: [...now.pieces, piece] })
    // one that fails speaks against all that the setting was released for
    if (!good && now.released) endRelease(draft, setup, { why: 'piece-failed', at, by })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

import { setupId, setupIdLabel } from '../../../craft/setup/setup'
import { setKey, termKey } from '../../plan/keys'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { planIndex } from '../../plan/plan'
import { pullVerdict } from '../../standing/firstPiece'
import { notInHand, releaseRefusal } from '../shared'
import { endRelease } from '../writes/endRelease'
import { pullRefusal } from '../writes/pulls'

/** a piece of production pulled to destruction */
export const pullSampledShape = ({ key, above0, readBy, breaks, pulledByHand, meant, z }: EntryFields) => ({
  setup: key,
  wire: key,
  side: z.enum(['a', 'b']),
  pullN: above0.optional(),
  byHand: pulledByHand,
  breaks,
  pullBy: readBy,
  meant,
})

export const pullSampled: EntryKind<'pull-sampled'> = {
  kind: 'pull-sampled',
  subjects: ({ setup, wire, side }) => ({ writes: [subject.setup(setup)], reads: [subject.set(wire, side)] }),
  refuse: (state, { setup, wire, side, pullN, byHand, meant }) => {
    const set = state.sets.get(setKey(wire, side))
    if (!set) return { kind: 'no-set', term: `1/${wire}/${side}` }
    return (
      notInHand(state, setupId(set.setup), setup) ??
      releaseRefusal(state, setup, planIndex(state.plan).byKey.get(termKey(1, wire, side)), set) ??
      pullRefusal(state, wire, side, set, { pullN, byHand, meant })
    )
  },
  apply: (draft, { setup, wire, side, pullN, byHand, breaks, at, by }) => {
    const now = draft.state.setups.get(setup)
    const set = draft.state.sets.get(setKey(wire, side))
    if (!now || !set) return
    const minimumN = set.pull?.forceN
    const good = pullVerdict({ pullN, byHand }, minimumN) === 'held'
    const sample = {
      contact: set.contact,
      ...(set.seal !== undefined && { seal: set.seal }),
      ...(pullN !== undefined && { pullN }),
      ...(byHand && { byHand }),
      good,
      at,
      by,
      ...(minimumN !== undefined && { minimumN }),
      ...(breaks && { breaks }),
    }
    draft.put('setups', setup, { ...now, samples: [...now.samples, sample] })
    // what was crimped since the last good pull is in question, and nothing more is made like it
    if (!good) endRelease(draft, setup, { why: 'pull-low', at, by })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

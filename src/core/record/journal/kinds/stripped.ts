import { setupId } from '../../../craft/setup/setup'
import { judgeStrip } from '../../../craft/strip/stripWindow'
import { termLabel, wireKey } from '../../plan/keys'
import { rulesOf } from '../../rules/rulesOf'
import { crimpClass } from '../../../craft/setup/crimpPair'
import { pairOf } from '../../standing/pairOf'
import { aheadOfRelease } from '../../standing/prepAhead'
import { threadFirst } from '../../standing/threadFirst'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { findTermination, practiceRefusal, withSet } from '../shared'

/** What an append of this kind says. */
export const strippedShape = ({ key, term, above0, practices, z }: EntryFields) => ({
  term,
  /** the length that was measured, or that the stop was set to: `lengthFrom` says which; older entries do not */
  stripMm: above0,
  lengthFrom: z.enum(['measured', 'stop']).optional(),
  threaded: z.array(key).max(12),
  strandsLost: z.number().int().min(0),
  practices,
  /** prepared as a set of so many alike, ticked together; alone when left out */
  together: z.number().int().min(2).max(50).optional(),
  /** wire that tries before this strip have cost */ usedMm: z.number().min(0).max(1000).optional(),
})

export const stripped: EntryKind<'stripped'> = {
  kind: 'stripped',
  subjects: ({ term }, state) => {
    const termination = findTermination(state, term)
    const reads = termination
      ? [
          subject.cut(wireKey(termination.unit, termination.wire.id)),
          subject.set(termination.wire.id, termination.side),
          subject.wire(termination.wire.id),
        ]
      : []
    return { writes: [subject.term(term)], reads }
  },
  refuse: (state, { term, stripMm, threaded, strandsLost, practices }) => {
    const found = withSet(state, term)
    if (found.refusal) return found.refusal
    const { termination, set } = found
    const now = termState(state, term)
    if (now.stripped || now.crimp) return { kind: 'already', what: now.crimp ? 'crimped' : 'stripped' }
    const cut = [termination.wire, ...(termination.also ? [termination.also.wire] : [])].every((wire) =>
      state.cuts.has(wireKey(termination.unit, wire.id)),
    )
    if (!cut) return { kind: 'not-yet', what: 'cut' }
    const forgotten = threadFirst(state, termination, set).filter((item) => !threaded.includes(item.code))
    if (forgotten.length > 0) return { kind: 'not-threaded', items: forgotten.map((item) => item.code) }
    const verdict = judgeStrip(stripMm, set.strip)
    if (verdict.kind !== 'inside')
      return { kind: 'strip-outside', verdict, minMm: set.strip.minMm, maxMm: set.strip.maxMm }
    const { strandAllowance } = rulesOf(state)
    if (strandsLost > strandAllowance) return { kind: 'strands-lost', lost: strandsLost, allowed: strandAllowance }
    const practice = practiceRefusal(state, set, 'prep', practices)
    if (practice) return practice
    const { ahead, allowed } = aheadOfRelease(
      state,
      setupId(set.setup),
      crimpClass(pairOf(state.facts, termination, set)),
    )
    return allowed !== undefined && ahead >= allowed
      ? { kind: 'ahead-of-release', setup: setupId(set.setup), ahead, allowed }
      : undefined
  },
  apply: (draft, { term, stripMm, lengthFrom, threaded, strandsLost, practices, usedMm = 0, together, at }) => {
    const now = termState(draft.state, term)
    draft.put('terms', term, {
      ...now,
      usedMm: now.usedMm + usedMm,
      stripped: {
        stripMm,
        threaded,
        strandsLost,
        at,
        ...(lengthFrom && { lengthFrom }),
        ...(together !== undefined && { together }),
        ...(practices && practices.length > 0 && { practices }),
      },
    })
  },
  about: ({ term }) => termLabel(term),
}

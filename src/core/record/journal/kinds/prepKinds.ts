import { planIndex, termKey, wireKey } from '../../plan/plan'
import { aheadOfRelease } from '../../standing/prepAhead'
import { threadFirst } from '../../standing/threadFirst'
import { setupId } from '../../../craft/setup/setup'
import { judgeStrip } from '../../../craft/strip/stripWindow'
import { subject, termLabel, type EntryKind } from '../entryKind'
import { findTermination, practiceRefusal, withSet } from '../shared'
import { rulesOf } from '../../rules/rulesOf'
import { termState } from '../../state/state'
import { scrapWire } from './seatWrites'

export const wireCut: EntryKind<'wire-cut'> = {
  kind: 'wire-cut',
  subjects: ({ unit, wire }) => ({ writes: [subject.cut(wireKey(unit, wire))], reads: [subject.wire(wire)] }),
  refuse: (state, { unit, wire }) => {
    if (!planIndex(state.plan).wires.has(wire) || unit > state.plan.quantity)
      return { code: 'unknown', what: 'wire', id: wire }
    return state.cuts.has(wireKey(unit, wire)) ? { code: 'already', what: 'cut' } : undefined
  },
  apply: (draft, { unit, wire, lengthMm, spool }) =>
    draft.put(draft.state.cuts, wireKey(unit, wire), { lengthMm, ...(spool !== undefined && { spool }) }),
  about: ({ wire }) => wire,
}

export const wireScrapped: EntryKind<'wire-scrapped'> = {
  kind: 'wire-scrapped',
  subjects: ({ unit, wire }) => ({
    writes: [
      subject.cut(wireKey(unit, wire)),
      subject.term(termKey(unit, wire, 'a')),
      subject.term(termKey(unit, wire, 'b')),
    ],
  }),
  refuse: (state, { unit, wire }) => {
    if (!planIndex(state.plan).wires.has(wire) || unit > state.plan.quantity)
      return { code: 'unknown', what: 'wire', id: wire }
    if (!state.cuts.has(wireKey(unit, wire))) return { code: 'not-yet', what: 'cut' }
    return sides.some((side) => termState(state, termKey(unit, wire, side)).seat)
      ? { code: 'already', what: 'seated' }
      : undefined
  },
  apply: (draft, { unit, wire }) => scrapWire(draft, unit, wire),
  about: ({ wire }) => wire,
}

const sides = ['a', 'b'] as const

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
    if (now.stripped || now.crimp) return { code: 'already', what: now.crimp ? 'crimped' : 'stripped' }
    const cut = [termination.wire, ...(termination.also ? [termination.also.wire] : [])].every((wire) =>
      state.cuts.has(wireKey(termination.unit, wire.id)),
    )
    if (!cut) return { code: 'not-yet', what: 'cut' }
    const forgotten = threadFirst(state, termination, set).filter((item) => !threaded.includes(item.code))
    if (forgotten.length > 0) return { code: 'not-threaded', items: forgotten.map((item) => item.code) }
    const verdict = judgeStrip(stripMm, set.strip)
    if (verdict.kind !== 'inside')
      return { code: 'strip-outside', verdict, minMm: set.strip.minMm, maxMm: set.strip.maxMm }
    const { strandAllowance } = rulesOf(state)
    if (strandsLost > strandAllowance) return { code: 'strands-lost', lost: strandsLost, allowed: strandAllowance }
    const practice = practiceRefusal(state, set, 'prep', practices)
    if (practice) return practice
    const { ahead, allowed } = aheadOfRelease(state, setupId(set.setup))
    return allowed !== undefined && ahead >= allowed
      ? { code: 'ahead-of-release', setup: setupId(set.setup), ahead, allowed }
      : undefined
  },
  apply: (draft, { term, stripMm, threaded, strandsLost, practices, usedMm = 0, at }) => {
    const now = termState(draft.state, term)
    draft.put(draft.state.terms, term, {
      ...now,
      usedMm: now.usedMm + usedMm,
      stripped: { stripMm, threaded, strandsLost, at, ...(practices && practices.length > 0 && { practices }) },
    })
  },
  about: ({ term }) => termLabel(term),
}

export const stripMended: EntryKind<'strip-mended'> = {
  kind: 'strip-mended',
  subjects: ({ term }) => ({ writes: [subject.term(term)] }),
  refuse: (state, { term, how, byMm }) => {
    const found = withSet(state, term)
    if (found.refusal) return found.refusal
    const now = termState(state, term)
    if (!now.stripped) return { code: 'not-yet', what: 'stripped' }
    if (now.crimp) return { code: 'already', what: 'crimped' }
    if (how === 'cut-back') return undefined
    const afterMm = now.stripped.stripMm + (how === 'strip-more' ? byMm : -byMm)
    const verdict = judgeStrip(afterMm, found.set.strip)
    return verdict.kind === 'inside'
      ? undefined
      : { code: 'strip-outside', verdict, minMm: found.set.strip.minMm, maxMm: found.set.strip.maxMm }
  },
  apply: (draft, { term, how, byMm }) => {
    const now = termState(draft.state, term)
    if (!now.stripped) return
    if (how === 'cut-back') {
      // what was threaded stays on the wire, but each strip is a new one to be checked
      const { stripped: _gone, ...rest } = now
      draft.put(draft.state.terms, term, { ...rest, redone: now.redone + 1, usedMm: now.usedMm + byMm })
      return
    }
    const change = how === 'strip-more' ? byMm : -byMm
    const used = how === 'trim-conductor' ? byMm : 0
    draft.put(draft.state.terms, term, {
      ...now,
      stripped: { ...now.stripped, stripMm: now.stripped.stripMm + change },
      usedMm: now.usedMm + used,
    })
  },
  about: ({ term }) => termLabel(term),
}

import { termKey, wireKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { scrapWire } from '../writes/contactWrites'

/** nothing is left for another try: the whole wire goes, and a new one is cut */
export const wireScrappedShape = ({ unit, key, text }: EntryFields) => ({ unit, wire: key, why: text })

const sides = ['a', 'b'] as const

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
      return { kind: 'unknown', what: 'wire', id: wire }
    if (!state.cuts.has(wireKey(unit, wire))) return { kind: 'not-yet', what: 'cut' }
    return sides.some((side) => termState(state, termKey(unit, wire, side)).seat)
      ? { kind: 'already', what: 'seated' }
      : undefined
  },
  apply: (draft, { unit, wire }) => scrapWire(draft, unit, wire),
  about: ({ wire }) => wire,
}

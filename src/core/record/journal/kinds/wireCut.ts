import { wireKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** `spool` is the one that it was cut from, where the bench knows it */
export const wireCutShape = ({ unit, key, above0 }: EntryFields) => ({
  unit,
  wire: key,
  lengthMm: above0,
  spool: key.optional(),
})

export const wireCut: EntryKind<'wire-cut'> = {
  kind: 'wire-cut',
  subjects: ({ unit, wire }) => ({ writes: [subject.cut(wireKey(unit, wire))], reads: [subject.wire(wire)] }),
  refuse: (state, { unit, wire }) => {
    if (!planIndex(state.plan).wires.has(wire) || unit > state.plan.quantity)
      return { kind: 'unknown', what: 'wire', id: wire }
    return state.cuts.has(wireKey(unit, wire)) ? { kind: 'already', what: 'cut' } : undefined
  },
  apply: (draft, { unit, wire, lengthMm, spool }) =>
    draft.put('cuts', wireKey(unit, wire), { lengthMm, ...(spool !== undefined && { spool }) }),
  about: ({ wire }) => wire,
}

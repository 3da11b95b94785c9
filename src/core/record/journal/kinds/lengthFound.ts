import { endKey } from '../../plan/keys'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** the finished length of a stretch, as it was measured */
export const lengthFoundShape = ({ unit, key, above0 }: EntryFields) => ({
  unit,
  segment: key,
  lengthMm: above0.max(100_000),
})

export const lengthFound: EntryKind<'length-found'> = {
  kind: 'length-found',
  subjects: ({ unit, segment }) => ({ writes: [subject.bundle(endKey(unit, segment))] }),
  refuse: ({ plan }, { unit, segment }) =>
    unit <= plan.quantity && plan.layout?.segments.some(({ id }) => id === segment)
      ? undefined
      : { kind: 'unknown', what: 'segment', id: segment },
  apply: (draft, { unit, segment, lengthMm, at, by }) => {
    const key = endKey(unit, segment)
    draft.put('bundle', key, { parts: [], ...draft.state.bundle.get(key), length: { lengthMm, at, by } })
  },
  about: ({ segment, lengthMm }) => `${segment}: ${String(lengthMm)} mm`,
}

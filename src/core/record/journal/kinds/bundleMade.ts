import { bundleParts } from '../../../craft/ties/bundleParts'
import { endKey } from '../../plan/keys'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** something was put on a stretch of the bundle, at a place from its beginning; or there was no place for it */
export const bundleMadeShape = ({ unit, key, z }: EntryFields) => ({
  unit,
  segment: key,
  what: z.enum(bundleParts),
  atMm: z.number().min(0).max(100_000),
  result: z.enum(['done', 'no-place']),
})

export const bundleMade: EntryKind<'bundle-made'> = {
  kind: 'bundle-made',
  subjects: ({ unit, segment }) => ({ writes: [subject.bundle(endKey(unit, segment))] }),
  refuse: ({ plan }, { unit, segment, atMm }) => {
    const its = plan.layout?.segments.find(({ id }) => id === segment)
    if (!its || unit > plan.quantity) return { kind: 'unknown', what: 'segment', id: segment }
    return atMm > its.lengthMm ? { kind: 'beyond-segment', segment, atMm, lengthMm: its.lengthMm } : undefined
  },
  apply: (draft, { unit, segment, what, atMm, result, at, by }) => {
    const key = endKey(unit, segment)
    const before = draft.state.bundle.get(key)
    const others = (before?.parts ?? []).filter((one) => one.what !== what || one.atMm !== atMm)
    draft.put('bundle', key, { ...before, parts: [...others, { what, atMm, result, at, by }] })
  },
  about: ({ segment, what, atMm, result }) =>
    `${what} on ${segment} at ${String(atMm)} mm${result === 'done' ? '' : ', no place'}`,
}

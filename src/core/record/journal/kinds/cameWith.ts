import { goesInto } from '../../../craft/fit/fixing'
import { housingOf, mergeFacts } from '../../plan/facts'
import { planIndex } from '../../plan/plan'
import { AS_FOUND } from '../../state/records'
import type { JobState } from '../../state/state'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** which contact the crimps of an end came with, where a harness came made */
export const cameWithShape = ({ key, facts }: EntryFields) => ({ end: key, contact: key, facts })

type Said = Parameters<EntryKind<'came-with'>['apply']>[1]

/** Terminations at an end that came crimped and take a contact of that size. */
function cameAt(state: JobState, { end, contact, facts }: Pick<Said, 'end' | 'contact' | 'facts'>): readonly string[] {
  const all = mergeFacts(state.facts, facts)
  const kind = all.contacts[contact]
  const housing = housingOf(all, state.plan, end)
  const family = housing && all.families[housing.family]
  if (!kind || !family) return []
  const sizes = new Map(family.sizes.map((size) => [size.id, size]))
  const sizeOf = new Map(housing.cavities.map((cavity) => [cavity.id, sizes.get(cavity.size)]))
  const { byKey } = planIndex(state.plan)
  return [...state.terms].flatMap(([key, { crimp, seat }]) => {
    const at = byKey.get(key)?.at
    const place = seat ?? (at?.kind === 'cavity' ? at : undefined)
    const size = place?.end === end ? sizeOf.get(place.cavity) : undefined
    return crimp?.setup === AS_FOUND && size && goesInto(kind, family.id, size) ? [key] : []
  })
}

export const cameWith: EntryKind<'came-with'> = {
  kind: 'came-with',
  atDesk: true,
  subjects: (entry, state) => ({ writes: cameAt(state, entry).map(subject.term), reads: [subject.end(entry.end)] }),
  refuse: (state, { end, contact, facts }) => {
    const all = mergeFacts(state.facts, facts)
    const housing = housingOf(all, state.plan, end)
    if (!housing) return { kind: 'unknown', what: 'end', id: end }
    const kind = all.contacts[contact]
    const half = all.families[housing.family]?.halves[housing.role]
    const fits = kind && (half === 'either' || ('gender' in kind && half === kind.gender))
    return fits && cameAt(state, { end, contact, facts }).length > 0
      ? undefined
      : { kind: 'unknown', what: 'part', id: contact }
  },
  apply: (draft, entry) => {
    const terms = cameAt(draft.state, entry)
    draft.pin(entry.facts)
    for (const key of terms) {
      const now = termState(draft.state, key)
      if (now.crimp) draft.put('terms', key, { ...now, crimp: { ...now.crimp, contact: entry.contact } })
    }
  },
  about: ({ end, contact }) => `${end}: ${contact}`,
}

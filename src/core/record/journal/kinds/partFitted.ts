import { housingOf } from '../../plan/facts'
import { endKey } from '../../plan/keys'
import { holdsContacts } from '../../standing/benchEnds'
import { endState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const partFittedShape = ({ unit, key }: EntryFields) => ({ unit, end: key, part: key })

export const partFitted: EntryKind<'part-fitted'> = {
  kind: 'part-fitted',
  subjects: ({ unit, end }) => ({ writes: [subject.endState(endKey(unit, end))] }),
  refuse: (state, { unit, end, part }) => {
    const housing = housingOf(state.facts, state.plan, end)
    if (!housing) return { kind: 'unknown', what: 'end', id: end }
    const now = endState(state, endKey(unit, end))
    if (now.coverDue !== undefined && now.coverDue === part)
      return holdsContacts(state, unit, end) ? { kind: 'not-yet', what: 'out' } : undefined
    if (housing.interfaceSeal !== part) return { kind: 'unknown', what: 'part', id: part }
    return now.fitted.includes(part) ? { kind: 'already', what: 'fitted' } : undefined
  },
  apply: (draft, { unit, end, part }) => {
    const { coverDue, ...now } = endState(draft.state, endKey(unit, end))
    draft.put(
      'ends',
      endKey(unit, end),
      coverDue === part ? now : { ...now, ...(coverDue !== undefined && { coverDue }), fitted: [...now.fitted, part] },
    )
  },
  about: ({ end, part }) => `${part} on ${end}`,
}

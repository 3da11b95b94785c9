import { cavityKey, termLabel } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { plugFor } from '../../standing/plugFor'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { disturbEnd, passInto } from '../writes/contactWrites'

/** What an append of this kind says. */
export const pluggedShape = ({ unit, key }: EntryFields) => ({ unit, end: key, cavity: key, part: key })

export const plugged: EntryKind<'plugged'> = {
  kind: 'plugged',
  subjects: ({ unit, end, cavity }) => ({
    writes: [subject.cavity(cavityKey(unit, end, cavity))],
    reads: [subject.end(end)],
  }),
  refuse: (state, { unit, end, cavity, part }) => {
    const inside = state.cavities.get(cavityKey(unit, end, cavity))
    if (inside?.term !== undefined)
      return { kind: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
    if (inside?.plug !== undefined) return { kind: 'already', what: 'plugged' }
    if (planIndex(state.plan).byCavity.has(cavityKey(unit, end, cavity)))
      return { kind: 'cavity-in-use', cavity: `${end}.${cavity}` }
    return plugFor(state, end, cavity) === part ? undefined : { kind: 'unknown', what: 'part', id: part }
  },
  apply: (draft, { unit, end, cavity, part }) => {
    passInto(draft, cavityKey(unit, end, cavity), { plug: part })
    disturbEnd(draft, unit, end)
  },
  about: ({ end, cavity }) => `${end}.${cavity}`,
}

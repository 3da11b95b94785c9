import { cavityKey } from '../../plan/keys'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { disturbEnd, passInto } from '../writes/contactWrites'

/** What an append of this kind says. */
export const unpluggedShape = ({ unit, key }: EntryFields) => ({ unit, end: key, cavity: key })

export const unplugged: EntryKind<'unplugged'> = {
  kind: 'unplugged',
  subjects: ({ unit, end, cavity }) => ({
    writes: [subject.cavity(cavityKey(unit, end, cavity))],
    reads: [subject.end(end)],
  }),
  refuse: (state, { unit, end, cavity }) =>
    state.cavities.get(cavityKey(unit, end, cavity))?.plug === undefined
      ? { kind: 'not-yet', what: 'plugged' }
      : undefined,
  apply: (draft, { unit, end, cavity }) => {
    passInto(draft, cavityKey(unit, end, cavity), {})
    disturbEnd(draft, unit, end)
  },
  about: ({ end, cavity }) => `${end}.${cavity}`,
}

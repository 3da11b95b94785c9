import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const leadsMeasuredShape = ({ above0, z }: EntryFields) => ({ ohm: z.number().min(0), resolutionOhm: above0 })

export const leadsMeasured: EntryKind<'leads-measured'> = {
  kind: 'leads-measured',
  subjects: () => ({ writes: [subject.leads] }),
  refuse: () => undefined,
  apply: (draft, { ohm, resolutionOhm, at }) => draft.set('leads', { ohm, resolutionOhm, at }),
  about: ({ ohm }) => `${ohm} Ω`,
}

import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const leadsMeasuredShape = ({ above0, z }: EntryFields) => ({
  ohm: z.number().min(0),
  resolutionOhm: above0,
  /** asked: the meter has four wires, and its leads are in no reading */
  fourWire: z.literal(true).optional(),
  /** of the bench and the harness, asked once a sitting */
  temperatureC: z.number().min(-60).max(120).optional(),
})

export const leadsMeasured: EntryKind<'leads-measured'> = {
  kind: 'leads-measured',
  subjects: () => ({ writes: [subject.leads] }),
  refuse: () => undefined,
  apply: (draft, { ohm, resolutionOhm, fourWire, temperatureC, at }) =>
    draft.set('leads', {
      ohm: fourWire ? 0 : ohm,
      resolutionOhm,
      ...(fourWire && { fourWire }),
      ...(temperatureC !== undefined && { temperatureC }),
      at,
    }),
  about: ({ ohm }) => `${ohm} Ω`,
}

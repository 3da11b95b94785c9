import { wireKey } from '../../plan/keys'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { netSubjects, notReady } from '../writes/nets'

/** What an append of this kind says. */
export const netMeasuredShape = ({ unit, key, z }: EntryFields) => ({ unit, wire: key, ohm: z.number().min(0) })

export const netMeasured: EntryKind<'net-measured'> = {
  kind: 'net-measured',
  subjects: ({ unit, wire }) => {
    const { writes, reads } = netSubjects(unit, wire)
    return { writes, reads: [...reads, subject.leads] }
  },
  refuse: (state, { unit, wire }) =>
    notReady(state, unit, wire) ?? (state.leads ? undefined : { kind: 'not-yet', what: 'leads' }),
  apply: (draft, { unit, wire, ohm, at }) => {
    const { leads } = draft.state
    const key = wireKey(unit, wire)
    if (leads)
      draft.put('nets', key, {
        ...draft.state.nets.get(key),
        measured: {
          ohm,
          leadsOhm: leads.ohm,
          resolutionOhm: leads.resolutionOhm,
          ...(leads.fourWire && { fourWire: true }),
          ...(leads.temperatureC !== undefined && { temperatureC: leads.temperatureC }),
          at,
        },
      })
  },
  about: ({ wire, ohm }) => `${wire}: ${ohm} Ω`,
}

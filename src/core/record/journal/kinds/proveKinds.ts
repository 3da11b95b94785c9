import { planIndex, wireKey } from '../../plan/plan'
import { subject, type EntryKind, type Refusal } from '../entryKind'
import type { JobState } from '../../state/state'
import { isHome } from '../../standing/home'

const netSubjects = (unit: number, wire: string) => ({
  writes: [subject.net(wireKey(unit, wire))],
  reads: [subject.wire(wire), subject.term(`${unit}/${wire}/a`), subject.term(`${unit}/${wire}/b`)],
})

function notReady(state: JobState, unit: number, wire: string): Refusal | undefined {
  const { wires, byKey } = planIndex(state.plan)
  if (!wires.has(wire) || unit > state.plan.quantity) return { code: 'unknown', what: 'wire', id: wire }
  const loose = (['a', 'b'] as const)
    .map((side) => `${unit}/${wire}/${side}`)
    .filter((key) => byKey.has(key) && !isHome(state, key))
  return loose.length > 0 ? { code: 'not-yet', what: 'seated', left: loose.length } : undefined
}

export const leadsMeasured: EntryKind<'leads-measured'> = {
  kind: 'leads-measured',
  subjects: () => ({ writes: [subject.leads] }),
  refuse: () => undefined,
  apply: (draft, { ohm, resolutionOhm, at }) => draft.set('leads', { ohm, resolutionOhm, at }),
  about: ({ ohm }) => `${ohm} Ω`,
}

export const netProbed: EntryKind<'net-probed'> = {
  kind: 'net-probed',
  subjects: ({ unit, wire }) => netSubjects(unit, wire),
  refuse: (state, { unit, wire }) => notReady(state, unit, wire),
  apply: (draft, { unit, wire, result, found, at, by }) => {
    const key = wireKey(unit, wire)
    draft.put(draft.state.nets, key, {
      ...draft.state.nets.get(key),
      probe: { result, at, by, ...(found !== undefined && { found }) },
    })
  },
  about: ({ wire, result }) => `${wire}: ${result}`,
}

export const netMeasured: EntryKind<'net-measured'> = {
  kind: 'net-measured',
  subjects: ({ unit, wire }) => {
    const { writes, reads } = netSubjects(unit, wire)
    return { writes, reads: [...reads, subject.leads] }
  },
  refuse: (state, { unit, wire }) =>
    notReady(state, unit, wire) ?? (state.leads ? undefined : { code: 'not-yet', what: 'leads' }),
  apply: (draft, { unit, wire, ohm, at }) => {
    const { leads } = draft.state
    const key = wireKey(unit, wire)
    if (leads)
      draft.put(draft.state.nets, key, {
        ...draft.state.nets.get(key),
        measured: { ohm, leadsOhm: leads.ohm, resolutionOhm: leads.resolutionOhm, at },
      })
  },
  about: ({ wire, ohm }) => `${wire}: ${ohm} Ω`,
}

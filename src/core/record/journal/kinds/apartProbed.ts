import { LOOSE, plannedNets } from '../../plan/nets'
import { pairKey } from '../../plan/keys'
import { isCavityHere } from '../../standing/benchEnds'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { notReady } from '../writes/nets'

/** Two points of different nets that must not ring: `pass` is apart; `ohm` where the meter showed a figure */
export const apartProbedShape = ({ unit, key, z }: EntryFields) => ({
  unit,
  red: key,
  black: key,
  result: z.enum(['pass', 'fail']),
  ohm: z.number().min(0).optional(),
})

export const apartProbed: EntryKind<'apart-probed'> = {
  kind: 'apart-probed',
  subjects: ({ unit, red, black }, state) => ({
    writes: [subject.apart(pairKey(unit, red, black))],
    reads: [red, black].flatMap((point) =>
      (plannedNets(state).netAt.get(point)?.wires ?? []).map(({ id }) => subject.wire(id)),
    ),
  }),
  refuse: (state, { unit, red, black }) => {
    const { netAt } = plannedNets(state)
    for (const point of [red, black]) {
      const net = netAt.get(point)
      if (!net) return { kind: 'unknown', what: 'cavity', id: point }
      if (!point.startsWith(`${LOOSE}.`) && !isCavityHere(state, unit, point))
        return { kind: 'unknown', what: 'cavity', id: point }
      for (const { id } of net.wires) {
        const refusal = notReady(state, unit, id)
        if (refusal) return refusal
      }
    }
    return netAt.get(red) === netAt.get(black) ? { kind: 'one-net', red, black } : undefined
  },
  apply: (draft, { unit, red, black, result, ohm, at, by }) => {
    const { netAt } = plannedNets(draft.state)
    draft.put('apart', pairKey(unit, red, black), {
      result,
      wires: [red, black].flatMap((point) => (netAt.get(point)?.wires ?? []).map(({ id }) => id)),
      at,
      by,
      ...(ohm !== undefined && { ohm }),
    })
  },
  about: ({ red, black, result }) => `${red} | ${black}: ${result}`,
}

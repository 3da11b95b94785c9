import { UnionFind } from '../../../base/unionFind'
import { plannedNets, pointOf } from '../../plan/nets'
import { wireKey } from '../../plan/keys'
import { isCavityHere } from '../../standing/benchEnds'
import type { NetState } from '../../state/proofRecords'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { notReady } from '../writes/nets'

/** a run of an analyser over all pairs of points: what it found joined, and with what resistance; all the others are apart */
export const harnessAnalysedShape = ({ unit, key, above0, z }: EntryFields) => ({
  unit,
  /** the points that lay on the analyser */
  points: z.array(key).min(2).max(2048),
  joined: z.array(z.strictObject({ red: key, black: key, ohm: z.number().min(0) })).max(20_000),
  /** what reads less is joined */
  belowOhm: above0,
  resolutionOhm: above0,
  temperatureC: z.number().min(-60).max(120).optional(),
  /** as the analyser names itself */
  readBy: z.string().min(1).max(120),
})

export const harnessAnalysed: EntryKind<'harness-analysed'> = {
  kind: 'harness-analysed',
  subjects: ({ unit }, state) => ({
    writes: [subject.analysed(String(unit)), ...state.plan.wires.map(({ id }) => subject.net(wireKey(unit, id)))],
  }),
  refuse: (state, { unit, points, joined }) => {
    const known = new Set(points)
    const { netAt } = plannedNets(state)
    const unknown = points.find((point) => !netAt.has(point) && !isCavityHere(state, unit, point))
    if (unknown !== undefined) return { kind: 'unknown', what: 'cavity', id: unknown }
    const off = joined.flatMap(({ red, black }) => [red, black]).find((point) => !known.has(point))
    if (off !== undefined) return { kind: 'unknown', what: 'cavity', id: off }
    for (const wire of state.plan.wires) {
      const refusal = notReady(state, unit, wire.id)
      if (refusal) return refusal
    }
    return undefined
  },
  apply: (draft, { unit, points, joined, belowOhm, resolutionOhm, temperatureC, readBy, at, by }) => {
    const { plan } = draft.state
    const found = together(joined)
    const { netAt } = plannedNets(draft.state)
    const here = new Set(points)
    const ohmOf = new Map(
      joined.flatMap(({ red, black, ohm }) => [`${red} ${black}`, `${black} ${red}`].map((k) => [k, ohm])),
    )
    for (const wire of plan.wires) {
      const [red, black] = [pointOf(plan, wire, 'a'), pointOf(plan, wire, 'b')]
      if (!here.has(red) || !here.has(black)) continue
      const with_ = found.get(red) ?? new Set([red])
      const meant = (netAt.get(red)?.points ?? []).filter((point) => here.has(point))
      const passes = with_.size === meant.length && meant.every((point) => with_.has(point))
      const ohm = ohmOf.get(`${red} ${black}`)
      const net: NetState = {
        probe: {
          result: passes ? 'pass' : 'fail',
          at,
          by,
          ...(!passes && { rings: [...with_].filter((point) => point !== red) }),
        },
        ...(ohm !== undefined && {
          measured: {
            ohm,
            leadsOhm: 0,
            resolutionOhm,
            fourWire: true,
            ...(temperatureC !== undefined && { temperatureC }),
            at,
          },
        }),
      }
      draft.put('nets', wireKey(unit, wire.id), net)
    }
    const astray = [...new Set(found.values())].some(
      (group) => new Set([...group].map((point) => netAt.get(point))).size > 1,
    )
    draft.put('analysed', String(unit), { points: points.length, belowOhm, apart: !astray, readBy, at, by })
  },
  about: ({ points, joined }) => `${points.length} points, ${joined.length} joined`,
}

/** Which points hang together, by point. */
function together(
  joined: readonly { readonly red: string; readonly black: string }[],
): ReadonlyMap<string, ReadonlySet<string>> {
  const found = new UnionFind<string>()
  for (const { red, black } of joined) found.join(red, black)
  return new Map(
    [...found.groups().values()].flatMap((group) => {
      const points = new Set(group)
      return group.map((point) => [point, points] as const)
    }),
  )
}

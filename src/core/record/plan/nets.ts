import { pushTo } from '../../base/collections'
import { type Facts, housingOf } from './facts'
import { UnionFind } from '../../base/unionFind'
import { type Plan, type SideLetter, type Wire, placeOf } from './plan'

/** The far sides that are in no cavity: each a point of its own. */
export const LOOSE = '~'

/** Where a probe touches a side: `A.3`, or `~.W3b` for one that is in no cavity. A second wire that shares a contact is where the first one is. */
export function pointOf(plan: Plan, wire: Wire, side: SideLetter): string {
  const at = placeOf(plan, wire, side)
  if (at.kind === 'cavity') return `${at.end}.${at.cavity}`
  return at.kind === 'splice' ? `${LOOSE}.${at.splice}` : `${LOOSE}.${wire.id}${side}`
}

/** Points that belong together, through one wire or several that share a contact or a splice. */
export interface PlannedNet {
  readonly points: readonly string[]
  readonly wires: readonly Wire[]
}

export interface PlannedNets {
  readonly nets: readonly PlannedNet[]
  /** by point */
  readonly netAt: ReadonlyMap<string, PlannedNet>
}

/** What nets are made of: the wires, and the bars inside of housings. */
export interface NetSource {
  readonly plan: Plan
  readonly facts: Facts
}

const known = new WeakMap<Plan, { readonly housings: Facts['housings']; readonly nets: PlannedNets }>()

/** Bars inside of the housings of a plan, where a wire is led to one: all points of each. */
export function joinedInside({ plan, facts }: NetSource): readonly (readonly string[])[] {
  const bars = plan.ends.flatMap(({ id }) =>
    (housingOf(facts, plan, id)?.joined ?? []).map((bar) => bar.map((cavity) => `${id}.${cavity}`)),
  )
  if (bars.length === 0) return bars
  const wired = new Set(plan.wires.flatMap((wire) => [pointOf(plan, wire, 'a'), pointOf(plan, wire, 'b')]))
  return bars.filter((bar) => bar.some((point) => wired.has(point)))
}

/** The nets of a unit as they are planned, in the order of the pinout. Plan and facts are never changed in place, so they are made once. */
export function plannedNets({ plan, facts }: NetSource): PlannedNets {
  const before = known.get(plan)
  if (before?.housings === facts.housings) return before.nets
  const together = new UnionFind<string>()
  for (const wire of plan.wires) together.join(pointOf(plan, wire, 'a'), pointOf(plan, wire, 'b'))
  const bars = joinedInside({ plan, facts })
  for (const bar of bars) for (const point of bar.slice(1)) together.join(bar[0] ?? point, point)
  const wires = new Map<string, Wire[]>()
  const points = new Map<string, Set<string>>()
  for (const wire of plan.wires) {
    const ends = [pointOf(plan, wire, 'a'), pointOf(plan, wire, 'b')]
    const root = together.root(ends[0] ?? '')
    pushTo(wires, root, wire)
    points.set(root, new Set([...(points.get(root) ?? []), ...ends]))
  }
  // what a bar joins besides rings too, wired or not
  for (const point of bars.flat()) points.get(together.root(point))?.add(point)
  const nets = [...wires].map(([root, own]): PlannedNet => ({ points: [...(points.get(root) ?? [])], wires: own }))
  const made = { nets, netAt: new Map(nets.flatMap((net) => net.points.map((point) => [point, net] as const))) }
  known.set(plan, { housings: facts.housings, nets: made })
  return made
}

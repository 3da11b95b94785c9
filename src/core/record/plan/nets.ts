import { pushTo } from '../../base/collections'
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

const known = new WeakMap<Plan, PlannedNets>()

/** The nets of a unit as they are planned, in the order of the pinout. A plan is never changed in place, so they are made once. */
export function plannedNets(plan: Plan): PlannedNets {
  const before = known.get(plan)
  if (before) return before
  const together = new UnionFind<string>()
  for (const wire of plan.wires) together.join(pointOf(plan, wire, 'a'), pointOf(plan, wire, 'b'))
  const wires = new Map<string, Wire[]>()
  const points = new Map<string, Set<string>>()
  for (const wire of plan.wires) {
    const ends = [pointOf(plan, wire, 'a'), pointOf(plan, wire, 'b')]
    const root = together.root(ends[0] ?? '')
    pushTo(wires, root, wire)
    points.set(root, new Set([...(points.get(root) ?? []), ...ends]))
  }
  const nets = [...wires].map(([root, own]): PlannedNet => ({ points: [...(points.get(root) ?? [])], wires: own }))
  const made = { nets, netAt: new Map(nets.flatMap((net) => net.points.map((point) => [point, net] as const))) }
  known.set(plan, made)
  return made
}

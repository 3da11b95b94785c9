import { pushTo } from '../../base/collections'
import { UnionFind } from '../../base/unionFind'
import { type Facts, housingOf } from './facts'
import { type PlannedNet, plannedNets } from './nets'
import type { Plan } from './plan'

/** What two halves that are put together make one circuit of, and two points outside of the pair between which it rings. */
export interface ThroughCircuit {
  readonly red: string
  readonly black: string
  /** the cavities of the pair that the current passes between them */
  readonly cavities: readonly string[]
  /** the wires of the circuit */
  readonly wires: readonly string[]
}

/**
 * The circuits that go through a pair: wires of both halves that meet in a cavity, a bridge in one half followed to where it
 * comes out again. Two points each, or one step more for each net that it joins besides.
 */
export function throughCircuits(plan: Plan, facts: Facts, aId: string, bId: string): readonly ThroughCircuit[] {
  const [a, b] = [housingOf(facts, plan, aId), housingOf(facts, plan, bId)]
  if (!a || !b) return []
  const { netAt } = plannedNets({ plan, facts })
  const joined = new UnionFind<PlannedNet>()
  const passed = new Map<PlannedNet, string[]>()
  const both = new Set(b.cavities.map(({ id }) => id))
  for (const { id } of a.cavities) {
    const [one, other] = [netAt.get(`${aId}.${id}`), netAt.get(`${bId}.${id}`)]
    if (!both.has(id) || !one || !other) continue
    joined.join(one, other)
    for (const net of [one, other]) pushTo(passed, net, id)
  }
  const isOutside = (point: string) => !point.startsWith(`${aId}.`) && !point.startsWith(`${bId}.`)
  return [...joined.groups().values()].flatMap((group) => {
    const outside = group.flatMap(({ points }) => points.find(isOutside) ?? [])
    const cavities = [...new Set(group.flatMap((net) => passed.get(net) ?? []))]
    const wires = group.flatMap((net) => net.wires.map(({ id }) => id))
    return outside.slice(1).map((black, i) => ({ red: outside[i] ?? '', black, cavities, wires }))
  })
}

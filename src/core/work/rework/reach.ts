import { changePlan, sideOf, type Plan, type PlanChange, type Wire } from '../../record/plan/plan'

/** A wire that a change wants between two ends for which it seems too short. */
export interface OutOfReach {
  readonly wire: string
  readonly ends: readonly [string, string]
  readonly lengthMm: number
  /** the shortest other wire between the same ends */
  readonly likeMm: number
  readonly like: string
}

/** Wires along one way differ by what their cavities lie apart: a shorter one than this share of its like does not reach. */
const SHORTEST_SHARE = 0.97

/**
 * Wires that the change leads to another end, and whose length the other wires on that way say is not enough. Nothing is said
 * where no other wire goes the same way.
 */
export function outOfReach(plan: Plan, change: PlanChange): readonly OutOfReach[] {
  const before = new Map(plan.wires.map((wire) => [wire.id, wire]))
  const after = changePlan(plan, change)
  const shortest = new Map<string, Wire[]>()
  for (const wire of after.wires) {
    const way = wayOf(wire)
    if (way) shortest.set(way.join('\n'), [...(shortest.get(way.join('\n')) ?? []), wire])
  }
  return (change.putWires ?? []).flatMap((wire): OutOfReach[] => {
    const way = wayOf(wire)
    const was = before.get(wire.id)
    if (!way || !was || wayOf(was)?.join('\n') === way.join('\n')) return []
    const others = (shortest.get(way.join('\n')) ?? []).filter((other) => other.id !== wire.id)
    const like = others.reduce<Wire | undefined>(
      (least, other) => (least === undefined || other.lengthMm < least.lengthMm ? other : least),
      undefined,
    )
    return like && wire.lengthMm < like.lengthMm * SHORTEST_SHARE
      ? [{ wire: wire.id, ends: way, lengthMm: wire.lengthMm, likeMm: like.lengthMm, like: like.id }]
      : []
  })
}

/** The two ends that a wire joins, in the order of their names. */
function wayOf(wire: Wire): readonly [string, string] | undefined {
  const [a, b] = [sideOf(wire, 'a'), sideOf(wire, 'b')]
  if (a.kind !== 'cavity' || b.kind !== 'cavity') return undefined
  return a.end < b.end ? [a.end, b.end] : [b.end, a.end]
}

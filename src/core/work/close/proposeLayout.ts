import type { Layout } from '../../record/plan/layout'
import { type Plan, placeOf } from '../../record/plan/plan'

/** Ties as most benches set them, until a layout says otherwise. */
const usual = { held: 'ties', firstMm: 40, pitchMm: 110, labelMm: 60, laidShare: 0.12, keepOuts: [] } as const
const ROUND_MM = 5
const SHORTEST_MM = 50
const ROUNDS = 400

/**
 * A first layout from the lengths of the wires: two ends lie on one stretch; more of them on a star about one root, each leg as
 * long as agrees best with all wires between the ends (least squares). It is an estimate, to be set right by who has seen it lie.
 * @returns undefined where no wire runs between two ends
 */
export function proposeLayout(plan: Plan): Layout | undefined {
  const longest = new Map<string, { a: string; b: string; lengthMm: number }>()
  for (const wire of plan.wires) {
    const [from, to] = (['a', 'b'] as const).map((side) => placeOf(plan, wire, side))
    if (from?.kind !== 'cavity' || to?.kind !== 'cavity' || from.end === to.end) continue
    const [a = '', b = ''] = [from.end, to.end].sort()
    const before = longest.get(`${a}|${b}`)
    // the shortest wire of a pair is the one that must reach
    if (!before || wire.lengthMm < before.lengthMm) longest.set(`${a}|${b}`, { a, b, lengthMm: wire.lengthMm })
  }
  const pairs = [...longest.values()]
  const ends = [...new Set(pairs.flatMap(({ a, b }) => [a, b]))]
  const [only] = pairs
  if (!only) return undefined
  if (ends.length === 2)
    return {
      ...usual,
      keepOuts: [],
      segments: [{ id: only.a, from: only.a, to: only.b, lengthMm: only.lengthMm, toleranceMm: 10 }],
    }
  const legs = new Map(
    ends.map((end) => [end, Math.min(...pairs.flatMap((p) => (p.a === end || p.b === end ? [p.lengthMm] : []))) / 2]),
  )
  for (let round = 0; round < ROUNDS; round++)
    for (const end of ends) {
      const asks = pairs.flatMap(({ a, b, lengthMm }) =>
        a === end ? [lengthMm - (legs.get(b) ?? 0)] : b === end ? [lengthMm - (legs.get(a) ?? 0)] : [],
      )
      legs.set(end, Math.max(SHORTEST_MM, asks.reduce((sum, one) => sum + one, 0) / asks.length))
    }
  const root = freeName(ends)
  // no wire may be too short for its way: legs are rounded down
  const scale = Math.min(1, ...pairs.map(({ a, b, lengthMm }) => lengthMm / ((legs.get(a) ?? 0) + (legs.get(b) ?? 0))))
  return {
    ...usual,
    keepOuts: [],
    segments: ends.map((end) => ({
      id: end,
      from: end,
      to: root,
      lengthMm: Math.max(ROUND_MM, Math.floor(((legs.get(end) ?? SHORTEST_MM) * scale) / ROUND_MM) * ROUND_MM),
      toleranceMm: 10,
    })),
  }
}

/** A letter for a root that is no end. */
const freeName = (ends: readonly string[]): string =>
  ['P', 'Q', 'R', 'X', 'Y', 'Z'].find((name) => !ends.includes(name)) ?? `root-${String(ends.length)}`

import type { Lines } from './controlChart'

/** The four classic zone rules, and a trend. */
export type SignalRule = 'beyond-limit' | 'zone-a' | 'zone-b' | 'run' | 'trend'

export interface Signal {
  readonly rule: SignalRule
  /** the point at which the rule is met, from 0 */
  readonly at: number
  /** which side of the centre, or which way a trend goes */
  readonly side: 'high' | 'low'
}

/** A rule on a window of points, each as its distance from the centre in thirds of the way to the limit. */
interface ZoneRule {
  readonly rule: Exclude<SignalRule, 'trend'>
  /** points that are looked at, ending at the newest */
  readonly of: number
  /** how many of them, the newest among them, must lie beyond */
  readonly needed: number
  /** this many thirds from the centre */
  readonly beyond: number
}

/** Western Electric (1956): one beyond 3σ, two of three beyond 2σ, four of five beyond 1σ, eight in a row on one side. */
const zoneRules: readonly ZoneRule[] = [
  { rule: 'beyond-limit', of: 1, needed: 1, beyond: 3 },
  { rule: 'zone-a', of: 3, needed: 2, beyond: 2 },
  { rule: 'zone-b', of: 5, needed: 4, beyond: 1 },
  { rule: 'run', of: 8, needed: 8, beyond: 0 },
]

/** In a row rising or falling, before it is a trend. */
export const TREND_POINTS = 6

/**
 * Where a chart says that something has changed, in the order of the points.
 * @param trendPoints points that rise or fall in a row before that is a trend
 */
export function signals(
  points: readonly number[],
  lines: Lines,
  trendPoints: number = TREND_POINTS,
): readonly Signal[] {
  const third = (lines.ucl - lines.centre) / 3
  const distances = points.map((point) =>
    third > 0 ? (point - lines.centre) / third : Math.sign(point - lines.centre) * Infinity,
  )
  const found: (Signal & { readonly order: number })[] = []
  const passes = zoneRules.flatMap((zone) => (['high', 'low'] as const).map((side) => ({ zone, side })))
  passes.forEach(({ zone, side }, order) =>
    inZone(distances, zone, side, (at) => found.push({ rule: zone.rule, at, side, order })),
  )
  let rising = 1
  let falling = 1
  for (let at = 1; at < points.length; at++) {
    const [point, before] = [points[at] ?? NaN, points[at - 1] ?? NaN]
    rising = point > before ? rising + 1 : 1
    falling = point < before ? falling + 1 : 1
    if (rising >= trendPoints) found.push({ rule: 'trend', at, side: 'high', order: passes.length })
    if (falling >= trendPoints) found.push({ rule: 'trend', at, side: 'low', order: passes.length + 1 })
  }
  return found.sort((a, b) => a.at - b.at || a.order - b.order).map(({ rule, at, side }) => ({ rule, at, side }))
}

/** Points at which a zone rule is met on one side: how many of the window lie beyond is kept as it slides. */
function inZone(
  distances: readonly number[],
  { of, needed, beyond }: ZoneRule,
  side: Signal['side'],
  meet: (at: number) => void,
): void {
  const sign = side === 'high' ? 1 : -1
  let count = 0
  for (let at = 0; at < distances.length; at++) {
    const far = sign * (distances[at] ?? NaN) > beyond
    if (far) count++
    if (at >= of && sign * (distances[at - of] ?? NaN) > beyond) count--
    if (far && at >= of - 1 && count >= needed) meet(at)
  }
}

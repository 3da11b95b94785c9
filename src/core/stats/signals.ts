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
export function signals(points: readonly number[], lines: Lines, trendPoints: number = TREND_POINTS): readonly Signal[] {
  const third = (lines.ucl - lines.centre) / 3
  const distances = points.map((point) => (third > 0 ? (point - lines.centre) / third : Math.sign(point - lines.centre) * Infinity))
  const found: Signal[] = []
  let rising = 1
  let falling = 1
  points.forEach((point, at) => {
    for (const { rule, of, needed, beyond } of zoneRules) {
      for (const [side, sign] of [['high', 1], ['low', -1]] as const) {
        const far = (i: number) => sign * (distances[i] ?? NaN) > beyond
        if (at < of - 1 || !far(at)) continue
        let count = 0
        for (let i = at - of + 1; i <= at; i++) if (far(i)) count++
        if (count >= needed) found.push({ rule, at, side })
      }
    }
    const before = points[at - 1]
    rising = before !== undefined && point > before ? rising + 1 : 1
    falling = before !== undefined && point < before ? falling + 1 : 1
    if (rising >= trendPoints) found.push({ rule: 'trend', at, side: 'high' })
    if (falling >= trendPoints) found.push({ rule: 'trend', at, side: 'low' })
  })
  return found
}

import { fail, ok, type Result } from '../../base/result'
import { likelyPairs, type ProbedEnd } from './likelyPairs'
import { shortWalk, type Touch } from './walk'

export interface TestPlanWanted {
  readonly ends: readonly ProbedEnd[]
  /** points that belong together, two or more each */
  readonly nets: readonly (readonly string[])[]
  readonly by: 'hand' | 'analyser'
  /** `likely`: where a wrong hole or a stray strand could join them. Left out: likely by hand, all by an analyser */
  readonly isolation?: 'likely' | 'all' | undefined
}

export interface TestStep {
  readonly do: 'continuity' | 'isolation'
  readonly red: string
  readonly black: string
}

export interface TestPlan {
  readonly steps: readonly TestStep[]
  /** pairs of nets that are left out of all pairs */
  readonly saved: number
}

export type TestPlanFault =
  | { readonly kind: 'unknown-point'; readonly net: number; readonly point: string }
  | { readonly kind: 'point-twice'; readonly net: number; readonly point: string }

/**
 * Which points are touched, in which order: each net once, and pairs of nets that could be joined.
 *
 * By hand the walk of both probes is short, and pairs are those of neighbours and of mirror images on one face; an analyser takes
 * them all as they come.
 */
export function testPlan({ ends, nets, by, isolation }: TestPlanWanted): Result<TestPlan, TestPlanFault> {
  const touches = new Map(
    ends.flatMap(({ id, cavities }) =>
      cavities.map(({ id: pin, xMm, yMm }): [string, Touch] => [`${id}.${pin}`, { end: id, xMm, yMm }]),
    ),
  )
  const netOf = new Map<string, number>()
  for (const [net, points] of nets.entries())
    for (const point of points) {
      if (!touches.has(point)) return fail({ kind: 'unknown-point', net, point })
      if (netOf.has(point)) return fail({ kind: 'point-twice', net, point })
      netOf.set(point, net)
    }
  const whole = isolation ?? (by === 'hand' ? 'likely' : 'all')
  const pairs = whole === 'all' ? allPairs(nets) : likelyPairs(ends, nets)
  const steps: TestStep[] = [
    ...nets.flatMap((points) =>
      nearestChain(points, touches).map(([red, black]): TestStep => ({ do: 'continuity', red, black })),
    ),
    ...pairs.map(([red, black]): TestStep => ({ do: 'isolation', red, black })),
  ]
  const saved = (nets.length * (nets.length - 1)) / 2 - pairs.length
  return ok({ steps: by === 'hand' ? walked(steps, touches) : steps, saved })
}

function walked(steps: readonly TestStep[], touches: ReadonlyMap<string, Touch>): readonly TestStep[] {
  const touched = steps.map(({ red, black }) => [touches.get(red), touches.get(black)] as const)
  const known = touched.flatMap(([a, b]) => (a && b ? [[a, b] as const] : []))
  return shortWalk(known).flatMap(({ step, flipped }) => {
    const one = steps[step]
    if (!one) return []
    return flipped ? [{ ...one, red: one.black, black: one.red }] : [one]
  })
}

/** The points of a net one after the other, each the nearest that is left. */
function nearestChain(
  points: readonly string[],
  touches: ReadonlyMap<string, Touch>,
): readonly (readonly [string, string])[] {
  const [first, ...left] = points
  const chain: (readonly [string, string])[] = []
  let at = first
  while (at !== undefined && left.length > 0) {
    const from = touches.get(at)
    const far = (point: string) => {
      const to = touches.get(point)
      return from?.end === to?.end && from && to ? Math.hypot(from.xMm - to.xMm, from.yMm - to.yMm) : Infinity
    }
    left.sort((a, b) => far(a) - far(b))
    const next = left.shift()
    if (next === undefined) break
    chain.push([at, next])
    at = next
  }
  return chain
}

const allPairs = (nets: readonly (readonly string[])[]): readonly (readonly [string, string])[] =>
  nets.flatMap(([red = ''], i) => nets.slice(i + 1).map(([black = '']) => [red, black] as const))

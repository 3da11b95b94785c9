import { capability, cpkAtLeast, type Capability } from './capability'
import type { ControlChart } from './controlChart'
import type { Signal } from './signals'

/** Readings before a capability is more than a guess. */
export const CAPABILITY_READINGS = 25
/** Readings before control limits are drawn on a screen. */
export const LIMIT_READINGS = 10

/** Why something that was asked for is not said. */
export type Withheld =
  | { readonly what: 'capability'; readonly why: 'too-few'; readonly needs: number }
  /** points of the last readings at which a rule is met, from 0, without a cause */
  | { readonly what: 'capability'; readonly why: 'signals'; readonly at: readonly number[] }
  /** the limits themselves are estimated */
  | { readonly what: 'capability'; readonly why: 'estimate' }

export interface StatedCapability extends Capability {
  /** what so few readings allow to state, one-sided, with 95 % confidence */
  readonly cpkAtLeast?: number
  readonly withheld: readonly Withheld[]
}

/**
 * The capability of a process, as far as it may be stated: from 25 readings on, and while nothing among the last 25 says that
 * the process has changed without a known cause. A process that is not steady has no capability.
 *
 * @param hasCause has somebody written down why this point is a signal?
 */
export function statedCapability(
  chart: ControlChart,
  found: readonly Signal[],
  limits: { readonly lower?: number; readonly upper?: number; readonly estimate?: boolean },
  hasCause: (at: number) => boolean = () => false,
): StatedCapability {
  if (limits.lower === undefined && limits.upper === undefined) return { withheld: [] }
  const withheld = reasons(chart, found, limits.estimate === true, hasCause)
  if (withheld.length > 0) return { withheld }
  const { cp, cpk } = capability(chart.centre, chart.sigmaWithin, limits)
  return {
    ...(cp !== undefined && { cp }),
    ...(cpk !== undefined && { cpk, cpkAtLeast: cpkAtLeast(cpk, chart.count, chart.degrees) }),
    withheld,
  }
}

function reasons(
  { count, points }: ControlChart,
  found: readonly Signal[],
  estimate: boolean,
  hasCause: (at: number) => boolean,
): readonly Withheld[] {
  const perPoint = count / points.length
  const recent = points.length - Math.ceil(CAPABILITY_READINGS / perPoint)
  const open = [...new Set(found.map(({ at }) => at))].filter((at) => at >= recent && !hasCause(at))
  return [
    ...(estimate ? [{ what: 'capability', why: 'estimate' } as const] : []),
    ...(count < CAPABILITY_READINGS
      ? [{ what: 'capability', why: 'too-few', needs: CAPABILITY_READINGS } as const]
      : []),
    ...(open.length > 0 ? [{ what: 'capability', why: 'signals', at: open } as const] : []),
  ]
}

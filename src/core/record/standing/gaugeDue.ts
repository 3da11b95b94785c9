import type { Tool } from '../../parts/catalogue/types'
import { rulesOf } from '../rules/rulesOf'
import type { JobState } from '../state/state'

/** The gauge that a frame's first crimp of a day waits for. */
export interface GaugeDue {
  readonly tool: string
  readonly gauge: Tool
  /** the selector at which the gauge is used; undefined where its card names none */
  readonly selector: number | undefined
}

/**
 * The gauge that belongs to a tool and has not been tried on it today, where the house rules ask for it each day.
 * @param today the day at the bench
 * @param dayOf the day at the bench of a time
 */
export function gaugeDue(
  state: JobState,
  tool: string,
  today: string,
  dayOf: (at: string) => string,
): GaugeDue | undefined {
  if (!rulesOf(state).gaugeEachShift) return undefined
  const gauge = Object.values(state.facts.tools).find(({ gauges }) => gauges?.tool === tool)
  if (!gauge) return undefined
  const check = state.toolChecks.get(tool)
  return check?.kind === 'verified' && dayOf(check.at) === today
    ? undefined
    : { tool, gauge, selector: gauge.gauges?.selector }
}

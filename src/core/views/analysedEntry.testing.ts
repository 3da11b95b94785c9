import { plannedNets, pointOf } from '../record/plan/nets'
import type { JobState } from '../record/state/state'
import { netVerdicts } from '../work/prove/netVerdict'

/** A run over all pairs of a unit that is as it is planned, each wire in the middle of its window. */
export function analysedEntry(state: JobState, unit: number) {
  const { netAt } = plannedNets(state)
  return {
    kind: 'harness-analysed' as const,
    unit,
    points: [...netAt.keys()],
    joined: netVerdicts(state, unit).map(({ wire, resistance }) => ({
      red: pointOf(state.plan, wire, 'a'),
      black: pointOf(state.plan, wire, 'b'),
      ohm: resistance?.expectedOhm ?? 0.05,
    })),
    belowOhm: 100,
    resolutionOhm: 0.0001,
    readBy: 'URN BENCH,TARN-A,stand-in,1.0',
  }
}

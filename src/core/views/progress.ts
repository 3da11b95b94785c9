import { setupId } from '../craft/setup/setup'
import { rulesOf } from '../record/rules/rulesOf'
import { type JobState, isClosed, termState } from '../record/state/state'
import { type Count, benchCounts } from '../work/left/benchCounts'
import { planIndex } from '../record/plan/plan'
import { setKey } from '../record/plan/keys'

export const stations = ['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close'] as const
export type Station = (typeof stations)[number]

export type Progress = Readonly<Record<Station, Count>>

/** How far a job is, station by station. */
export function progress(state: JobState): Progress {
  const second = rulesOf(state).secondSignature
  const signed =
    (isClosed(state) ? 1 : 0) + (second && state.signatures.some((one) => one.role === 'second' && !one.void) ? 1 : 0)
  return {
    plan: { done: state.plan.wires.length, total: state.plan.wires.length },
    ...benchCounts(state),
    close: { done: (state.tray?.allBack ? 1 : 0) + signed, total: (second ? 3 : 2) + state.lacings.size },
  }
}

/** Setups of a job with how many of their terminations are done at a station. */
export function setupCounts(
  state: JobState,
): ReadonlyMap<string, { readonly total: number; readonly stripped: number; readonly crimped: number }> {
  const counts = new Map<string, { total: number; stripped: number; crimped: number }>()
  for (const termination of planIndex(state.plan).terminations) {
    const set = state.sets.get(setKey(termination.wire.id, termination.side))
    if (!set) continue
    const id = setupId(set.setup)
    const count = counts.get(id) ?? { total: 0, stripped: 0, crimped: 0 }
    const now = termState(state, termination.key)
    count.total++
    if (now.stripped ?? now.crimp) count.stripped++
    if (now.crimp) count.crimped++
    counts.set(id, count)
  }
  return counts
}

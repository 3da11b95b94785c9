import type { Count } from '../base/count'
import { rulesOf } from '../record/rules/rulesOf'
import { derivedOf } from '../record/state/derivedOf'
import { type JobState, isClosed } from '../record/state/state'
import { closeLeft, closeTasks } from '../work/close/closeTasks'
import { benchCounts } from '../work/left/benchCounts'
import { setupQueue } from './queue'

export const stations = ['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close'] as const
export type Station = (typeof stations)[number]

export type Progress = Readonly<Record<Station, Count>>

/** How far a job is, station by station. */
export const progress = derivedOf(makeProgress)

function makeProgress(state: JobState): Progress {
  const second = rulesOf(state).secondSignature
  const tasks = closeTasks(state)
  const signed =
    (isClosed(state) ? 1 : 0) + (second && state.signatures.some((one) => one.role === 'second' && !one.void) ? 1 : 0)
  return {
    plan: { done: state.plan.wires.length, total: state.plan.wires.length },
    ...benchCounts(state),
    close: {
      done: (state.tray?.allBack ? 1 : 0) + signed + tasks.length - closeLeft(state),
      total: (second ? 3 : 2) + state.lacings.size + tasks.length,
    },
  }
}

/** Setups of a job with how many of their terminations are done at a station. */
export const setupCounts = derivedOf(
  (state): ReadonlyMap<string, { readonly total: number; readonly stripped: number; readonly crimped: number }> =>
    new Map(
      setupQueue(state).map(({ id, items }) => [
        id,
        {
          total: items.length,
          stripped: items.filter((item) => item.stage !== 'to-strip').length,
          crimped: items.filter((item) => item.stage === 'crimped').length,
        },
      ]),
    ),
)

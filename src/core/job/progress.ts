import { setupId } from '../setup/setup'
import { endTasks } from '../seat/endTasks'
import { rulesOf } from '../rules/rulesOf'
import { isClosed, termState, type JobState } from '../journal/state'
import { netVerdict } from '../prove/netVerdict'
import { planIndex, setKey } from './plan'

export const stations = ['plan', 'kit', 'prep', 'crimp', 'seat', 'prove', 'close'] as const
export type Station = (typeof stations)[number]

export interface Count {
  readonly done: number
  readonly total: number
}
export type Progress = Readonly<Record<Station, Count>>

/** How far a job is, station by station. */
export function progress(state: JobState): Progress {
  const { terminations } = planIndex(state.plan)
  let chosen = 0
  let stripped = 0
  let crimped = 0
  for (const termination of terminations) {
    const now = termState(state, termination.key)
    // what came crimped needs no set and no strip
    if (now.crimp ?? state.sets.has(setKey(termination.wire.id, termination.side))) chosen++
    if (now.stripped ?? now.crimp) stripped++
    if (now.crimp) crimped++
  }
  const total = terminations.length
  const seat = { done: 0, total: 0 }
  const prove = { done: 0, total: 0 }
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    for (const end of state.plan.ends) {
      for (const task of endTasks(state, unit, end.id)) {
        if (
          task.kind === 'put-right' ||
          task.kind === 'unplug' ||
          task.kind === 'open-lacing' ||
          (task.kind === 'fit-part' && task.over)
        )
          continue
        seat.total++
        if (task.done) seat.done++
      }
    }
    for (const wire of state.plan.wires) {
      prove.total++
      if (netVerdict(state, unit, wire).proven) prove.done++
    }
  }
  const second = rulesOf(state).secondSignature
  const signed =
    (isClosed(state) ? 1 : 0) + (second && state.signatures.some((one) => one.role === 'second' && !one.void) ? 1 : 0)
  return {
    plan: { done: state.plan.wires.length, total: state.plan.wires.length },
    kit: { done: chosen, total },
    prep: { done: stripped, total },
    crimp: { done: crimped, total },
    seat,
    prove,
    close: { done: (state.tray?.allBack ? 1 : 0) + signed, total: (second ? 3 : 2) + state.lacings.size },
  }
}

/** Tasks before Close that are not done: nobody signs for less. */
export function workLeft(state: JobState): number {
  const done = progress(state)
  const left = (['kit', 'prep', 'crimp', 'seat', 'prove'] as const).reduce(
    (sum, station) => sum + done[station].total - done[station].done,
    0,
  )
  return (done.plan.total === 0 ? left + 1 : left) + state.lacings.size
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

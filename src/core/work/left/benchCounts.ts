import { planIndex } from '../../record/plan/plan'
import { type JobState, termState } from '../../record/state/state'
import { netVerdict } from '../prove/netVerdict'
import { endTasks } from '../seat/endTasks'
import { setKey } from '../../record/plan/keys'

export interface Count {
  readonly done: number
  readonly total: number
}

/** What is counted at each station between Plan and Close. */
export type BenchCounts = Readonly<Record<'kit' | 'prep' | 'crimp' | 'seat' | 'prove', Count>>

/** How much of the work between Plan and Close is done. */
export function benchCounts(state: JobState): BenchCounts {
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
  return { kit: { done: chosen, total }, prep: { done: stripped, total }, crimp: { done: crimped, total }, seat, prove }
}

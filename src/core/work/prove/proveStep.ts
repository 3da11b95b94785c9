import { units } from '../../record/state/wireBlocks'
import type { JobState } from '../../record/state/state'
import { netVerdicts } from './netVerdict'
import {
  type AnalyseTask,
  type ApartTask,
  type HoldTask,
  type MoveTask,
  analyseTask,
  apartTasks,
  holdTasks,
  moveTask,
} from './proofTasks'

/** What is proved next. `focus` is what the station shows. */
export type ProveStep = { readonly focus: string } & (
  | { readonly kind: 'probe'; readonly unit: number; readonly wire: string; readonly left: number }
  | { readonly kind: 'put-net-right'; readonly unit: number; readonly wire: string }
  | { readonly kind: 'probe-apart'; readonly task: ApartTask; readonly left: number }
  | { readonly kind: 'analyse'; readonly task: AnalyseTask }
  | { readonly kind: 'hold'; readonly task: HoldTask; readonly left: number }
  | { readonly kind: 'move'; readonly task: MoveTask }
)

/** How a task besides the nets is named in the address of the station. */
export const moveFocus = (unit: number): string => `move ${String(unit)}`
export const analyseFocus = (unit: number): string => `analyse ${String(unit)}`

/** The first thing of a job that is not proved: nets, what is apart, what holds, and last the moving of the whole. */
export function proveStep(state: JobState): ProveStep | undefined {
  for (const unit of units(state)) {
    const nets = netVerdicts(state, unit)
    const open = nets.filter((net) => !net.proven)
    const next = open.find((net) => !net.probe) ?? open[0]
    if (next) {
      const focus = `${String(unit)}/${next.wire.id}`
      return next.probe
        ? { kind: 'put-net-right', unit, wire: next.wire.id, focus }
        : { kind: 'probe', unit, wire: next.wire.id, left: open.length, focus }
    }
    const analyse = analyseTask(state, unit)
    if (analyse && !analyse.done) return { kind: 'analyse', task: analyse, focus: analyseFocus(unit) }
    const pairs = apartTasks(state, unit).filter(({ done }) => !done)
    const [pair] = pairs
    if (pair) return { kind: 'probe-apart', task: pair, left: pairs.length, focus: pair.key }
    const pulls = holdTasks(state, unit).filter(({ done }) => !done)
    const [pull] = pulls
    if (pull) return { kind: 'hold', task: pull, left: pulls.length, focus: pull.key }
    const move = moveTask(state, unit)
    if (move && !move.done) return { kind: 'move', task: move, focus: moveFocus(unit) }
  }
  return undefined
}

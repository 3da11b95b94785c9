import { units } from '../../record/state/wireBlocks'
import type { JobState } from '../../record/state/state'
import { type NetVerdict, netVerdicts } from './netVerdict'
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
import { type ThroughTask, throughTasks } from './throughTasks'

/** What is proved next. `focus` is what the station shows. */
export type ProveStep = { readonly focus?: string } &
  /** the walk decides which of them is next */
  (
    | {
        readonly kind: 'probe'
        readonly unit: number
        readonly wire: string
        readonly nets: number
        readonly pairs: number
      }
    /** it rings through, and its resistance is asked for */
    | { readonly kind: 'measure'; readonly unit: number; readonly wire: string; readonly nets: number }
    | { readonly kind: 'put-net-right'; readonly unit: number; readonly wire: string }
    | { readonly kind: 'probe-apart'; readonly task: ApartTask; readonly pairs: number }
    | { readonly kind: 'put-pair-right'; readonly task: ApartTask }
    | { readonly kind: 'probe-through'; readonly task: ThroughTask; readonly circuits: number }
    | { readonly kind: 'put-through-right'; readonly task: ThroughTask }
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
    const open = netVerdicts(state, unit).filter((net) => !net.proven)
    const pairs = apartTasks(state, unit).filter(({ done }) => !done)
    // what an analyser goes through by itself is not probed by hand before
    const analyse = analyseTask(state, unit)
    if (analyse && !analyse.found) return { kind: 'analyse', task: analyse, focus: analyseFocus(unit) }
    const next = open.find((net) => !net.probe)
    if (next) return { kind: 'probe', unit, wire: next.wire.id, nets: open.length, pairs: pairs.length }
    const isMissing = (net: NetVerdict) => net.probe?.result === 'pass' && !net.measured && net.events.length === 0
    const unread = open.filter(isMissing)
    const wrong = open.find((net) => !isMissing(net))
    if (wrong) return { kind: 'put-net-right', unit, wire: wrong.wire.id, focus: `${String(unit)}/${wrong.wire.id}` }
    const [toRead] = unread
    if (toRead)
      return {
        kind: 'measure',
        unit,
        wire: toRead.wire.id,
        nets: unread.length,
        focus: `${String(unit)}/${toRead.wire.id}`,
      }
    if (analyse && !analyse.done) return { kind: 'analyse', task: analyse, focus: analyseFocus(unit) }
    const pair = pairs.find(({ found }) => !found)
    if (pair) return { kind: 'probe-apart', task: pair, pairs: pairs.length }
    const [rings] = pairs
    if (rings) return { kind: 'put-pair-right', task: rings, focus: rings.key }
    const through = throughTasks(state, unit).filter(({ done }) => !done)
    const silent = through.find(({ found }) => found)
    if (silent) return { kind: 'put-through-right', task: silent, focus: silent.key }
    const [circuit] = through
    if (circuit) return { kind: 'probe-through', task: circuit, circuits: through.length, focus: circuit.key }
    const pulls = holdTasks(state, unit).filter(({ done }) => !done)
    const [pull] = pulls
    if (pull) return { kind: 'hold', task: pull, left: pulls.length, focus: pull.key }
    const move = moveTask(state, unit)
    if (move && !move.done) return { kind: 'move', task: move, focus: moveFocus(unit) }
  }
  return undefined
}

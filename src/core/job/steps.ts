import { aheadOfRelease } from './prepAhead'
import { setupQueue, withoutSet, type QueueGroup } from './queue'
import type { Station } from './progress'
import { rulesOf } from '../rules/rulesOf'
import { goodPieces } from '../crimp/firstPiece'
import { samplesDue } from '../crimp/samplesDue'
import { isClosed, type JobState } from '../journal/state'
import { endTasks, type EndTask } from '../seat/endTasks'
import { netVerdict } from '../prove/netVerdict'
import { inHand } from './queue'
import { setupChanges, type SetupChange } from '../setup/setup'

/** The next thing to do, wherever it is. `focus` is what the station shows when one goes there. */
export type NextStep = { readonly station: Station; readonly focus?: string } & (
  | { readonly code: 'plan-wires' }
  | { readonly code: 'choose-set'; readonly term: string }
  | { readonly code: 'unblock'; readonly term: string; readonly blocked: number }
  | { readonly code: 'strip'; readonly term: string; readonly left: number; readonly firstOf?: string }
  | { readonly code: 'mount'; readonly setup: string; readonly changes: readonly SetupChange[] }
  | { readonly code: 'first-piece'; readonly setup: string; readonly left: number }
  | { readonly code: 'verify-tool'; readonly setup: string; readonly tool: string }
  | { readonly code: 'release'; readonly setup: string }
  | { readonly code: 'pull-sample'; readonly setup: string; readonly every: number }
  | { readonly code: 'crimp'; readonly term: string; readonly left: number }
  | { readonly code: 'seat'; readonly task: EndTask; readonly left: number }
  | { readonly code: 'probe'; readonly unit: number; readonly wire: string; readonly left: number }
  | { readonly code: 'put-net-right'; readonly unit: number; readonly wire: string }
  | { readonly code: 'count-tray' }
  | { readonly code: 'sign' }
  | { readonly code: 'countersign' }
  | { readonly code: 'closed' }
)

/**
 * A job's steps are one list that crosses the stations. Setup by setup: first piece before the batch, then strip all,
 * then crimp all; then end by end; then the proof. A blocked termination holds up only what needs it.
 */
export function nextStep(state: JobState): NextStep {
  if (isClosed(state)) return rulesOf(state).secondSignature && !state.signatures.some((one) => one.role === 'second' && !one.void) ? { station: 'close', code: 'countersign' } : { station: 'close', code: 'closed' }
  if (state.plan.wires.length === 0) return { station: 'plan', code: 'plan-wires' }
  const groups = setupQueue(state)
  // the bench first, its ends seated; then what is worked in place
  for (const inPlace of [false, true]) {
    for (const group of groups) {
      const items = group.items.filter((item) => item.inPlace === inPlace)
      const left = items.filter((item) => item.stage !== 'crimped').length
      const step = left > 0 ? stepInSetup(state, { ...group, items, left }) : undefined
      if (step) return step
    }
    const seat = seatStep(state, inPlace)
    if (seat) return seat
  }
  const blocked = withoutSet(state)
  const first = blocked[0]
  if (first) return { station: 'kit', code: 'unblock', term: first.key, blocked: blocked.length, focus: first.key }
  return proveStep(state) ?? (state.tray?.allBack ? { station: 'close', code: 'sign' } : { station: 'close', code: 'count-tray' })
}

function stepInSetup(state: JobState, group: QueueGroup): NextStep | undefined {
  const toStrip = group.items.filter((item) => item.stage === 'to-strip')
  const stripped = group.items.filter((item) => item.stage === 'stripped')
  const { allowed } = aheadOfRelease(state, group.id)
  const strip = (first?: string): NextStep | undefined => {
    const item = toStrip[0]
    return item && { station: 'prep', code: 'strip', term: item.termination.key, left: toStrip.length, focus: item.termination.key, ...(first !== undefined && { firstOf: first }) }
  }
  if (!group.released) {
    // one is stripped first, so that a wrong strip shows on the first piece and not after the batch
    if (allowed !== undefined && stripped.length < allowed && toStrip.length > 0) return strip(group.id)
    if (!group.mounted) {
      const hand = inHand(state)
      const from = hand === undefined ? undefined : state.setups.get(hand)?.setup
      return { station: 'crimp', code: 'mount', setup: group.id, changes: setupChanges(from, group.setup), focus: group.id }
    }
    const check = state.toolChecks.get(group.setup.tool)?.kind
    if (check === 'ended' || check === 'failed') return { station: 'crimp', code: 'verify-tool', setup: group.id, tool: group.setup.tool, focus: group.id }
    const left = rulesOf(state).firstPieces - goodPieces(state, group.id)
    return left > 0 ? { station: 'crimp', code: 'first-piece', setup: group.id, left, focus: group.id } : { station: 'crimp', code: 'release', setup: group.id, focus: group.id }
  }
  if (toStrip.length > 0) return strip()
  if (stripped.length > 0 && samplesDue(state, group.id).pull) return { station: 'crimp', code: 'pull-sample', setup: group.id, every: rulesOf(state).pullEvery, focus: group.id }
  const item = stripped[0]
  return item && { station: 'crimp', code: 'crimp', term: item.termination.key, left: stripped.length, focus: item.termination.key }
}

function seatStep(state: JobState, inPlace: boolean): NextStep | undefined {
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    for (const end of state.plan.ends.filter((one) => (one.inPlace === true) === inPlace)) {
      const tasks = endTasks(state, unit, end.id).filter((task) => !task.done)
      const stuck = tasks.some((task) => task.kind === 'insert' && task.blockedBy)
      // covers wait for the last contact; contacts and plugs do not
      const task = tasks.find((one) => (one.kind === 'insert' ? !one.blockedBy : one.kind === 'plug' || one.kind === 'unplug' || one.kind === 'put-right' || !stuck))
      if (task) return { station: 'seat', code: 'seat', task, left: tasks.length, focus: taskKey(task) }
    }
  }
  return undefined
}

/** A name for a task of an end that stays the same while the job goes on. */
export function taskKey(task: EndTask): string {
  const what = task.kind === 'insert' || task.kind === 'put-right' ? task.term : task.kind === 'plug' || task.kind === 'unplug' ? task.cavity : task.kind === 'fit-part' ? task.part : ''
  return `${task.unit}.${task.end}.${task.kind}.${what}`
}

function proveStep(state: JobState): NextStep | undefined {
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    const nets = state.plan.wires.map((wire) => netVerdict(state, unit, wire))
    const open = nets.filter((net) => !net.proven)
    const next = open.find((net) => !net.probe) ?? open[0]
    if (!next) continue
    const focus = `${unit}/${next.wire.id}`
    return next.probe
      ? { station: 'prove', code: 'put-net-right', unit, wire: next.wire.id, focus }
      : { station: 'prove', code: 'probe', unit, wire: next.wire.id, left: open.length, focus }
  }
  return undefined
}

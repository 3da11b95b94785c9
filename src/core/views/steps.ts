import { derivedOf } from '../record/state/derivedOf'
import { planIndex } from '../record/plan/plan'
import { asBegun } from '../record/standing/begunAt'
import { isUnproven } from '../record/standing/prepAhead'
import { type QueueGroup, type QueueItem, inHand, setupQueue, withoutSet } from './queue'
import type { Station } from './progress'
import { rulesOf } from '../record/rules/rulesOf'
import { suspects } from '../record/standing/suspects'
import { samplesDue } from '../record/standing/samplesDue'
import { type JobState, endState, isClosed, termState } from '../record/state/state'
import { ofAllBlocks, sidesOfBlock } from '../record/state/wireBlocks'
import { endOf, stepKey, unitMoves } from '../work/rework/endMoves'
import { benchEnds, holdsContacts } from '../record/standing/benchEnds'
import { type EndTask, endTasks, stepOfTask } from '../work/seat/endTasks'
import { lacingsToOpen } from '../record/standing/lacingsToOpen'
import { type CloseTask, closeTasks } from '../work/close/closeTasks'
import { type ProveStep, proveStep } from '../work/prove/proveStep'
import { type SetupChange, setupChanges } from '../craft/setup/setup'
import { endKey, termOf, unitAndId, wireKey } from '../record/plan/keys'

/** The next thing to do, wherever it is. `focus` is what the station shows when one goes there. */
export type NextStep = { readonly station: Station; readonly focus?: string } & (
  | { readonly kind: 'plan-wires' }
  | { readonly kind: 'choose-set'; readonly term: string }
  | { readonly kind: 'unblock'; readonly term: string; readonly blocked: number }
  | { readonly kind: 'strip'; readonly term: string; readonly left: number }
  | { readonly kind: 'mount'; readonly setup: string; readonly changes: readonly SetupChange[] }
  /** made like this termination, on spare wire */
  | { readonly kind: 'first-piece'; readonly setup: string; readonly term: string; readonly left: number }
  | { readonly kind: 'verify-tool'; readonly setup: string; readonly tool: string }
  | { readonly kind: 'release'; readonly setup: string }
  | { readonly kind: 'pull-sample'; readonly setup: string; readonly every: number }
  | { readonly kind: 'crimp'; readonly term: string; readonly left: number }
  | { readonly kind: 'seat'; readonly task: EndTask; readonly left: number }
  | { readonly kind: 'look-again'; readonly term: string; readonly left: number }
  | ProveStep
  | { readonly kind: 'renew-lacing'; readonly unit: number; readonly wire: string; readonly left: number }
  | { readonly kind: 'close-task'; readonly task: CloseTask; readonly left: number }
  | { readonly kind: 'count-tray' }
  | { readonly kind: 'sign' }
  | { readonly kind: 'countersign' }
  | { readonly kind: 'closed' }
)

/**
 * A job's steps are one list that crosses the stations. Setup by setup: mount it, a first piece on spare wire, release it, then
 * strip all, then crimp all; then end by end; then the proof. A blocked termination holds up only what needs it.
 */
export const nextStep = derivedOf(makeStep)

function makeStep(state: JobState): NextStep {
  const inQuestion = suspects(state)
  const [suspect] = inQuestion
  const lookAgain: NextStep | undefined =
    suspect === undefined
      ? undefined
      : { station: 'crimp', kind: 'look-again', term: suspect, left: inQuestion.length, focus: suspect }
  if (isClosed(state)) {
    if (lookAgain) return lookAgain
    return rulesOf(state).secondSignature && !state.signatures.some((one) => one.role === 'second' && !one.void)
      ? { station: 'close', kind: 'countersign' }
      : { station: 'close', kind: 'closed' }
  }
  if (state.plan.wires.length === 0) return { station: 'plan', kind: 'plan-wires' }
  const broken = brokenStep(state)
  if (broken) return broken
  if (lookAgain) return lookAgain
  // the bench first, its ends seated; then what is worked in place
  for (const inPlace of [false, true]) {
    const step = setupStep(state, inPlace) ?? seatStep(state, inPlace)
    if (step) return step
  }
  const blocked = withoutSet(state)
  const first = blocked[0]
  if (first) return { station: 'kit', kind: 'unblock', term: first.key, blocked: blocked.length, focus: first.key }
  const prove = proveStep(state)
  return (
    (prove && { station: 'prove', ...prove }) ??
    lacingStep(state) ??
    closeStep(state) ??
    (state.tray?.allBack ? { station: 'close', kind: 'sign' } : { station: 'close', kind: 'count-tray' })
  )
}

/** What is due setup by setup; at one station alone, what can be done there now. */
function setupStep(state: JobState, inPlace: boolean, at?: 'crimp'): NextStep | undefined {
  for (const group of setupQueue(state)) {
    const items = group.items.filter((item) => item.inPlace === inPlace)
    const left = items.filter((item) => item.stage !== 'crimped').length
    const step = left > 0 ? stepInSetup(state, { ...group, items, left }, at) : undefined
    // a release holds for one mounting: another setup waits until this one is through
    if (step || (at !== undefined && left > 0)) return step
  }
  return undefined
}

/** What Prep does now: what is proven or needs no proof, the bench before what is done in place. */
function stripStep(state: JobState): NextStep | undefined {
  let inPlace: NextStep | undefined
  for (const group of setupQueue(state))
    for (const item of group.items) {
      if (item.stage !== 'to-strip' || (item.inPlace && inPlace) || isUnproven(state, group.id, item.crimpClass))
        continue
      if (!item.inPlace) return stripOf(item, group)
      inPlace = stripOf(item, group)
    }
  return inPlace
}

function stripOf({ termination: { key } }: QueueItem, { items }: Pick<QueueGroup, 'items'>): NextStep {
  const left = items.filter(({ stage }) => stage === 'to-strip').length
  return { station: 'prep', kind: 'strip', term: key, left, focus: key }
}

/** What Crimp does now; what is worked in place waits until nothing is left at the bench. */
function crimpStep(state: JobState): NextStep | undefined {
  const atBench = setupQueue(state).some(({ items }) => items.some((item) => !item.inPlace && item.stage !== 'crimped'))
  return setupStep(state, !atBench, 'crimp')
}

const atStation: Readonly<Partial<Record<Station, (state: JobState) => NextStep | undefined>>> = {
  prep: stripStep,
  crimp: crimpStep,
  seat: (state) => openLacingStep(state) ?? seatStep(state, false) ?? seatStep(state, true),
}

/**
 * What is next for hands that are at a station: what can be done there now, until nothing is left; only then the job's own next
 * step, wherever it is. A station's card and the frame both ask here, so that there are never two different nexts.
 */
export const stepAt = (state: JobState, here: Station | undefined): NextStep =>
  here === undefined ? nextStep(state) : stepHere(state, here)

const stepHere = derivedOf((state, here: Station): NextStep => {
  const next = nextStep(state)
  return next.station === here || isClosed(state) ? next : (atStation[here]?.(state) ?? next)
})

/** @param at Crimp alone: what is to be stripped first is done elsewhere, and is no step of it */
function stepInSetup(state: JobState, group: QueueGroup, at?: 'crimp'): NextStep | undefined {
  const toStrip = group.items.filter((item) => item.stage === 'to-strip')
  const stripped = group.items.filter((item) => item.stage === 'stripped')
  // the first piece is made of spare wire: a wrong strip shows on it, and none of the job's wires is spent
  if (!group.released) {
    const [piece] = group.release.pieces
    if (!group.mounted) {
      const hand = inHand(state)
      const from = hand === undefined ? undefined : state.setups.get(hand)?.setup
      return {
        station: 'crimp',
        kind: 'mount',
        setup: group.id,
        changes: setupChanges(from, group.setup),
        focus: group.id,
      }
    }
    const check = state.toolChecks.get(group.setup.tool)?.kind
    if (check === 'ended' || check === 'failed')
      return { station: 'crimp', kind: 'verify-tool', setup: group.id, tool: group.setup.tool, focus: group.id }
    return piece
      ? {
          station: 'crimp',
          kind: 'first-piece',
          setup: group.id,
          term: piece.term,
          left: group.release.pieces.length,
          focus: piece.term,
        }
      : { station: 'crimp', kind: 'release', setup: group.id, focus: group.id }
  }
  if (toStrip[0] && at === undefined) return stripOf(toStrip[0], group)
  if (stripped.length > 0 && samplesDue(state, group.id).pull)
    return { station: 'crimp', kind: 'pull-sample', setup: group.id, every: rulesOf(state).pullEvery, focus: group.id }
  const item = stripped[0]
  return (
    item && {
      station: 'crimp',
      kind: 'crimp',
      term: item.termination.key,
      left: stripped.length,
      focus: item.termination.key,
    }
  )
}

function seatStep(state: JobState, inPlace: boolean): NextStep | undefined {
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    const move = inPlace ? undefined : nextMove(state, unit)
    if (move) return move
    for (const end of benchEnds(state, unit).filter(
      (one) => (planIndex(state.plan).ends.get(one)?.inPlace === true) === inPlace,
    )) {
      const tasks = endTasks(state, unit, end).filter((task) => !task.done)
      const stuck = tasks.some((task) => task.kind === 'insert' && task.blockedBy)
      // covers wait for the last contact; contacts and plugs do not
      const task = tasks.find((one) => !waits(state, one, stuck))
      if (task) return { station: 'seat', kind: 'seat', task, left: tasks.length, focus: taskKey(task) }
    }
  }
  return undefined
}

/** Covers wait for the last contact, a new cover for every contact to be out, a pair for both of its halves. */
function waits(state: JobState, task: EndTask, stuck: boolean): boolean {
  switch (task.kind) {
    case 'insert':
      return task.blockedBy !== undefined
    case 'fit-part':
      return task.over ? holdsContacts(state, task.unit, task.end) : stuck
    case 'lock':
    case 'look-over':
      return stuck
    case 'mate':
      return [task.end, task.with].some((end) => !endState(state, endKey(task.unit, end)).lookedOver)
    default:
      return false
  }
}

/** Terminations of a block of wires that are seated, and broken or given up. */
const brokenOfBlock = derivedOf((state, unit: number, block: number) =>
  sidesOfBlock(state, unit, block).flatMap(({ key }) => {
    const { damaged, crimp, seat } = termState(state, key)
    return seat && (damaged || !crimp) && planIndex(state.plan).byKey.has(key) ? [key] : []
  }),
)

/** What is broken, or given up by a change of the plan, comes out first: kit, prep and crimp come after. What the plan has no place for any more waits for the moves. */
function brokenStep(state: JobState): NextStep | undefined {
  for (const key of asBegun(state, ofAllBlocks(state, brokenOfBlock))) {
    const { seat } = termState(state, key)
    if (!seat) continue
    const tasks = endTasks(state, termOf(key).unit, seat.end).filter((task) => !task.done)
    const task = lacingOf(state, key) ?? tasks.find((one) => one.kind === 'put-right' && one.term === key)
    if (task) return { station: 'seat', kind: 'seat', task, left: tasks.length, focus: taskKey(task) }
  }
  return undefined
}

/** At Seat bundles are opened before anything is moved, also along wires whose turn comes later. */
function openLacingStep(state: JobState): NextStep | undefined {
  for (let unit = 1; unit <= state.plan.quantity; unit++)
    for (const end of benchEnds(state, unit)) {
      const tasks = endTasks(state, unit, end).filter((task) => !task.done)
      const task = tasks.find(({ kind }) => kind === 'open-lacing')
      if (task) return { station: 'seat', kind: 'seat', task, left: tasks.length, focus: taskKey(task) }
    }
  return undefined
}

/** The bundle is opened along a wire before it is drawn. */
function lacingOf(state: JobState, term: string): EndTask | undefined {
  const { unit, wire } = termOf(term)
  if (state.lacings.get(wireKey(unit, wire)) !== 'to-open') return undefined
  const end = benchEnds(state, unit).find((one) => lacingsToOpen(state, unit, one).includes(wire))
  return end === undefined ? undefined : { kind: 'open-lacing', unit: unit, end, wire, done: false }
}

/** The first step of a unit's move plan that can be done: it crosses the ends, and a wire that is not made yet holds up only itself. */
function nextMove(state: JobState, unit: number): NextStep | undefined {
  const moves = unitMoves(state, unit)
  if (!moves) return undefined
  const tasks = new Map<string, readonly EndTask[]>()
  for (const step of moves.plan.steps) {
    if (step.do === 'bring') continue
    const end = endOf(step.place)
    const open = tasks.get(end) ?? endTasks(state, unit, end).filter((task) => !task.done)
    tasks.set(end, open)
    const task = open.find((one) => stepOfTask(one) === stepKey(step))
    const lacing = task && 'term' in task ? lacingOf(state, task.term) : undefined
    if (lacing) return { station: 'seat', kind: 'seat', task: lacing, left: open.length, focus: taskKey(lacing) }
    if (task && !(task.kind === 'insert' && task.blockedBy))
      return { station: 'seat', kind: 'seat', task, left: open.length, focus: taskKey(task) }
  }
  return undefined
}

/** A name for a task of an end that stays the same while the job goes on. */
export function taskKey(task: EndTask): string {
  const what =
    'term' in task
      ? task.term
      : 'cavity' in task
        ? task.cavity
        : task.kind === 'open-lacing'
          ? task.wire
          : task.kind === 'fit-part'
            ? task.part
            : ''
  return `${task.unit}.${task.end}.${task.kind}.${what}`
}

/** What was opened is laced again once everything proves. */
function lacingStep(state: JobState): NextStep | undefined {
  const [key] = state.lacings.keys()
  if (key === undefined) return undefined
  const { unit, id } = unitAndId(key)
  return { station: 'close', kind: 'renew-lacing', unit, wire: id, left: state.lacings.size, focus: `lacing ${key}` }
}

/** The bundle is tied and labelled, and what was used is at rest, before the tray is counted. */
function closeStep(state: JobState): NextStep | undefined {
  const open = closeTasks(state).filter(({ done }) => !done)
  const [task] = open
  return task && { station: 'close', kind: 'close-task', task, left: open.length, focus: task.key }
}

import { isSetBeforeFirst, lockOfHousing } from '../../parts/catalogue/secondaryLocks'
import { mateOf, planIndex } from '../../record/plan/plan'
import { type JobState, endState, termState } from '../../record/state/state'
import { type UnitMoves, stepKey, unitMoves } from '../rework/endMoves'
import { holdsContacts, housingAt } from '../../record/standing/benchEnds'
import { isHome, isMated } from '../../record/standing/home'
import { lacingsToOpen } from '../../record/standing/lacingsToOpen'
import { plugFor } from '../../record/standing/plugFor'
import type { OrderReason } from './seatOrder'
import { seatTurns } from './seatTurns'
import { derivedOf } from '../../record/state/derivedOf'
import { cavityKey, endKey } from '../../record/plan/keys'
import type { Housing } from '../../parts/catalogue/types'

/** One thing to do at an end, in the order in which it is done. */
export type EndTask = { readonly unit: number; readonly end: string; readonly done: boolean } & (
  | {
      readonly kind: 'insert'
      readonly term: string
      readonly cavity: string
      /** why it has this turn */ readonly why?: OrderReason
      /** `elsewhere`: it stands in another cavity and comes out of that first; `cavity-taken`: another stands here */ readonly blockedBy?:
        'not-crimped' | 'elsewhere' | 'cavity-taken' | 'cover-due'
    }
  | {
      readonly kind: 'put-right'
      readonly term: string
      readonly cavity: string
      readonly found: string
      readonly why: 'wrong-cavity' | 'not-home' | 'not-in-plan' | 'damaged' | 'cover-due' | 'old-housing'
      /** it was well seated: the plan changed, nobody erred */ readonly asPlanned?: true
      /** its place is not free yet: it gets a tag */ readonly park?: true
    }
  | { readonly kind: 'plug'; readonly cavity: string; readonly part: string }
  | { readonly kind: 'unplug'; readonly cavity: string; readonly part: string }
  | { readonly kind: 'lock'; readonly part?: string }
  | {
      readonly kind: 'fit-part'
      readonly part: string
      /** the cover that goes over the wires before any contact is in */ readonly over?: true
    }
  | { readonly kind: 'open-lacing'; readonly wire: string }
  /** what must be open, up or off before the first contact */
  | { readonly kind: 'open-end' }
  | { readonly kind: 'look-over' }
  | { readonly kind: 'mate'; readonly with: string }
)

/** Which step of a move plan a task is; none for covers and parts. */
export function stepOfTask(task: EndTask): string | undefined {
  switch (task.kind) {
    case 'put-right':
      return stepKey({ do: 'extract', place: `${task.end}.${task.found}` })
    case 'insert':
    case 'plug':
    case 'unplug':
      return stepKey({ do: task.kind, place: `${task.end}.${task.cavity}` })
    default:
      return undefined
  }
}

/** What the move plan orders comes in its order; a contact that is not home comes before, what the plan does not know behind. */
function inMoveOrder(tasks: readonly EndTask[], { order }: UnitMoves): EndTask[] {
  const at = (task: EndTask): number =>
    task.done ? Infinity : (order.get(stepOfTask(task) ?? '') ?? (task.kind === 'put-right' ? -1 : Infinity))
  return tasks
    .map((task) => ({ task, step: at(task) }))
    .sort((a, b) => (a.step === b.step ? 0 : a.step - b.step))
    .map(({ task }) => task)
}

/** Why a contact comes out of where it stands. */
function whyOut(
  state: JobState,
  term: string,
  { belongs, isOld, coverDue }: { readonly belongs: boolean; readonly isOld: boolean; readonly coverDue: boolean },
): Extract<EndTask, { kind: 'put-right' }>['why'] {
  if (termState(state, term).damaged) return 'damaged'
  if (belongs) return coverDue ? 'cover-due' : 'not-home'
  if (!planIndex(state.plan).byKey.has(term)) return 'not-in-plan'
  return isOld ? 'old-housing' : 'wrong-cavity'
}

/** Everything that one end of one unit needs, done and undone: contacts, plugs, lock, small parts, a last look. */
export const endTasks = derivedOf(makeTasks)

/** A contact that stands where it should not, and why it comes out. */
function takenOut(
  state: JobState,
  unit: number,
  end: string,
  cavity: string,
  { term, belongs, isOld }: { readonly term: string; readonly belongs: boolean; readonly isOld: boolean },
): EndTask {
  const coverDue = endState(state, endKey(unit, end)).coverDue !== undefined
  const why = whyOut(state, term, { belongs, isOld, coverDue })
  const planned = planIndex(state.plan).byKey.get(term)?.at
  const { seat } = termState(state, term)
  // nobody erred: it is well seated where the plan had it before
  const asPlanned =
    why === 'not-in-plan' ||
    why === 'cover-due' ||
    ((why === 'old-housing' || why === 'wrong-cavity') && seat?.home !== false)
  const moves = unitMoves(state, unit)
  const step = moves?.plan.steps[moves.order.get(stepKey({ do: 'extract', place: `${end}.${cavity}` })) ?? -1]
  return {
    kind: 'put-right',
    unit,
    end,
    term,
    cavity: planned?.kind === 'cavity' ? `${planned.end === end ? '' : `${planned.end}.`}${planned.cavity}` : '',
    found: cavity,
    why,
    done: false,
    ...(asPlanned && { asPlanned: true as const }),
    ...(step?.do === 'park' && { park: true as const }),
  }
}

/** What keeps a contact from going in now. */
function blockOf(
  state: JobState,
  term: string,
  { coverDue, taken }: { readonly coverDue: boolean; readonly taken: boolean },
): Extract<EndTask, { kind: 'insert' }>['blockedBy'] {
  const { crimp, seat } = termState(state, term)
  if (!crimp) return 'not-crimped'
  if (isHome(state, term)) return undefined
  if (coverDue) return 'cover-due'
  if (seat) return 'elsewhere'
  return taken ? 'cavity-taken' : undefined
}

interface CavityTasks {
  readonly outs: EndTask[]
  readonly inserts: EndTask[]
  readonly plugs: EndTask[]
}

/** What comes out of the cavities of an end, what goes in, and what is plugged, in the order of seating. */
function cavityTasks(state: JobState, unit: number, end: string, housing: Housing, isOld: boolean): CavityTasks {
  const { byCavity } = planIndex(state.plan)
  const coverDue = endState(state, endKey(unit, end)).coverDue !== undefined
  const outs: EndTask[] = []
  const inserts: EndTask[] = []
  const plugs: EndTask[] = []
  for (const { cavity, reason } of seatTurns(state, unit, end, housing)) {
    const place = cavityKey(unit, end, cavity.id)
    const term = byCavity.get(place)?.key
    const inside = state.cavities.get(place)
    if (inside?.term !== undefined && !(inside.term === term && isHome(state, inside.term)))
      outs.push(takenOut(state, unit, end, cavity.id, { term: inside.term, belongs: inside.term === term, isOld }))
    if (isOld) continue
    if (term === undefined) {
      const part = plugFor(state, end, cavity.id)
      if (part !== undefined)
        plugs.push({ kind: 'plug', unit, end, cavity: cavity.id, part, done: inside?.plug !== undefined })
      continue
    }
    if (inside?.plug !== undefined)
      outs.push({ kind: 'unplug', unit, end, cavity: cavity.id, part: inside.plug, done: false })
    const blockedBy = blockOf(state, term, { coverDue, taken: inside?.term !== undefined })
    inserts.push({
      kind: 'insert',
      unit,
      end,
      term,
      cavity: cavity.id,
      done: isHome(state, term),
      why: reason,
      ...(blockedBy && { blockedBy }),
    })
  }
  return { outs, inserts, plugs }
}

/** What is opened before the first contact of an end; a harness that came with contacts in it is opened as they come out. */
function openingTasks(state: JobState, unit: number, end: string, housing: Housing): readonly EndTask[] {
  const family = state.facts.families[housing.family]
  const { opened = false } = endState(state, endKey(unit, end))
  return family && isSetBeforeFirst(lockOfHousing(family, housing)) && (opened || !holdsContacts(state, unit, end))
    ? [{ kind: 'open-end', unit, end, done: opened }]
    : []
}

/** What closes an end once its contacts are in: lock, interface seal, a look from both sides, the pair. */
function closingTasks(
  state: JobState,
  unit: number,
  end: string,
  housing: Housing,
  { outs, inserts }: CavityTasks,
): readonly EndTask[] {
  const now = endState(state, endKey(unit, end))
  const family = state.facts.families[housing.family]
  const tasks: EndTask[] = []
  if (family && lockOfHousing(family, housing).present)
    tasks.push({
      kind: 'lock',
      unit,
      end,
      done: now.lock === 'closed' && outs.length === 0 && inserts.every((task) => task.done),
      ...(housing.lock !== undefined && { part: housing.lock }),
    })
  const { interfaceSeal } = housing
  if (interfaceSeal !== undefined)
    tasks.push({ kind: 'fit-part', unit, end, part: interfaceSeal, done: now.fitted.includes(interfaceSeal) })
  tasks.push({ kind: 'look-over', unit, end, done: now.lookedOver })
  const other = mateOf(state.plan, end)
  const placeOf = (id: string) => state.plan.ends.findIndex((one) => one.id === id)
  // one task for the pair, at the end that is looked over later
  if (other !== undefined && placeOf(other) < placeOf(end))
    tasks.push({ kind: 'mate', unit, end, with: other, done: isMated(state, unit, end) })
  return tasks
}

function makeTasks(state: JobState, unit: number, end: string): readonly EndTask[] {
  const housing = housingAt(state, unit, end)
  if (!housing) return []
  const isOld = state.oldEnds.has(endKey(unit, end))
  const { coverDue } = endState(state, endKey(unit, end))
  const moves = unitMoves(state, unit)
  const inCavities = cavityTasks(state, unit, end, housing, isOld)
  const { outs, inserts, plugs } = inCavities
  const lacings = lacingsToOpen(state, unit, end).map((wire): EndTask => ({
    kind: 'open-lacing',
    unit,
    end,
    wire,
    done: false,
  }))
  const covers: EndTask[] =
    coverDue === undefined ? [] : [{ kind: 'fit-part', unit, end, part: coverDue, over: true, done: false }]
  const opening = isOld || inserts.length === 0 ? [] : openingTasks(state, unit, end, housing)
  if (!moves) {
    const contacts = [...outs, ...covers, ...opening, ...inserts, ...plugs]
    return isOld
      ? [...lacings, ...contacts]
      : [...lacings, ...contacts, ...closingTasks(state, unit, end, housing, inCavities)]
  }
  const contacts = inMoveOrder([...outs, ...inserts, ...plugs], moves)
  return isOld
    ? [...lacings, ...contacts]
    : [...lacings, ...covers, ...opening, ...contacts, ...closingTasks(state, unit, end, housing, inCavities)]
}

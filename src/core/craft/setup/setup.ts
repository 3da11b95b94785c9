import type { Tool } from '../../parts/catalogue/types'

/** Everything mounted or dialled for a termination. */
export interface Setup {
  readonly tool: string
  readonly die?: string | undefined
  readonly positioner?: string | undefined
  /** position of a turret that carries several positioners */
  readonly turret?: number | undefined
  readonly selector?: number | undefined
  readonly nest?: string | undefined
  readonly wireStopMm?: number | undefined
  readonly notchMm?: number | undefined
}

export type SetupField = keyof Setup

/** In the order in which hands work: frame first, the stripper's notch last. */
export const setupFields: readonly SetupField[] = [
  'tool',
  'die',
  'positioner',
  'turret',
  'selector',
  'nest',
  'wireStopMm',
  'notchMm',
]

// a setup is never changed in place, and a queue asks for the ids of a thousand
const ids = new WeakMap<Setup, string>()

/** Two like setups have one id, whatever wire they were found for. */
export function setupId(setup: Setup): string {
  const known = ids.get(setup)
  if (known !== undefined) return known
  const id = setupFields
    .flatMap((field) => (setup[field] === undefined ? [] : `${fieldLetter[field]}${setup[field]}`))
    .join('~')
  ids.set(setup, id)
  return id
}

const fieldLetter: Readonly<Record<SetupField, string>> = {
  tool: '',
  die: 'die-',
  positioner: 'pos-',
  turret: 'tur-',
  selector: 'sel-',
  nest: 'nest-',
  wireStopMm: 'stop-',
  notchMm: 'notch-',
}

/** A setup's id as it is said in a list: `QF-5 · QP-2 · 7 · 1.1`. */
export const setupIdLabel = (id: string): string => id.replaceAll(/~(?:die|pos|tur|sel|nest|stop|notch)-/g, ' · ')

export interface SetupChange {
  readonly field: SetupField
  readonly from: string | number | undefined
  readonly to: string | number | undefined
}

/**
 * Exactly what the hands must change to come from one setup to another; everything, when nothing is in hand. With another
 * frame, what stays on the old one is no change of the new.
 */
export function setupChanges(from: Setup | undefined, to: Setup): readonly SetupChange[] {
  return setupFields
    .filter((field) => from?.[field] !== to[field] && (to[field] !== undefined || from?.tool === to.tool))
    .map((field) => ({ field, from: from?.[field], to: to[field] }))
}

/** How much a change costs the hands: a frame weighs more than a click of the selector. */
const weight: Readonly<Record<SetupField, number>> = {
  tool: 16,
  die: 8,
  positioner: 4,
  turret: 2,
  nest: 2,
  wireStopMm: 2,
  selector: 1,
  notchMm: 1,
}

export const changeWeight = (from: Setup | undefined, to: Setup): number =>
  setupChanges(from, to).reduce((sum, change) => sum + weight[change.field], 0)

/**
 * An order of setups that changes little from one to the next: from what is in hand always to the nearest.
 * Ties go by id, so that the order repeats.
 */
export function orderSetups(setups: readonly Setup[], inHand?: Setup): readonly Setup[] {
  const left = [...setups].sort((a, b) => (setupId(a) < setupId(b) ? -1 : 1))
  const order: Setup[] = []
  let last = inHand
  while (left.length > 0) {
    const next = left.reduce((best, setup) => (changeWeight(last, setup) < changeWeight(last, best) ? setup : best))
    left.splice(left.indexOf(next), 1)
    order.push(next)
    last = next
  }
  return order
}

export type ToolDue =
  | { readonly kind: 'none' }
  | { readonly kind: 'due'; readonly dueOn: string }
  | {
      readonly kind: 'overdue'
      readonly dueOn: string
      /** its count ran out before its date */
      readonly strokes?: { readonly made: number; readonly every: number }
    }

/**
 * Is a tool's verification still good on that day (`YYYY-MM-DD`)? One that was never verified has none.
 * @param made contacts closed since then, where they are known: a tool may be due after so many of them
 */
export function toolDue(
  { verification, dueEveryStrokes: every }: Pick<Tool, 'verification' | 'dueEveryStrokes'>,
  today: string,
  made = 0,
): ToolDue {
  if (!verification) return { kind: 'none' }
  const { dueOn } = verification
  if (dueOn < today) return { kind: 'overdue', dueOn }
  return every !== undefined && made >= every
    ? { kind: 'overdue', dueOn, strokes: { made, every } }
    : { kind: 'due', dueOn }
}

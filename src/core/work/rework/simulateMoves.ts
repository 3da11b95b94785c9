import { fail, ok, type Result } from '../../base/result'
import type { MoveProblem, MoveStep, StepFault } from './moveTypes'

/** What is where while a plan is followed. */
export interface MoveState {
  readonly seated: Map<string, string>
  /** out, and wanted somewhere: tagged, in the hand, or new */
  readonly out: Set<string>
  readonly plugged: Set<string>
}

export const movesBegin = ({ now, loose, plugged }: MoveProblem): MoveState => ({
  seated: new Map(now),
  out: new Set(loose),
  plugged: new Set(plugged),
})

/** Does one step, or says why it cannot be done now. The state is changed in place only when it can. */
export function doStep(state: MoveState, step: MoveStep): StepFault | undefined {
  const { seated, out, plugged } = state
  switch (step.do) {
    case 'extract':
    case 'park':
    case 'retire': {
      const found = seated.get(step.place)
      if (found !== step.contact) return { kind: 'not-there', contact: step.contact, place: step.place, found }
      seated.delete(step.place)
      if (step.do !== 'retire') out.add(step.contact)
      return undefined
    }
    case 'bring':
      if (out.has(step.contact)) return { kind: 'already-out', contact: step.contact }
      out.add(step.contact)
      return undefined
    case 'insert': {
      const by = seated.get(step.place)
      if (by !== undefined) return { kind: 'place-taken', contact: step.contact, place: step.place, by }
      if (plugged.has(step.place)) return { kind: 'place-plugged', contact: step.contact, place: step.place }
      if (!out.delete(step.contact)) return { kind: 'not-in-hand', contact: step.contact, place: step.place }
      seated.set(step.place, step.contact)
      return undefined
    }
    case 'plug': {
      const by = seated.get(step.place)
      if (by !== undefined) return { kind: 'place-taken', contact: '', place: step.place, by }
      plugged.add(step.place)
      return undefined
    }
    case 'unplug':
      return plugged.delete(step.place) ? undefined : { kind: 'no-plug', place: step.place }
  }
}

/** What stands where after all the steps, or the first step that cannot be done and why. */
export function simulateMoves(
  problem: MoveProblem,
  steps: readonly MoveStep[],
): Result<MoveState, StepFault & { readonly at: number }> {
  const state = movesBegin(problem)
  for (const [at, step] of steps.entries()) {
    const fault = doStep(state, step)
    if (fault) return fail({ ...fault, at })
  }
  return ok(state)
}

/** Is everything where it is wanted, with nothing left over? */
export const reaches = ({ wanted }: MoveProblem, { seated, out }: MoveState): boolean =>
  out.size === 0 &&
  seated.size === wanted.size &&
  [...wanted].every(([place, contact]) => seated.get(place) === contact)

/** Most wires that hang out at one time. One that goes straight from a cavity to the next is in the hand, not put aside. */
export function parkedAtOnce(problem: MoveProblem, steps: readonly MoveStep[]): number {
  const hanging = new Set(problem.loose)
  let most = hanging.size
  for (const step of steps) {
    if (step.do === 'park') hanging.add(step.contact)
    else if (step.do === 'insert') hanging.delete(step.contact)
    most = Math.max(most, hanging.size)
  }
  return most
}

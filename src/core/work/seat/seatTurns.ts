import type { Housing } from '../../parts/catalogue/types'
import { planIndex } from '../../record/plan/plan'
import type { JobState } from '../../record/state/state'
import { housingAt } from '../../record/standing/benchEnds'
import { isHome } from '../../record/standing/home'
import { type SeatTurn, seatOrder } from './seatOrder'
import { cavityKey } from '../../record/plan/keys'

/** The cavities of an end in the order in which they are filled: groups by the wires that go there, and what a hand has put in order. */
export function seatTurns(state: JobState, unit: number, end: string, housing: Housing): readonly SeatTurn[] {
  const { byCavity } = planIndex(state.plan)
  const groupOf = (cavity: string) => {
    const group = byCavity.get(cavityKey(unit, end, cavity))?.wire.group
    return group && `${group.kind} ${group.name}`
  }
  return seatOrder(housing, groupOf, state.seatOrders.get(end))
}

/**
 * The order of an end's cavities that are still to be filled, with one of them at the place of another.
 * @returns undefined where either is not among them
 */
export function turnsWith(
  state: JobState,
  unit: number,
  end: string,
  cavity: string,
  to: string,
): readonly string[] | undefined {
  const open = openTurns(state, unit, end)
  const [from, at] = [open.indexOf(cavity), open.indexOf(to)]
  if (from < 0 || at < 0 || from === at) return undefined
  const rest = open.filter((id) => id !== cavity)
  return [...rest.slice(0, at), cavity, ...rest.slice(at)]
}

/** Cavities of an end that wait for a contact, in the order in which they are due. */
export function openTurns(state: JobState, unit: number, end: string): readonly string[] {
  const housing = housingAt(state, unit, end)
  if (!housing) return []
  const { byCavity } = planIndex(state.plan)
  return seatTurns(state, unit, end, housing)
    .map((one) => one.cavity.id)
    .filter((id) => {
      const key = byCavity.get(cavityKey(unit, end, id))?.key
      return key !== undefined && !isHome(state, key)
    })
}

import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setKey } from '../../record/plan/keys'
import { planIndex } from '../../record/plan/plan'
import { partsUsed } from '../../record/standing/partsUsed'
import { type JobState, termState } from '../../record/state/state'
import { kitList, kitTotal } from '../kit/kitList'

export interface PartLoss {
  readonly part: string
  /** of what the kit holds, when this one is gone */
  readonly left: number
  /** crimps that still want one, this one again among them */
  readonly needed: number
}

/**
 * What goes with a contact that is scrapped, and what the kit has left of each part then.
 * @param term its termination: whether it counts as crimped already is in the state
 */
export function scrapLoss(state: JobState, term: string, set: ChosenSet): readonly PartLoss[] {
  const lines = new Map(kitList(state).map((line) => [line.part, line]))
  const used = partsUsed(state)
  const counted = termState(state, term).crimp ? 1 : 0
  const open = planIndex(state.plan).terminations.flatMap(({ key, wire, side }) =>
    key === term || !termState(state, key).crimp ? [state.sets.get(setKey(wire.id, side))] : [],
  )
  return [set.contact, ...(set.seal === undefined ? [] : [set.seal])].flatMap((part) => {
    const line = lines.get(part)
    return line
      ? [
          {
            part,
            left: kitTotal(line) - (used.get(part) ?? 0) - 1 + counted,
            needed: open.filter((one) => one?.contact === part || one?.seal === part).length,
          },
        ]
      : []
  })
}

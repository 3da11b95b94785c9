import { setKey } from '../../record/plan/keys'
import type { JobState } from '../../record/state/state'
import { setupId } from '../../craft/setup/setup'
import type { KitProblem } from './kitProblem'
import type { WholeJobChoice } from './wholeJob'

/** A set for one side of a wire, as a choice names it. */
export interface SetChange {
  readonly wire: string
  readonly side: 'a' | 'b'
  readonly contact: string
  readonly seal?: string
  readonly setup: string
}

/** What a choice for the whole job would change; what was chosen by hand, or has been worked on, stays. */
export function choiceChanges(
  { groups }: KitProblem,
  { options }: WholeJobChoice,
  sets: JobState['sets'],
): readonly SetChange[] {
  return groups.flatMap((group, g) => {
    const option = group.options[options[g] ?? 0]
    if (!option || group.fixed) return []
    const { contact, seal } = option.set
    return group.sides
      .filter(({ wire, side }) => {
        const now = sets.get(setKey(wire, side))
        return now?.contact !== contact || now.seal !== seal || setupId(now.setup) !== option.setup
      })
      .map((side) => ({ ...side, contact, ...(seal !== undefined && { seal }), setup: option.setup }))
  })
}

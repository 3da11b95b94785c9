import { rulesOf } from '../rules/rulesOf'
import { type JobState, termState } from '../state/state'
import { setupId } from '../../craft/setup/setup'
import { planIndex } from '../plan/plan'
import { setKey } from '../plan/keys'

/**
 * How many terminations of a setup are stripped and wait for their crimp, and how many may while it is unproven.
 * @returns allowed is undefined once the setup was released in this job: its strip is proven
 */
export function aheadOfRelease(
  state: JobState,
  setup: string,
): { readonly ahead: number; readonly allowed: number | undefined } {
  if (state.setups.get(setup)?.proven) return { ahead: 0, allowed: undefined }
  const ahead = planIndex(state.plan).terminations.filter((termination) => {
    const set = state.sets.get(setKey(termination.wire.id, termination.side))
    const now = termState(state, termination.key)
    return set !== undefined && now.stripped !== undefined && !now.crimp && setupId(set.setup) === setup
  }).length
  return { ahead, allowed: rulesOf(state).firstPieces }
}

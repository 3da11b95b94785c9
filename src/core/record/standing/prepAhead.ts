import { rulesOf } from '../rules/rulesOf'
import { type JobState, termState } from '../state/state'
import { setupId } from '../../craft/setup/setup'
import { derivedOf } from '../state/derivedOf'
import { ofAllBlocks, sidesOfBlock } from '../state/wireBlocks'
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
  const ahead = ofAllBlocks(state, waitingOfBlock).filter((id) => id === setup).length
  return { ahead, allowed: rulesOf(state).firstPieces }
}

/** The setups of terminations that are stripped and not crimped, one by one. */
const waitingOfBlock = derivedOf((state, unit: number, block: number): readonly string[] =>
  sidesOfBlock(state, unit, block).flatMap(({ wire, side, key }) => {
    const set = state.sets.get(setKey(wire.id, side))
    const now = termState(state, key)
    return set !== undefined && now.stripped !== undefined && !now.crimp ? [setupId(set.setup)] : []
  }),
)

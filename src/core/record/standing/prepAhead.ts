import { crimpClass } from '../../craft/setup/crimpPair'
import { rulesOf } from '../rules/rulesOf'
import { termState, type JobState } from '../state/state'
import { setupId } from '../../craft/setup/setup'
import { derivedOf } from '../state/derivedOf'
import { ofAllBlocks, sidesOfBlock } from '../state/wireBlocks'
import { setKey } from '../plan/keys'
import { planIndex } from '../plan/plan'
import { pairOf } from './pairOf'

export interface AheadOfRelease {
  readonly ahead: number
  /** undefined once such crimps were released in this job: their strip is proven */
  readonly allowed: number | undefined
}

/**
 * How many terminations are stripped and wait for their crimp, and how many may while it is unproven: of one contact on one
 * conductor in a setup, since what another one showed says nothing of this strip.
 */
export const aheadOfRelease = derivedOf((state, setup: string, ofClass: string): AheadOfRelease => {
  if (!isUnproven(state, setup, ofClass)) return { ahead: 0, allowed: undefined }
  const waiting = ofAllBlocks(state, waitingOfBlock)
  return {
    ahead: waiting.filter((one) => one.setup === setup && one.ofClass === ofClass).length,
    allowed: rulesOf(state).firstPieces,
  }
})

/** Of terminations that are stripped and not crimped, one by one: setup and crimp class. */
const waitingOfBlock = derivedOf((state, unit: number, block: number) =>
  sidesOfBlock(state, unit, block).flatMap(({ wire, side, key }) => {
    const termination = planIndex(state.plan).byKey.get(key)
    const set = state.sets.get(setKey(wire.id, side))
    const now = termState(state, key)
    return termination && set && now.stripped !== undefined && !now.crimp
      ? [{ setup: setupId(set.setup), ofClass: crimpClass(pairOf(state.facts, termination, set)) }]
      : []
  }),
)

/** Was nothing like it released yet? Its strip is not proven then. */
export const isUnproven = (state: JobState, setup: string, ofClass: string): boolean =>
  rulesOf(state).firstPieces > 0 && state.setups.get(setup)?.proven.includes(ofClass) !== true

import { placeAtStep, STEP } from '../../base/units/atStep'
import { constructions } from '../../parts/catalogue/constructions'
import type { Refusal } from '../journal/entryKind'
import { lookRefusal, looksOf } from '../journal/shared'
import type { JobState } from '../state/state'
import { heightDrift } from './heightWatch'
import type { ChosenSet } from '../../craft/setup/chosenSet'

/** Is a crimp height asked for, and inside? `required` where a missing one is a refusal too. */
export function heightRefusal(
  state: JobState,
  set: ChosenSet,
  heightMm: number | undefined,
  required: boolean,
): Refusal | undefined {
  const contact = state.facts.contacts[set.contact]
  if (!contact || !constructions[contact.construction].hasHeight || !set.height) return undefined
  if (heightMm === undefined) return required ? { kind: 'height-missing' } : undefined
  const { minMm, maxMm } = set.height
  return placeAtStep(heightMm, set.height, STEP.heightMm) !== 'inside'
    ? { kind: 'height-outside', heightMm, minMm, maxMm }
    : undefined
}

/** A piece is good when every look was seen, its height is inside and it held the pull that is asked. */
export function judgeFirstPiece(
  state: JobState,
  set: ChosenSet,
  piece: {
    readonly looks: readonly { readonly look: string; readonly seen: boolean }[]
    readonly heightMm?: number | undefined
    readonly pullN: number
  },
) {
  const look = lookRefusal(looksOf(state, set), piece.looks)
  const height = heightRefusal(state, set, piece.heightMm, true)
  const minimumN = set.pull?.forceN
  const pull =
    minimumN === undefined ? ('unknown' as const) : piece.pullN >= minimumN ? ('held' as const) : ('low' as const)
  return { good: !look && !height && pull === 'held', look, height, pull, minimumN }
}

/** The good pieces of a setup since it was last mounted, or since its heights began to drift, without one that failed after them. */
export function goodPieces(state: JobState, id: string): number {
  const setup = state.setups.get(id)
  const drift = heightDrift(state, id)
  const pieces =
    setup?.pieces
      .slice(setup.piecesFrom)
      .filter((piece) => piece.mounted === setup.mounted && (!drift || piece.at > drift.reading.at)) ?? []
  const lastBad = pieces.findLastIndex((piece) => !piece.good)
  return pieces.length - 1 - lastBad
}

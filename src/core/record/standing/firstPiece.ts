import { placeAtStep, STEP } from '../../base/units/atStep'
import { constructions } from '../../parts/catalogue/constructions'
import type { Refusal } from '../journal/entryKind'
import { lookRefusal } from '../journal/shared'
import { looksOf } from './looksOf'
import { rulesOf } from '../rules/rulesOf'
import type { PulledByHand } from '../state/records'
import type { JobState } from '../state/state'
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

/** Is a height asked of a test piece? Where the set has a window, unless the house rules release without. */
export const asksHeight = (state: JobState): boolean => rulesOf(state).releaseHeight === 'measured'

/**
 * A piece is good when every look was seen, its height is inside and it held the pull that is asked; pulled by hand it held
 * or came off, and that is all that is known.
 */
export function judgeFirstPiece(
  state: JobState,
  set: ChosenSet,
  piece: {
    readonly looks: readonly { readonly look: string; readonly seen: boolean }[]
    readonly heightMm?: number | undefined
    readonly pullN?: number | undefined
    readonly byHand?: PulledByHand | undefined
  },
) {
  const look = lookRefusal(looksOf(state, set), piece.looks)
  const height = heightRefusal(state, set, piece.heightMm, asksHeight(state))
  const minimumN = set.pull?.forceN
  const pull = pullVerdict(piece, minimumN)
  return { good: !look && !height && pull === 'held', look, height, pull, minimumN }
}

/** Did a piece hold what is asked? By hand it held or came off; a figure without a minimum says nothing. */
export function pullVerdict(
  { pullN, byHand }: { readonly pullN?: number | undefined; readonly byHand?: PulledByHand | undefined },
  minimumN: number | undefined,
): 'held' | 'low' | 'unknown' {
  if (pullN === undefined) return byHand === 'held' ? 'held' : byHand === 'came-off' ? 'low' : 'unknown'
  return minimumN === undefined ? 'unknown' : pullN >= minimumN ? 'held' : 'low'
}

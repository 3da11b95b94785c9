import { placeAtStep, STEP } from '../../base/units/atStep'
import { type RankedCause, rankCauses } from '../../craft/crimp/causes'
import { type DefectCode, looks as lookTable } from '../../craft/crimp/looks'
import type { BreakKind } from '../../craft/specimen/specimenTypes'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { pullVerdict } from '../../record/standing/firstPiece'
import type { FirstPiece } from '../../record/state/records'

/** What a pull that was too low speaks for, by how the piece gave way. */
const ofBreak: Readonly<Record<BreakKind, DefectCode>> = {
  'pulled-out': 'under-crimped',
  'broke-at-crimp': 'over-crimped',
  'broke-in-wire': 'strands-cut',
}
const byFigures: readonly DefectCode[] = ['under-crimped', 'over-crimped', 'strands-cut']

/** Too little conductor in the barrel: it slips out of a crimp whose height is right. */
const notHome: readonly DefectCode[] = ['hole-empty', 'brush-too-short', 'tip-not-reached']

type Piece = Pick<FirstPiece, 'looks' | 'heightMm' | 'pullN' | 'byHand' | 'minimumN' | 'breaks'>

/** What may be wrong with a test piece that was not good, the likeliest first: by its height, how it gave way, then its looks. */
export function pieceFault(piece: Piece, set: ChosenSet): readonly [DefectCode, ...DefectCode[]] {
  const { heightMm, looks } = piece
  const place =
    set.height && heightMm !== undefined ? placeAtStep(heightMm, set.height, STEP.heightMm) : ('unknown' as const)
  const low = pullVerdict(piece, piece.minimumN) === 'low'
  const failed = looks.find(({ seen }) => !seen)?.look
  // a look that was not made looks like one that failed: what was measured comes first
  if (failed && !low && place !== 'above' && place !== 'below') {
    const [first, ...more] = lookTable[failed].faults
    return [first, ...more]
  }
  const short = notHome.filter((defect) =>
    looks.some(({ look }) => (lookTable[look].faults as readonly DefectCode[]).includes(defect)),
  )
  const slipped = piece.breaks === undefined || piece.breaks === 'pulled-out'
  const likely: readonly DefectCode[] =
    place === 'above'
      ? ['under-crimped']
      : place === 'below'
        ? ['over-crimped']
        : place === 'inside' && slipped
          ? short
          : [ofBreak[piece.breaks ?? 'pulled-out']]
  const [first = 'under-crimped', ...more] = [...new Set([...likely, ...byFigures, ...short])]
  return [first, ...more]
}

/** Why a test piece may have a defect, the likeliest first, by its height. */
export const pieceCauses = (
  piece: Pick<FirstPiece, 'heightMm'>,
  set: ChosenSet,
  defect: DefectCode,
): readonly RankedCause[] =>
  rankCauses(defect, {
    setup: set.setup,
    height: piece.heightMm === undefined || !set.height ? undefined : { heightMm: piece.heightMm, ...set.height },
  })

import type { DefectCode } from '@/core/craft/crimp/looks'
import { grippedMm } from '@/core/craft/specimen/specimen'
import { specimenBody } from '@/core/craft/specimen/specimenBody'
import type { CrimpMade } from '@/core/craft/specimen/specimenTypes'

/** What a drawing of a terminal needs: how the piece was made, with its defect where it has one, and what is on the wire. */
export interface SpecimenPiece {
  readonly made: CrimpMade
  /** diameter of the whole strand bundle as it lies in the barrel */
  readonly bundleMm: number
  /** how often the conductor is laid: 2 where it is folded back */
  readonly legs: number
  readonly colour: string
  readonly seal?: { readonly id: string; readonly lengthMm: number; readonly boreMm: number } | undefined
  /** the seal is still on its wire, so far behind its place */
  readonly sealBackMm?: number
  /** names what is wrong; where it lies follows from how the piece was made */
  readonly defect?: DefectCode | undefined
  readonly crimped: boolean
}

/** Compaction of a sound crimp, for which the drawn proportions stand. */
export const DRAWN_COMPACTION = 0.85

/** How high the wings of a stamped contact stand over its axis, open or closed, mm as drawn: a closed section is as high as its compaction is loose. */
export function wingHeights({ crimped, made, seal }: SpecimenPiece): {
  readonly wing: number
  readonly insulationWing: number
} {
  return crimped
    ? {
        wing: (1.15 * made.compaction) / DRAWN_COMPACTION,
        insulationWing: Math.max(seal ? 1.75 : 1.25, made.insulationMm / 2 + 0.25),
      }
    : { wing: 1.75, insulationWing: 2.1 }
}

/** Where strip, brush, gap and insulation lie along the contact, mm from its front. */
export interface SpecimenLayout {
  readonly lengthMm: number
  /** mouth of the closed barrel, or rear of the conductor wings */
  readonly mouthMm: number
  /** bottom of the barrel, or front of the conductor wings */
  readonly bottomMm: number
  readonly conductorFromMm: number
  readonly insulationFromMm: number
  readonly wireToMm: number
  readonly gapMm: number
  readonly brushMm: number
}

/** Wire that is drawn behind the contact, mm. */
const BEHIND = { open: 4, closed: 5 } as const

/** Lays the piece out along its axis, as it was made. */
export function specimenLayout({ made, seal }: SpecimenPiece): SpecimenLayout {
  const body = specimenBody(made.contact)
  const { lengthMm } = body
  const { lengthMm: grippedLengthMm, beforeMm } = grippedMm(body)
  const mouthMm = body.kind === 'open' ? lengthMm - body.insulationBarrelMm - body.transitionMm : lengthMm
  const bottomMm = mouthMm - beforeMm - grippedLengthMm
  const conductorFromMm = bottomMm + made.endShortMm
  const insulationFromMm = conductorFromMm + made.stripMm
  const wireToMm =
    body.kind === 'open' ? lengthMm + (seal?.lengthMm ?? 0) + BEHIND.open : insulationFromMm + BEHIND.closed
  return {
    lengthMm,
    mouthMm,
    bottomMm,
    conductorFromMm,
    insulationFromMm,
    wireToMm,
    gapMm: insulationFromMm - mouthMm,
    brushMm: bottomMm - conductorFromMm,
  }
}

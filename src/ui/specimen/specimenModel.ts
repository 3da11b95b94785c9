import type { Contact } from '@/core/catalogue/types'
import type { DefectCode } from '@/core/crimp/looks'

/** What a drawing of a terminal needs: dimensions in mm, and how this piece came out. */
export interface SpecimenPiece {
  readonly contact: Contact
  readonly stripMm: number
  readonly insulationMm: number
  readonly bundleMm: number
  readonly colour: string
  readonly seal?: { readonly id: string; readonly lengthMm: number; readonly boreMm: number } | undefined
  readonly defect?: DefectCode | undefined
  readonly crimped: boolean
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

/** How a defect moves the wire along the contact: shift of the insulation's edge and of the brush, mm. */
const shifts: Readonly<Partial<Record<DefectCode, { readonly edge: number; readonly tip: number }>>> = {
  'hole-empty': { edge: 0, tip: 2.2 },
  'not-bottomed': { edge: 1.4, tip: 1.4 },
  'gap-too-large': { edge: 1.6, tip: 0 },
  'insulation-in-barrel': { edge: -1.4, tip: 1.2 },
  'brush-too-short': { edge: 0.2, tip: 1.0 },
  'brush-reaches-mating-part': { edge: 0, tip: -1.6 },
  'insulation-under-wings': { edge: -1.3, tip: -1.1 },
  'bare-under-insulation-wings': { edge: 1.6, tip: 0 },
}

/** Lays the piece out along its axis, good or with its defect. */
export function specimenLayout(piece: SpecimenPiece): SpecimenLayout {
  const { contact, stripMm, defect } = piece
  const shift = (defect && shifts[defect]) ?? { edge: 0, tip: 0 }
  const lengthMm = contact.overallMm
  if (contact.construction === 'closed-barrel') {
    const mouthMm = lengthMm
    const bottomMm = lengthMm - contact.barrel.depthMm
    const insulationFromMm = bottomMm + stripMm + shift.edge
    return { lengthMm, mouthMm, bottomMm, conductorFromMm: bottomMm + shift.tip, insulationFromMm, wireToMm: insulationFromMm + 5, gapMm: insulationFromMm - mouthMm, brushMm: 0 }
  }
  const { conductorBarrelMm, transitionMm, insulationBarrelMm } = contact.barrel
  const rear = lengthMm
  const mouthMm = rear - insulationBarrelMm - transitionMm
  const bottomMm = mouthMm - conductorBarrelMm
  const insulationFromMm = mouthMm + transitionMm / 2 + shift.edge
  const conductorFromMm = insulationFromMm - shift.edge - stripMm + shift.tip
  return { lengthMm, mouthMm, bottomMm, conductorFromMm, insulationFromMm, wireToMm: rear + (piece.seal ? piece.seal.lengthMm : 0) + 4, gapMm: insulationFromMm - mouthMm, brushMm: bottomMm - conductorFromMm }
}

import type { Contact, ContactGender, SleeveContact } from '@/core/catalogue/types'
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
  'tip-not-reached': { edge: 0, tip: 2 },
  'strands-past-tip': { edge: 0, tip: -1.6 },
}

/** The dimensions that a drawing needs, whatever the sheet left out. */
export type SpecimenBody = { readonly lengthMm: number; readonly matingMm: number; /** some of it is not on the sheet: proportions only */ readonly toScale: boolean } & (
  | { readonly kind: 'closed'; readonly gender: ContactGender; readonly depthMm: number; readonly boreMm: number; readonly outerMm: number; readonly holeAtMm: number }
  | { readonly kind: 'open'; readonly conductorBarrelMm: number; readonly transitionMm: number; readonly insulationBarrelMm: number; readonly reachMm: number }
  | { readonly kind: 'sleeve'; readonly shape: SleeveContact['shape']; readonly depthMm: number; readonly boreMm: number; readonly outerMm: number; readonly insulated: boolean }
)

/** The contact as it is drawn. Where its sheet gives no figure the proportions of such contacts stand in, and the drawing says so. */
export function specimenBody(contact: Contact): SpecimenBody {
  const boreMm = Math.sqrt((4 * contact.conductor.maxMm2) / Math.PI) * 1.2
  switch (contact.construction) {
    case 'closed-barrel': {
      const barrel = contact.barrel ?? { depthMm: boreMm * 2.8, boreMm, outerMm: boreMm * 1.5, holeAtMm: boreMm * 2.4 }
      const { depthMm, outerMm, holeAtMm } = barrel
      return {
        kind: 'closed', gender: contact.gender, depthMm, boreMm: barrel.boreMm, outerMm, holeAtMm,
        lengthMm: contact.overallMm ?? depthMm * 3.4, matingMm: contact.matingMm ?? outerMm * 0.6,
        toScale: contact.barrel !== undefined && contact.overallMm !== undefined && contact.matingMm !== undefined,
      }
    }
    case 'open-barrel':
    case 'open-barrel-sealed': {
      const barrel = contact.barrel ?? { conductorBarrelMm: boreMm * 2.2, transitionMm: boreMm * 0.6, insulationBarrelMm: boreMm * 1.9, reachMm: 1 }
      const { conductorBarrelMm, transitionMm, insulationBarrelMm, reachMm } = barrel
      return {
        kind: 'open', conductorBarrelMm, transitionMm, insulationBarrelMm, reachMm,
        lengthMm: contact.overallMm ?? (conductorBarrelMm + transitionMm + insulationBarrelMm) * 2.8, matingMm: contact.matingMm ?? boreMm * 1.6,
        toScale: contact.barrel !== undefined && contact.overallMm !== undefined && contact.matingMm !== undefined,
      }
    }
    case 'sleeve': {
      const barrel = contact.barrel ?? { depthMm: boreMm * 2.6, boreMm, outerMm: boreMm * 1.5 }
      return {
        kind: 'sleeve', shape: contact.shape, insulated: contact.insulated, depthMm: barrel.depthMm, boreMm: barrel.boreMm, outerMm: barrel.outerMm,
        lengthMm: contact.overallMm ?? barrel.depthMm * 2, matingMm: contact.studMm ?? barrel.outerMm, toScale: contact.barrel !== undefined && contact.overallMm !== undefined,
      }
    }
  }
}

/** Lays the piece out along its axis, good or with its defect. */
export function specimenLayout(piece: SpecimenPiece): SpecimenLayout {
  const { contact, stripMm, defect } = piece
  const shift = (defect && shifts[defect]) ?? { edge: 0, tip: 0 }
  const body = specimenBody(contact)
  const { lengthMm } = body
  if (body.kind === 'open') {
    const { conductorBarrelMm, transitionMm, insulationBarrelMm } = body
    const mouthMm = lengthMm - insulationBarrelMm - transitionMm
    const bottomMm = mouthMm - conductorBarrelMm
    const insulationFromMm = mouthMm + transitionMm / 2 + shift.edge
    const conductorFromMm = insulationFromMm - shift.edge - stripMm + shift.tip
    return { lengthMm, mouthMm, bottomMm, conductorFromMm, insulationFromMm, wireToMm: lengthMm + (piece.seal ? piece.seal.lengthMm : 0) + 4, gapMm: insulationFromMm - mouthMm, brushMm: bottomMm - conductorFromMm }
  }
  const mouthMm = lengthMm
  const bottomMm = lengthMm - body.depthMm
  // a closed barrel is bottomed; through a sleeve the conductor comes out, with the insulation against its mouth
  const insulationFromMm = (body.kind === 'closed' ? bottomMm + stripMm : mouthMm + 0.2) + shift.edge
  const conductorFromMm = (body.kind === 'closed' ? bottomMm : mouthMm + 0.2 - stripMm) + shift.tip
  return { lengthMm, mouthMm, bottomMm, conductorFromMm, insulationFromMm, wireToMm: insulationFromMm + 5, gapMm: insulationFromMm - mouthMm, brushMm: Math.max(0, bottomMm - conductorFromMm) }
}

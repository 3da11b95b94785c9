import type { Construction, Contact, ContactGender, SleeveContact } from '../../parts/catalogue/types'

/** The dimensions of a contact that a specimen is made and drawn with, mm, whatever its sheet left out. */
export type SpecimenBody = {
  readonly lengthMm: number
  readonly matingMm: number
  /** false: some of it is not on the sheet, and the proportions of such contacts stand in: good for a drawing, not for a verdict */
  readonly toScale: boolean
} & (
  | {
      readonly kind: 'closed'
      readonly gender: ContactGender
      readonly depthMm: number
      readonly cupDepthMm: number
      readonly boreMm: number
      readonly outerMm: number
      readonly holeAtMm: number
    }
  | {
      readonly kind: 'open'
      readonly conductorBarrelMm: number
      readonly transitionMm: number
      readonly insulationBarrelMm: number
      readonly reachMm: number
    }
  | {
      readonly kind: 'sleeve'
      readonly shape: SleeveContact['shape']
      readonly depthMm: number
      readonly boreMm: number
      readonly outerMm: number
      readonly insulated: boolean
    }
)

type BodyOf<C extends Construction> = (contact: Extract<Contact, { construction: C }>, boreMm: number) => SpecimenBody

const openBody = (
  contact: Extract<Contact, { construction: 'open-barrel' | 'open-barrel-sealed' }>,
  boreMm: number,
): SpecimenBody => {
  const barrel = contact.barrel ?? {
    conductorBarrelMm: boreMm * 2.2,
    transitionMm: boreMm * 0.6,
    insulationBarrelMm: boreMm * 1.9,
    reachMm: 1,
  }
  const { conductorBarrelMm, transitionMm, insulationBarrelMm, reachMm } = barrel
  return {
    kind: 'open',
    conductorBarrelMm,
    transitionMm,
    insulationBarrelMm,
    reachMm,
    lengthMm: contact.overallMm ?? (conductorBarrelMm + transitionMm + insulationBarrelMm) * 2.8,
    matingMm: contact.matingMm ?? boreMm * 1.6,
    toScale: contact.barrel !== undefined && contact.overallMm !== undefined && contact.matingMm !== undefined,
  }
}

/** The body of each construction: its sheet's figures, and where there is none the proportions of such contacts. */
const bodies: { readonly [C in Construction]: BodyOf<C> } = {
  'closed-barrel': (contact, boreMm) => {
    const barrel = contact.barrel ?? {
      depthMm: boreMm * 2.8,
      cupDepthMm: 0,
      boreMm,
      outerMm: boreMm * 1.5,
      holeAtMm: boreMm * 2.4,
    }
    const { depthMm, outerMm, holeAtMm } = barrel
    return {
      kind: 'closed',
      gender: contact.gender,
      depthMm,
      cupDepthMm: barrel.cupDepthMm,
      boreMm: barrel.boreMm,
      outerMm,
      holeAtMm,
      lengthMm: contact.overallMm ?? depthMm * 3.4,
      matingMm: contact.matingMm ?? outerMm * 0.6,
      toScale: contact.barrel !== undefined && contact.overallMm !== undefined && contact.matingMm !== undefined,
    }
  },
  'open-barrel': openBody,
  'open-barrel-sealed': openBody,
  sleeve: (contact, boreMm) => {
    const barrel = contact.barrel ?? { depthMm: boreMm * 2.6, boreMm, outerMm: boreMm * 1.5 }
    return {
      kind: 'sleeve',
      shape: contact.shape,
      insulated: contact.insulated,
      depthMm: barrel.depthMm,
      boreMm: barrel.boreMm,
      outerMm: barrel.outerMm,
      lengthMm: contact.overallMm ?? barrel.depthMm * 2,
      matingMm: contact.studMm ?? barrel.outerMm,
      toScale: contact.barrel !== undefined && contact.overallMm !== undefined,
    }
  },
}

/** The body of a contact, drawn and made. */
export function specimenBody(contact: Contact): SpecimenBody {
  const boreMm = Math.sqrt((4 * contact.conductor.maxMm2) / Math.PI) * 1.2
  // each construction meets its own body
  return (bodies[contact.construction] as BodyOf<Construction>)(contact, boreMm)
}

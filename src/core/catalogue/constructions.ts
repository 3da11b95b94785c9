import type { LookCode } from '../crimp/looks'
import type { Range, StripShape } from '../strip/stripWindow'
import type { Construction, Contact } from './types'
import type { ToolClass } from './toolClasses'

/**
 * How a contact is made. Everything that the bench does differently for a construction stands here:
 * the strip, the looks of its inspection, the tool classes that may close it. A new construction is a new row.
 */
export interface ConstructionKind {
  readonly id: Construction
  /** the strip that its own dimensions ask for; gap and brush come from the house rules */
  readonly stripShape: (contact: Contact, rules: { readonly gap: Range; readonly brush: Range }) => StripShape | undefined
  /** at most five grouped looks, in the order in which a hand turns the piece */
  readonly looks: readonly LookCode[]
  /** tool classes that may close it, best first; any other destroys it */
  readonly toolClasses: readonly ToolClass[]
  /** what is threaded on the wire before the strip */
  readonly sealIsCrimped: boolean
  /** is a height part of its inspection? */
  readonly hasHeight: boolean
}

const closedBarrel = {
  id: 'closed-barrel',
  stripShape: (contact, { gap }) =>
    contact.construction === 'closed-barrel'
      ? { construction: 'closed-barrel', barrelDepthMm: contact.barrel.depthMm, cupDepthMm: contact.barrel.cupDepthMm, gap }
      : undefined,
  looks: ['bottomed-hard', 'strands-in-hole', 'gap-and-strands', 'indents-even', 'straight-round'],
  toolClasses: ['four-indent-positioned', 'four-indent-plain'],
  sealIsCrimped: false,
  hasHeight: false,
} as const satisfies ConstructionKind

const openShape: ConstructionKind['stripShape'] = (contact, { brush }) =>
  contact.construction === 'closed-barrel'
    ? undefined
    : {
        construction: 'open-barrel',
        conductorBarrelMm: contact.barrel.conductorBarrelMm,
        transitionMm: contact.barrel.transitionMm,
        brush,
        reachMm: contact.barrel.reachMm,
      }

const openBarrel = {
  id: 'open-barrel',
  stripShape: openShape,
  looks: ['wings-closed', 'brush-shows', 'insulation-edge', 'insulation-held', 'contact-straight'],
  toolClasses: ['parallel-die', 'nest-ratchet', 'notch-pliers', 'plain-pliers'],
  sealIsCrimped: false,
  hasHeight: true,
} as const satisfies ConstructionKind

const openBarrelSealed = {
  id: 'open-barrel-sealed',
  stripShape: openShape,
  looks: ['wings-closed', 'brush-shows', 'insulation-edge', 'seal-in-wings', 'contact-straight'],
  toolClasses: ['parallel-die', 'nest-ratchet'],
  sealIsCrimped: true,
  hasHeight: true,
} as const satisfies ConstructionKind

export const constructions = {
  'closed-barrel': closedBarrel,
  'open-barrel': openBarrel,
  'open-barrel-sealed': openBarrelSealed,
} as const satisfies Record<Construction, ConstructionKind>

export const constructionOf = (contact: Contact): ConstructionKind => constructions[contact.construction]

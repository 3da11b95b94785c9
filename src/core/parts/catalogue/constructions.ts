import type { Construction, Contact } from './types'
import { terminalShapes } from './terminalShapes'
import type { ToolClass } from './toolClasses'
import type { Range } from '../../base/range'
import type { StripShape } from './stripShape'
import type { LookCode } from './lookCodes'

/**
 * How a contact is made. Everything that the bench does differently for a construction stands here:
 * the strip, the looks of its inspection, the tool classes that may close it. A new construction is a new row.
 */
export interface ConstructionKind {
  readonly id: Construction
  /** the strip that its own dimensions ask for; gap and brush come from the house rules. Undefined when its sheet has no dimensions */
  readonly stripShape: (
    contact: Contact,
    rules: { readonly gap: Range; readonly brush: Range },
  ) => StripShape | undefined
  /** at most five grouped looks, in the order in which a hand turns the piece */
  readonly looks: (contact: Contact) => readonly LookCode[]
  /** tool classes that may close it, best first; any other destroys it */
  readonly toolClasses: (contact: Contact) => readonly ToolClass[]
  /** what is threaded on the wire before the strip */
  readonly sealIsCrimped: boolean
  /** is a height part of its inspection? */
  readonly hasHeight: boolean
}

const always =
  <T>(value: T) =>
  () =>
    value

const closedBarrel: ConstructionKind = {
  id: 'closed-barrel',
  stripShape: (contact, { gap }) =>
    contact.construction === 'closed-barrel' && contact.barrel
      ? {
          construction: 'closed-barrel',
          barrelDepthMm: contact.barrel.depthMm,
          cupDepthMm: contact.barrel.cupDepthMm,
          gap,
        }
      : undefined,
  looks: always(['bottomed-hard', 'strands-in-hole', 'gap-and-strands', 'indents-even', 'straight-round']),
  toolClasses: always(['four-indent-positioned', 'four-indent-plain']),
  sealIsCrimped: false,
  hasHeight: false,
}

const openShape: ConstructionKind['stripShape'] = (contact, { brush }) =>
  (contact.construction === 'open-barrel' || contact.construction === 'open-barrel-sealed') && contact.barrel
    ? {
        construction: 'open-barrel',
        conductorBarrelMm: contact.barrel.conductorBarrelMm,
        transitionMm: contact.barrel.transitionMm,
        brush,
        reachMm: contact.barrel.reachMm,
      }
    : undefined

const openBarrel: ConstructionKind = {
  id: 'open-barrel',
  stripShape: openShape,
  looks: always(['wings-closed', 'brush-shows', 'insulation-edge', 'insulation-held', 'contact-straight']),
  toolClasses: always(['parallel-die', 'nest-ratchet', 'notch-pliers', 'plain-pliers']),
  sealIsCrimped: false,
  hasHeight: true,
}

const openBarrelSealed: ConstructionKind = {
  id: 'open-barrel-sealed',
  stripShape: openShape,
  looks: always(['wings-closed', 'brush-shows', 'insulation-edge', 'seal-in-wings', 'contact-straight']),
  toolClasses: always(['parallel-die', 'nest-ratchet']),
  sealIsCrimped: true,
  hasHeight: true,
}

const sleeve: ConstructionKind = {
  id: 'sleeve',
  stripShape: (contact) =>
    contact.construction === 'sleeve' && contact.barrel
      ? { construction: 'sleeve', barrelMm: contact.barrel.depthMm, past: terminalShapes[contact.shape].past }
      : undefined,
  looks: (contact) => (contact.construction === 'sleeve' ? terminalShapes[contact.shape].looks : []),
  toolClasses: (contact) =>
    contact.construction === 'sleeve' ? terminalShapes[contact.shape].toolClasses(contact.insulated) : [],
  sealIsCrimped: false,
  hasHeight: false,
}

export const constructions: Readonly<Record<Construction, ConstructionKind>> = {
  'closed-barrel': closedBarrel,
  'open-barrel': openBarrel,
  'open-barrel-sealed': openBarrelSealed,
  sleeve,
}

export const constructionOf = (contact: Contact): ConstructionKind => constructions[contact.construction]

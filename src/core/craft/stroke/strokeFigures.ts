import type { Range } from '../../base/range'
import { isSleeve, type Contact } from '../../parts/catalogue/types'
import { terminalShapes } from '../../parts/catalogue/terminalShapes'
import { constructionOf } from '../../parts/catalogue/constructions'
import type { HouseRules } from '../../parts/rules/houseRules'
import { tabMmOf } from './strokeRoutine'
import type { Setup } from '../setup/setup'

/** Figures and facts that the words of a stroke name, mm. */
export interface StrokeFigures {
  readonly nest?: string
  readonly wireStopMm?: number
  /** conductor that shows past the wings or the barrel */
  readonly brush?: Range
  /** something springs out of it that a jaw would press flat */
  readonly springs: boolean
  readonly seam: 'none' | 'indent-away' | 'indent-on'
  /** so much of a carrier strip's tab may stay on it */
  readonly tabMm?: number
  /** what is printed on its sleeve */
  readonly sleeveMark?: string
  /** a collar takes the insulation */
  readonly collared: boolean
}

/**
 * What the hands must know of a stroke, from the contact, its setup and the house rules.
 * @param stopMm what the wire stop was set to at this bench, where that is not what the card says
 */
export function strokeFigures(contact: Contact, setup: Setup, rules: HouseRules, stopMm?: number): StrokeFigures {
  const wireStopMm = stopMm ?? setup.wireStopMm
  const tabMm = tabMmOf(contact)
  const wings = constructionOf(contact).wings(contact)
  const reachMm = contact.barrel && 'reachMm' in contact.barrel ? contact.barrel.reachMm : Infinity
  const brush = wings
    ? { minMm: rules.brush.minMm, maxMm: Math.min(rules.brush.maxMm, reachMm) }
    : isSleeve(contact)
      ? terminalShapes[contact.shape].past
      : undefined
  return {
    ...(setup.nest !== undefined && { nest: setup.nest }),
    ...(wireStopMm !== undefined && { wireStopMm }),
    ...(brush && brush.maxMm > 0 && { brush }),
    springs: !isSleeve(contact) && (contact.spring ?? 'none') !== 'none',
    seam: isSleeve(contact) ? (contact.barrel?.seam ?? 'none') : 'none',
    ...(tabMm !== undefined && { tabMm }),
    ...(isSleeve(contact) && contact.sleeveMark !== undefined && { sleeveMark: contact.sleeveMark }),
    collared: isSleeve(contact) && contact.insulated,
  }
}

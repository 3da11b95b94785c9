import {
  type CavityContact,
  type Contact,
  type ContactSize,
  type FamilyFacts,
  type Seal,
  isSleeve,
} from '../../parts/catalogue/types'
import { allowedCurrentA } from './current'
import { AREA_TOLERANCE_MM2, type FitConditions, type FitQuery, type FitReason, type Unchecked } from './fitTypes'
import { constructionOf } from '../../parts/catalogue/constructions'

/** The checks of a candidate, one by one. Each gives the reason that puts it out, or nothing. */

/** Conductor in the barrel, of one wire or of two that share the contact. */
export const totalAreaMm2 = ({ wire, also }: FitConditions): number => wire.areaMm2 + (also?.areaMm2 ?? 0)

/** Two figures are summed in binary: 1.3 and 0.75 are not quite 2.05. What areas are allowed, diameters are too. */
const SUM_TOLERANCE_MM = AREA_TOLERANCE_MM2

/** Nor are 0.1 A and 0.2 A quite 0.3 A. */
const SUM_TOLERANCE_A = 1e-6

/** Two insulations side by side are as wide as both. */
export const widestInsulationMm = ({ wire, also }: FitConditions): number =>
  wire.insulationMm + (also?.insulationMm ?? 0)

/** Folding the bare end back on itself doubles the conductor: never the first choice, only where the rules let it, and never for two wires. */
export function foldsBack(contact: Contact, conditions: FitConditions): boolean {
  const { wire, also, rules } = conditions
  const { minMm2, maxMm2 } = contact.conductor
  return (
    rules.foldBack !== 'forbidden' &&
    !also &&
    wire.areaMm2 < minMm2 - AREA_TOLERANCE_MM2 &&
    2 * wire.areaMm2 >= minMm2 - AREA_TOLERANCE_MM2 &&
    2 * wire.areaMm2 <= maxMm2 + AREA_TOLERANCE_MM2
  )
}

/** Conductor and insulation support: what the contact itself says, wherever it goes. */
export function wireReason(contact: Contact, conditions: FitConditions): FitReason | undefined {
  const areaMm2 = totalAreaMm2(conditions)
  if (areaMm2 < contact.conductor.minMm2 - AREA_TOLERANCE_MM2 && !foldsBack(contact, conditions))
    return { kind: 'conductor-small', areaMm2, minMm2: contact.conductor.minMm2 }
  if (areaMm2 > contact.conductor.maxMm2 + AREA_TOLERANCE_MM2)
    return { kind: 'conductor-large', areaMm2, maxMm2: contact.conductor.maxMm2 }
  if (conditions.also && !contact.twoWires) return { kind: 'two-wires', why: 'sheet' }
  const insulationMm = widestInsulationMm(conditions)
  const held = contact.insulation
  if (held && (insulationMm < held.minMm - SUM_TOLERANCE_MM || insulationMm > held.maxMm + SUM_TOLERANCE_MM))
    return { kind: 'insulation-support', insulationMm, ...held }
  const cup = constructionOf(contact).cupBoreMm(contact)
  if (cup !== undefined && insulationMm > cup + SUM_TOLERANCE_MM)
    return { kind: 'insulation-support', insulationMm, minMm: 0, maxMm: cup }
  return undefined
}

/** Does it go into that cavity, with that wire? Before any seal is looked at. */
export function contactReason(contact: CavityContact, query: FitQuery, family: FamilyFacts): FitReason | undefined {
  const { housing, cavity, also } = query
  if (contact.size !== cavity.size) return { kind: 'cavity', size: contact.size, cavitySize: cavity.size }
  const half = family.halves[housing.role]
  const needs = half === 'either' ? query.gender : half
  if (needs !== undefined && contact.gender !== needs) return { kind: 'gender', gender: contact.gender, needs }
  const reason = wireReason(contact, query)
  if (reason && reason.kind !== 'insulation-support') return reason
  // a seal closes round one insulation only
  if (also && family.sealing !== 'none') return { kind: 'two-wires', why: 'sealed' }
  return reason
}

export function sealReason(
  seal: Seal | undefined,
  conditions: FitConditions,
  size: ContactSize,
): FitReason | undefined {
  const window = seal?.insulation ?? size.matWindow
  if (!window) return undefined
  const { insulationMm } = conditions.wire
  const by = seal ? 'seal' : 'mat'
  if (insulationMm < window.minMm) return { kind: 'seal-leaks', insulationMm, minMm: window.minMm, by }
  if (insulationMm > window.maxMm) return { kind: 'seal-tears', insulationMm, maxMm: window.maxMm, by }
  return undefined
}

/** A seal is drawn into a bore a little smaller than itself: more than this apart and it is the seal of another cavity. */
const SEAL_BORE_TOLERANCE_MM = 0.3

export function boreReason(
  contact: CavityContact,
  seal: Seal | undefined,
  conditions: FitConditions,
  size: ContactSize,
): FitReason | undefined {
  const { boreMm } = size
  if (boreMm === undefined) return undefined
  if (contact.crimpedMm !== undefined && contact.crimpedMm > boreMm)
    return { kind: 'bore', what: 'contact', diameterMm: contact.crimpedMm, boreMm }
  const insulationMm = widestInsulationMm(conditions)
  if (insulationMm > boreMm + SUM_TOLERANCE_MM)
    return { kind: 'bore', what: 'insulation', diameterMm: insulationMm, boreMm }
  if (seal && Math.abs(seal.boreMm - boreMm) > SEAL_BORE_TOLERANCE_MM)
    return { kind: 'bore', what: 'seal', diameterMm: seal.boreMm, boreMm }
  return undefined
}

/** Load of all wires in the contact. */
const loadA = ({ wire, also }: FitConditions): number | undefined =>
  wire.currentA === undefined && also?.currentA === undefined ? undefined : (wire.currentA ?? 0) + (also?.currentA ?? 0)

export function currentReason(contact: Contact, conditions: FitConditions): FitReason | undefined {
  const currentA = loadA(conditions)
  const allowedA = allowedCurrentA(contact, conditions.ambientC)
  if (currentA === undefined || allowedA === undefined) return undefined
  return currentA > allowedA + SUM_TOLERANCE_A
    ? { kind: 'current', currentA, allowedA, ambientC: conditions.ambientC }
    : undefined
}

/** Gold against tin frets and corrodes; other pairs are left to the sheet. */
export function platingReason(contact: Contact, { matePlating }: FitQuery): FitReason | undefined {
  const goldOnTin =
    matePlating &&
    ((matePlating === 'gold' && contact.plating === 'tin') || (matePlating === 'tin' && contact.plating === 'gold'))
  return goldOnTin ? { kind: 'plating', plating: contact.plating, matePlating } : undefined
}

/** What must pass the bore of a cavity, or of a clamp. */
const crossMm = (contact: Contact) => (isSleeve(contact) ? contact.barrel?.outerMm : contact.crimpedMm)

/** What could not be checked for want of a figure: it is said, never guessed. */
export function uncheckedOf(contact: Contact, conditions: FitConditions, size?: ContactSize): readonly Unchecked[] {
  const unchecked: Unchecked[] = []
  if (loadA(conditions) !== undefined) {
    if (contact.ratedA === undefined) unchecked.push('current')
    else if (contact.maxC === undefined) unchecked.push('derating')
  }
  if (size?.fixing?.studMm !== undefined) {
    if (isSleeve(contact) && contact.studMm === undefined) unchecked.push('stud')
  } else if (size && (size.boreMm === undefined || crossMm(contact) === undefined)) unchecked.push('bore')
  if (constructionOf(contact).gripsInsulation && !contact.insulation) unchecked.push('insulation-support')
  return unchecked
}

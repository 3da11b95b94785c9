import { type Contact, type ContactSize, type SleeveContact, isSleeve } from '../../parts/catalogue/types'
import { AREA_TOLERANCE_MM2, type FitConditions, type FitReason } from './fitTypes'
import { totalAreaMm2 } from './checks'

/** A hole this much over its stud still has its tongue under the washer all round: a default of ours, a sheet names the stud. */
const LOOSE_SHARE = 1.12
const TOLERANCE_MM = 1e-6

type Fixing = NonNullable<ContactSize['fixing']>

/** Does a terminal go round that stud, or into that clamp? The wire in it is not asked about. */
export function seatReason(terminal: SleeveContact, size: ContactSize, fixing: Fixing): FitReason | undefined {
  if (!fixing.takes.includes(terminal.shape)) return { kind: 'shape', shape: terminal.shape, takes: fixing.takes }
  const { studMm } = fixing
  const holeMm = terminal.studMm
  if (studMm !== undefined && holeMm !== undefined) {
    if (holeMm < studMm - TOLERANCE_MM || holeMm > studMm * LOOSE_SHARE + TOLERANCE_MM)
      return { kind: 'stud', holeMm, studMm }
    return undefined
  }
  const outerMm = terminal.barrel?.outerMm
  return size.boreMm !== undefined && outerMm !== undefined && outerMm > size.boreMm + TOLERANCE_MM
    ? { kind: 'bore', what: 'contact', diameterMm: outerMm, boreMm: size.boreMm }
    : undefined
}

/** Does a contact go into a place of that size: of its family and size, or a terminal that the place fixes? */
export const goesInto = (contact: Contact, family: string, size: ContactSize): boolean =>
  isSleeve(contact)
    ? size.fixing !== undefined && seatReason(contact, size, size.fixing) === undefined
    : contact.family === family && contact.size === size.id

/** The same with its wire: a clamp holds conductors of a range alone. */
export function fixingReason(
  terminal: SleeveContact,
  size: ContactSize,
  fixing: Fixing,
  conditions: FitConditions,
): FitReason | undefined {
  const held = fixing.conductor
  const areaMm2 = totalAreaMm2(conditions)
  if (held && (areaMm2 < held.minMm2 - AREA_TOLERANCE_MM2 || areaMm2 > held.maxMm2 + AREA_TOLERANCE_MM2))
    return { kind: 'clamp', areaMm2, ...held }
  return seatReason(terminal, size, fixing)
}

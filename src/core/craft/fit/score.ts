import type { Contact, Plating, Seal } from '../../parts/catalogue/types'
import { foldsBack, totalAreaMm2 } from './checks'
import type { FitConditions } from './fitTypes'

/** 1 in the middle of a range, 0 at its ends. */
const central = (value: number, min: number, max: number) =>
  max > min ? 1 - Math.abs((2 * value - min - max) / (max - min)) : 1

/**
 * How good a set is, 0 to 1. A calibrated frame with the sheet's own setting weighs most, then how far conductor and
 * insulation are from their limits; folding back comes behind every other contact.
 * @param notes how many things are to be known of its best setup, fold-back and a second wire included
 */
export function score(contact: Contact, seal: Seal | undefined, conditions: FitConditions, notes: number): number {
  const { wire } = conditions
  const folded = foldsBack(contact, conditions)
  const tool = Math.max(0, 1 - 0.4 * notes)
  const conductor = folded
    ? 0
    : central(
        Math.log(totalAreaMm2(conditions)),
        Math.log(contact.conductor.minMm2 || 1e-3),
        Math.log(contact.conductor.maxMm2),
      )
  const sealing = seal ? central(wire.insulationMm, seal.insulation.minMm, seal.insulation.maxMm) : 1
  const whole = 0.6 * tool + 0.2 * conductor + 0.2 * sealing - 0.05 * platingDoubt(contact.plating, wire.currentA)
  return Math.round(Math.max(0, folded ? whole / 4 : whole) * 1e6) / 1e6
}

/** Below this a contact's film is not broken through by the load: gold is for such signals. */
export const LOW_LEVEL_A = 0.05

/** 1 where the plating is not what one would take for this load: gold for power, or base metal for a low-level signal. */
export const platingDoubt = (plating: Plating, currentA: number | undefined): number =>
  Number((plating === 'gold') !== (currentA !== undefined && currentA <= LOW_LEVEL_A))

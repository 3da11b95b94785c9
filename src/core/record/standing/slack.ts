import type { Contact } from '../../parts/catalogue/types'
import { rulesOf } from '../rules/rulesOf'
import { type JobState, termState } from '../state/state'
import type { SideLetter, Wire } from '../plan/plan'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setKey, termKey, wireKey } from '../plan/keys'
import { constructionOf } from '../../parts/catalogue/constructions'

/** Behind the old crimp a cutter needs this much. */
const CUT_MM = 2

/**
 * Wire that one more try at an end costs: the old strip, what the insulation's support held, and room for the cutter.
 * @param contact undefined when its sheet is not known here: the strip alone counts
 */
export function tryMm(contact: Contact | undefined, set: ChosenSet): number {
  const legs = set.foldBack ? 2 : 1
  const held = (contact && constructionOf(contact).wings(contact)?.insulationBarrelMm) ?? 0
  return Math.ceil(set.strip.nominalMm / legs + held + CUT_MM)
}

const tryAt = (state: JobState, wire: Wire, side: SideLetter): number | undefined => {
  const set = state.sets.get(setKey(wire.id, side))
  return set && tryMm(state.facts.contacts[set.contact], set)
}

/** The length to cut: what the harness needs, and the tries that the house rules want at each end. */
export function cutLengthMm(state: JobState, wire: Wire): number {
  const { redoTries } = rulesOf(state)
  return wire.lengthMm + redoTries * ((tryAt(state, wire, 'a') ?? 0) + (tryAt(state, wire, 'b') ?? 0))
}

/** What is left of a wire for second tries. Both ends draw on one wire. */
export interface Slack {
  readonly cutMm: number
  readonly neededMm: number
  readonly usedHereMm: number
  readonly usedThereMm: number
  readonly leftMm: number
  /** what a try costs at this end */
  readonly tryMm: number
  readonly triesLeft: number
}

/**
 * The slack ledger of one end of one wire.
 * @returns undefined while Kit has chosen nothing for the end
 */
export function slackOf(state: JobState, unit: number, wire: Wire, side: SideLetter): Slack | undefined {
  const cost = tryAt(state, wire, side)
  if (cost === undefined) return undefined
  const cutMm = state.cuts.get(wireKey(unit, wire.id))?.lengthMm ?? cutLengthMm(state, wire)
  const usedHereMm = termState(state, termKey(unit, wire.id, side)).usedMm
  const usedThereMm = termState(state, termKey(unit, wire.id, side === 'a' ? 'b' : 'a')).usedMm
  const leftMm = Math.max(0, cutMm - wire.lengthMm - usedHereMm - usedThereMm)
  return {
    cutMm,
    neededMm: wire.lengthMm,
    usedHereMm,
    usedThereMm,
    leftMm,
    tryMm: cost,
    triesLeft: Math.floor((leftMm + 1e-9) / cost),
  }
}

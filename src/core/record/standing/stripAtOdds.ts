import type { ChosenSet } from '../../craft/setup/chosenSet'
import { houseStrip, stripsAtOdds } from '../../craft/strip/houseStrip'
import type { StripWindow } from '../../craft/strip/stripWindow'
import { insulationMmOf } from '../plan/facts'
import type { Wire } from '../plan/plan'
import { rulesOf } from '../rules/rulesOf'
import type { JobState } from '../state/state'

/** What the house rules would ask for, where a set's strip is the sheet's own and allows more; undefined where they agree. */
export function stripAtOdds(
  state: Pick<JobState, 'plan' | 'facts'>,
  wire: Pick<Wire, 'type' | 'insulationMm'>,
  set: ChosenSet,
): StripWindow | undefined {
  const contact = state.facts.contacts[set.contact]
  const insulationMm = insulationMmOf(state.facts, wire)
  if (!contact || insulationMm === undefined || set.stripFrom !== 'sheet' || set.foldBack) return undefined
  const house = houseStrip(contact, insulationMm, rulesOf(state))
  return house && stripsAtOdds(set.strip, house) ? house : undefined
}

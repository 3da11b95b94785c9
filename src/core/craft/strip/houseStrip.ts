import { constructionOf } from '../../parts/catalogue/constructions'
import type { Contact } from '../../parts/catalogue/types'
import { gapRange, type HouseRules } from '../../parts/rules/houseRules'
import type { Range } from '../../base/range'
import { atStep, STEP } from '../../base/units/atStep'
import { type StripWindow, stripWindow } from './stripWindow'

/** The strip that a contact's own dimensions and the house rules ask for; none where the sheet gives no dimensions, or the rules leave no room. */
export function houseStrip(contact: Contact, insulationMm: number, rules: HouseRules): StripWindow | undefined {
  const shape = constructionOf(contact).stripShape(contact, { gap: gapRange(rules, insulationMm), brush: rules.brush })
  const window = shape && stripWindow(shape)
  return window?.ok ? window.value : undefined
}

/** Does a sheet's own strip allow what the house rules' does not, at the step of strips? */
export function stripsAtOdds(sheet: Range, house: Range): boolean {
  const [one, other] = [atStep(sheet, STEP.stripMm), atStep(house, STEP.stripMm)]
  return one.minMm < other.minMm || one.maxMm > other.maxMm
}

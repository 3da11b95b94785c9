import { constructionOf } from '../../parts/catalogue/constructions'
import { toolClasses } from '../../parts/catalogue/toolClasses'
import type { Contact, Tool } from '../../parts/catalogue/types'
import type { Range } from '../../base/range'
import { heightTarget } from '../crimp/heightTarget'
import { toolDue } from '../setup/setup'
import { houseStrip, stripsAtOdds } from '../strip/houseStrip'
import type { StripWindow } from '../strip/stripWindow'
import { foldsBack, totalAreaMm2 } from './checks'
import type { FitConditions, FitNote, FitReason, FitSetup, FitWire } from './fitTypes'
import type { SetupCandidate } from './setups'
import type { WireNotch } from './wireNotch'

/** What holds for a setup whether a card names it or not: what the rules say of it, its strip, its height, what is to be known. */

/** Why the house rules do not let a tool be used here. */
export function refusedByRule(
  tool: Tool,
  estimate: boolean,
  { rules, today }: FitConditions,
): SetupCandidate['refused'] {
  const refuse = (rule: Extract<FitReason, { kind: 'rule' }>['rule']) =>
    ({ kind: 'rule', rule, tool: tool.id }) as const
  if (rules.forbiddenToolClasses.includes(tool.class)) return refuse('tool-class')
  if (!toolClasses[tool.class].calibrated && rules.uncalibratedTools === 'forbidden') return refuse('uncalibrated-tool')
  if (estimate && rules.estimates === 'forbidden') return refuse('estimate')
  if (rules.overdueTools === 'block' && toolDue(tool, today).kind === 'overdue') return refuse('tool-overdue')
  return undefined
}

/** What is to be known of a setup that is no reason to refuse it. */
export function notesOf(
  contact: Contact,
  tool: Tool,
  estimate: boolean,
  conditions: FitConditions,
  notch: WireNotch,
): readonly FitNote[] {
  const due = toolDue(tool, conditions.today)
  return [
    ...(toolClasses[tool.class].calibrated ? [] : [{ kind: 'uncalibrated-tool' as const, tool: tool.id }]),
    ...(due.kind === 'overdue' ? [{ kind: 'tool-overdue' as const, tool: tool.id, dueOn: due.dueOn }] : []),
    ...(estimate ? [{ kind: 'setting-estimated' as const }] : []),
    ...(notch.notchMm === undefined ? [{ kind: 'no-notch' as const, bundleMm: notch.bundleMm }] : []),
    ...(foldsBack(contact, conditions) ? [{ kind: 'fold-back' as const, areaMm2: 2 * conditions.wire.areaMm2 }] : []),
    ...(conditions.also ? [{ kind: 'two-wires' as const, areaMm2: totalAreaMm2(conditions) }] : []),
  ]
}

interface FoundStrip {
  readonly window: StripWindow
  readonly from: FitSetup['stripFrom']
  /** the sheet's own allows what the house rules do not */
  readonly atOdds?: { readonly sheet: Range; readonly house: Range }
}

/** The sheet's own strip length, or the window from the contact's dimensions; folded back, the bare end is twice as long. */
export function stripOf(contact: Contact, sheet: Range | undefined, conditions: FitConditions): FoundStrip | undefined {
  const { rules, wire } = conditions
  const house = houseStrip(contact, wire.insulationMm, rules)
  const limits = house?.limits ?? constructionOf(contact).stripLimits
  const atOdds = sheet && house && stripsAtOdds(sheet, house) ? { sheet, house } : undefined
  const counts = atOdds && rules.stripCounts === 'house-rules' ? house : (sheet ?? house)
  if (!counts) return undefined
  const legs = foldsBack(contact, conditions) ? 2 : 1
  const [minMm, maxMm] = [counts.minMm * legs, counts.maxMm * legs]
  return {
    window: { minMm, maxMm, nominalMm: (minMm + maxMm) / 2, limits },
    from: counts === sheet ? 'sheet' : 'dimensions',
    ...(atOdds && { atOdds }),
  }
}

/** The card's own height, or the one that wire and barrel ask for; none where the construction has no height or the sheet no barrel. */
export function heightOf(
  contact: Contact,
  sheet: { readonly minMm: number; readonly maxMm: number } | undefined,
  conditions: FitConditions,
): FitSetup['height'] {
  if (!constructionOf(contact).hasHeight) return undefined
  if (sheet) return { ...sheet, estimate: false }
  const wings = constructionOf(contact).wings(contact)
  // an estimate judges nothing where the rules allow none: the pull alone releases
  if (!wings || conditions.rules.estimates === 'forbidden') return undefined
  const metal = (wire: FitWire | undefined) => wire?.metalAreaMm2 ?? wire?.areaMm2 ?? 0
  const legs = foldsBack(contact, conditions) ? 2 : 1
  const { minMm, maxMm } = heightTarget({
    wireAreaMm2: metal(conditions.wire) * legs + metal(conditions.also),
    barrelAreaMm2: wings.metalAreaMm2,
    widthMm: wings.crimpWidthMm,
  })
  return { minMm, maxMm, estimate: true }
}

import { contradictingHeight } from '../../parts/catalogue/cardFaults'
import { constructionOf } from '../../parts/catalogue/constructions'
import type { Catalogue, PlacedRow } from '../../parts/catalogue/catalogue'
import { type Contact, type Tool, isInCrib } from '../../parts/catalogue/types'
import { foldsBack, totalAreaMm2 } from './checks'
import { AREA_TOLERANCE_MM2, type FitConditions, type FitReason, type FitSetup, type NoTool } from './fitTypes'
import { handSetups } from './handSetups'
import { heightOf, notesOf, refusedByRule, stripOf } from './setupFigures'
import type { WireNotch } from './wireNotch'

/** A setup that would crimp the contact, and the reason why it may not be used, if there is one. */
export interface SetupCandidate {
  readonly setup?: FitSetup
  readonly refused?: Extract<FitReason, { kind: 'rule' | 'no-tool' }>
  readonly rank: number
}

/**
 * Every setup that the crib has for a contact and this wire: usable ones first, the tool of the contact's own sheet before
 * all others, then by the rank of its class, estimates behind settings from a sheet.
 */
export function setupsFor(
  catalogue: Catalogue,
  contact: Contact,
  conditions: FitConditions,
  notch: WireNotch,
): readonly SetupCandidate[] {
  const mayUse = conditions.mayUse ?? isInCrib
  const areaMm2 = totalAreaMm2(conditions) * (foldsBack(contact, conditions) ? 2 : 1)
  const classes = constructionOf(contact).toolClasses(contact)
  const found: SetupCandidate[] = []
  const notHeld: string[] = []
  const rows = catalogue.rowsByContact.get(contact.id) ?? []
  for (const placed of rows) {
    const { conductor } = placed.row
    if (areaMm2 < conductor.minMm2 - AREA_TOLERANCE_MM2 || areaMm2 > conductor.maxMm2 + AREA_TOLERANCE_MM2) continue
    const { tool } = placed
    const no = (why: NoTool) => found.push({ refused: { kind: 'no-tool', areaMm2, why }, rank: 99 })
    if (!(classes as readonly string[]).includes(tool.class)) no({ kind: 'wrong-class', tool: tool.id })
    else if (!mayUse(tool)) notHeld.push(tool.id)
    else {
      const misfit = dieMisfit(contact, tool, placed.row.die)
      if (misfit) no(misfit)
      else found.push(setupFrom(contact, placed, conditions, notch, classes.indexOf(tool.class)))
    }
  }
  if (notHeld.length > 0)
    found.push({ refused: { kind: 'no-tool', areaMm2, why: { kind: 'not-held', tools: notHeld.sort() } }, rank: 98 })
  // a frame that a card names comes before every tool that rests on the hand
  if (found.every((one) => one.refused)) {
    const byHand = handSetups(catalogue, contact, conditions, notch)
    // that a card's own tool is missing says more than that a rule forbids pliers
    found.push(...(rows.length === 0 ? byHand : byHand.filter((one) => !one.refused)))
  }
  if (found.length < 2) return found
  return found.sort((a, b) => Number(Boolean(a.refused)) - Number(Boolean(b.refused)) || a.rank - b.rank)
}

/** A conductor form may be shorter than the wings, so that a bell mouth stays, but not by more than this share. */
const LEAST_FORM_SHARE = 0.7
/** Forms closer or wider apart than the wings by more than this miss them. */
const SPACING_TOLERANCE_MM = 0.5

/** Dies whose forms miss the wings, or crush what lies before them. A die of unknown size is left to its card. */
function dieMisfit(contact: Contact, tool: Tool, dieId: string | undefined): NoTool | undefined {
  const die = tool.dies?.find((one) => one.id === dieId)
  const wings = constructionOf(contact).wings(contact)
  if (!die || !wings) return undefined
  const { conductorBarrelMm, transitionMm } = wings
  const wide = die.conductorFormMm > conductorBarrelMm || die.conductorFormMm < LEAST_FORM_SHARE * conductorBarrelMm
  if (wide)
    return { kind: 'die-width', tool: tool.id, die: die.id, formMm: die.conductorFormMm, barrelMm: conductorBarrelMm }
  if (Math.abs(die.spacingMm - transitionMm) > SPACING_TOLERANCE_MM)
    return { kind: 'die-spacing', tool: tool.id, die: die.id, spacingMm: die.spacingMm, transitionMm }
  return undefined
}

function setupFrom(
  contact: Contact,
  { row, placard, tool }: PlacedRow,
  conditions: FitConditions,
  notch: WireNotch,
  classRank: number,
): SetupCandidate {
  const areaMm2 = totalAreaMm2(conditions)
  const strip = stripOf(contact, row.strip, conditions)
  if (!strip) return { refused: { kind: 'no-tool', areaMm2, why: { kind: 'no-strip', tool: tool.id } }, rank: 99 }
  const estimate = placard.source.basis === 'estimated'
  const height = heightOf(contact, row.height, conditions)
  const otherHeight = contradictingHeight(placard, row)
  const setup: FitSetup = {
    setup: {
      tool: tool.id,
      ...(row.die !== undefined && { die: row.die }),
      ...(row.positioner !== undefined && { positioner: row.positioner }),
      ...(row.turret !== undefined && { turret: row.turret }),
      ...(row.selector !== undefined && { selector: row.selector }),
      ...(row.nest !== undefined && { nest: row.nest }),
      ...(row.wireStopMm !== undefined && { wireStopMm: row.wireStopMm }),
      ...(notch.notchMm !== undefined && { notchMm: notch.notchMm }),
    },
    ...(notch.notchMark !== undefined && { notchMark: notch.notchMark }),
    strip: strip.window,
    stripFrom: strip.from,
    ...(height && { height }),
    source: [placard.source.document, placard.source.revision && `rev ${placard.source.revision}`, row.source]
      .filter(Boolean)
      .join(', '),
    estimate,
    notes: [
      ...notesOf(contact, tool, estimate, conditions, notch),
      ...(height?.estimate ? [{ kind: 'height-estimated' as const }] : []),
      ...(strip.atOdds
        ? [{ kind: 'strip-contradicts' as const, ...strip.atOdds, counts: conditions.rules.stripCounts }]
        : []),
      ...(otherHeight ? [{ kind: 'card-contradicts' as const, tool: tool.id, ...otherHeight }] : []),
    ],
  }
  const rank = (contact.sheetTool === tool.id ? -10 : classRank) + (estimate ? 0.5 : 0)
  const refused = refusedByRule(tool, estimate, conditions)
  return { setup, rank, ...(refused && { refused }) }
}

import { sortedBy } from '../../base/collections'
import { contradictingHeight } from '../../parts/catalogue/cardFaults'
import { constructionOf } from '../../parts/catalogue/constructions'
import type { Catalogue, PlacedRow } from '../../parts/catalogue/catalogue'
import { toolClasses } from '../../parts/catalogue/toolClasses'
import { type Contact, type Tool, isInCrib } from '../../parts/catalogue/types'
import { heightTarget } from '../crimp/heightTarget'
import { type Setup, toolDue } from '../setup/setup'
import { houseStrip, stripsAtOdds } from '../strip/houseStrip'
import type { Range } from '../../base/range'
import type { StripWindow } from '../strip/stripWindow'
import { stripperNotch } from '../strip/stripperNotch'
import { bunchDiameterMm, bundleDiameterMm } from '../../base/wire/bundle'
import { foldsBack, totalAreaMm2 } from './checks'
import {
  AREA_TOLERANCE_MM2,
  type FitConditions,
  type FitNote,
  type FitReason,
  type FitSetup,
  type FitWire,
  type NoTool,
} from './fitTypes'

/** A setup that would crimp the contact, and the reason why it may not be used, if there is one. */
export interface SetupCandidate {
  readonly setup?: FitSetup
  readonly refused?: Extract<FitReason, { kind: 'rule' | 'no-tool' }>
  readonly rank: number
}

export interface WireNotch {
  readonly bundleMm: number
  readonly notchMm?: number
  /** what is printed beside it on the stripper */
  readonly notchMark?: string | undefined
}

/** The stripper's notch for a wire: the same for every contact that it may get. */
export function notchFor(catalogue: Catalogue, wire: FitWire): WireNotch {
  const bundleMm =
    wire.strands && wire.strandMm
      ? bundleDiameterMm(wire.strands, wire.strandMm)
      : bunchDiameterMm(wire.metalAreaMm2 ?? wire.areaMm2)
  const notch = stripperNotch(bundleMm, wire.insulationMm, catalogue.notchesMm)
  return notch.kind === 'notch'
    ? { bundleMm, notchMm: notch.notchMm, notchMark: catalogue.notchMarks.get(notch.notchMm) }
    : { bundleMm }
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
  if (rows.length === 0) found.push(...estimatedNests(catalogue, contact, conditions, notch))
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

function refusedByRule(tool: Tool, estimate: boolean, { rules, today }: FitConditions): SetupCandidate['refused'] {
  const refuse = (rule: Extract<FitReason, { kind: 'rule' }>['rule']) =>
    ({ kind: 'rule', rule, tool: tool.id }) as const
  if (rules.forbiddenToolClasses.includes(tool.class)) return refuse('tool-class')
  if (!toolClasses[tool.class].calibrated && rules.uncalibratedTools === 'forbidden') return refuse('uncalibrated-tool')
  if (estimate && rules.estimates === 'forbidden') return refuse('estimate')
  if (rules.overdueTools === 'block' && toolDue(tool, today).kind === 'overdue') return refuse('tool-overdue')
  return undefined
}

function notesOf(
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
function stripOf(contact: Contact, sheet: Range | undefined, conditions: FitConditions): FoundStrip | undefined {
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
function heightOf(
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

/** Where no card names a nest: the smallest that holds the closed crimp snugly. An estimate, to be confirmed by height and pull. */
function estimatedNests(
  catalogue: Catalogue,
  contact: Contact,
  conditions: FitConditions,
  notch: WireNotch,
): SetupCandidate[] {
  const wings = constructionOf(contact).wings(contact)
  if (!wings) return []
  const classes = constructionOf(contact).toolClasses(contact)
  const mayUse = conditions.mayUse ?? isInCrib
  const { crimpWidthMm } = wings
  return nestTools(catalogue).flatMap((tool) => {
    const nest = tool.nests.find(({ mm }) => mm >= crimpWidthMm - 1e-9)
    const strip = stripOf(contact, undefined, conditions)
    if (!nest || !strip || !mayUse(tool)) return []
    const height = heightOf(contact, undefined, conditions)
    const setup: Setup = {
      tool: tool.id,
      nest: nest.mark,
      ...(notch.notchMm !== undefined && { notchMm: notch.notchMm }),
    }
    const refused = refusedByRule(tool, true, conditions)
    return [
      {
        setup: {
          setup,
          ...(notch.notchMark !== undefined && { notchMark: notch.notchMark }),
          strip: strip.window,
          stripFrom: strip.from,
          ...(height && { height }),
          source: `estimated: smallest nest over the crimp's ${crimpWidthMm} mm`,
          estimate: true,
          notes: notesOf(contact, tool, true, conditions, notch),
        },
        rank: classes.indexOf('nest-ratchet') + 0.5,
        ...(refused && { refused }),
      },
    ]
  })
}

/** A nest tool with its nests, by ascending width, each by what is printed beside it. */
type NestTool = Tool & { readonly nests: readonly { readonly mm: number; readonly mark: string }[] }

const nestToolsOf = new WeakMap<Catalogue, readonly NestTool[]>()
/** The nest tools of a catalogue; found once. */
function nestTools(catalogue: Catalogue): readonly NestTool[] {
  const known = nestToolsOf.get(catalogue)
  if (known) return known
  const tools = [...catalogue.tools.values()]
    .filter((tool) => tool.class === 'nest-ratchet' && tool.nestsMm)
    .map((tool) => ({
      ...tool,
      nests: sortedBy(
        (tool.nestsMm ?? []).map((mm, i) => ({ mm, mark: tool.nestMarks?.[i] ?? mm.toFixed(1) })),
        ({ mm }) => mm,
      ),
    }))
  nestToolsOf.set(catalogue, tools)
  return tools
}

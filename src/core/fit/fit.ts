import { constructionOf } from '../catalogue/constructions'
import { sizeKey, type Catalogue, type PlacedRow } from '../catalogue/catalogue'
import { toolClasses } from '../catalogue/toolClasses'
import type { Cavity, Contact, ContactGender, ContactSize, FamilyFacts, Housing, Plating, Seal } from '../catalogue/types'
import { heightTarget } from '../crimp/heightTarget'
import { gapRange, type HouseRules } from '../rules/houseRules'
import { toolDue, type Setup } from '../setup/setup'
import { stripWindow, type StripWindow } from '../strip/stripWindow'
import { stripperNotch } from '../strip/stripperNotch'
import { bunchDiameterMm, bundleDiameterMm } from '../wire/bundle'
import { allowedCurrentA } from './current'
import { requiredPull, type RequiredPull } from './requiredPull'

/** The wire as the fit needs it. */
export interface FitWire {
  /** by designation: sheets and placards are looked up by it */
  readonly areaMm2: number
  /** metal, where strands hold more than the print says */
  readonly metalAreaMm2?: number | undefined
  readonly awg?: string | undefined
  readonly insulationMm: number
  readonly strands?: number | undefined
  readonly strandMm?: number | undefined
  readonly currentA?: number | undefined
}

export interface FitQuery {
  readonly housing: Housing
  readonly cavity: Cavity
  readonly wire: FitWire
  readonly ambientC: number
  readonly matePlating?: Plating | undefined
  readonly rules: HouseRules
  /** `YYYY-MM-DD`, for tools past due */
  readonly today: string
}

export interface FitSetup {
  readonly setup: Setup
  readonly strip: StripWindow
  /** where the strip comes from: the sheet's own length, or the contact's dimensions and the rules */
  readonly stripFrom: 'sheet' | 'dimensions'
  readonly height?: { readonly minMm: number; readonly maxMm: number; readonly estimate: boolean }
  readonly source: string
  readonly estimate: boolean
  /** things to know that are no reason to refuse */
  readonly notes: readonly FitNote[]
}

export type FitNote =
  | { readonly code: 'uncalibrated-tool'; readonly tool: string }
  | { readonly code: 'tool-overdue'; readonly tool: string; readonly dueOn: string }
  | { readonly code: 'setting-estimated' }
  | { readonly code: 'no-notch'; readonly bundleMm: number }

export interface WorkableSet {
  readonly contact: Contact
  readonly seal?: Seal
  readonly setups: readonly FitSetup[]
  readonly pull?: RequiredPull
  /** 0 to 1, more is better */
  readonly score: number
}

export type FitReason =
  | { readonly code: 'cavity'; readonly size: string; readonly cavitySize: string }
  | { readonly code: 'gender'; readonly gender: ContactGender; readonly needs: ContactGender }
  | { readonly code: 'conductor-small'; readonly areaMm2: number; readonly minMm2: number }
  | { readonly code: 'conductor-large'; readonly areaMm2: number; readonly maxMm2: number }
  | { readonly code: 'insulation-support'; readonly insulationMm: number; readonly minMm: number; readonly maxMm: number }
  | { readonly code: 'seal-leaks'; readonly insulationMm: number; readonly minMm: number; readonly by: 'seal' | 'mat' }
  | { readonly code: 'seal-tears'; readonly insulationMm: number; readonly maxMm: number; readonly by: 'seal' | 'mat' }
  | { readonly code: 'bore'; readonly what: 'contact' | 'insulation' | 'seal'; readonly diameterMm: number; readonly boreMm: number }
  | { readonly code: 'current'; readonly currentA: number; readonly allowedA: number; readonly ambientC: number }
  | { readonly code: 'plating'; readonly plating: Plating; readonly matePlating: Plating }
  | { readonly code: 'rule'; readonly rule: 'uncalibrated-tool' | 'estimate' | 'tool-overdue'; readonly tool: string }
  | { readonly code: 'no-tool'; readonly areaMm2: number }
  | { readonly code: 'no-seal-in-family' }

export type FitCode = FitReason['code']

export type Rejected = { readonly contact: Contact; readonly seal?: Seal } & { readonly reason: FitReason }

export interface Fit {
  /** best first */
  readonly sets: readonly WorkableSet[]
  /** nearest to working first */
  readonly rejected: readonly Rejected[]
}

/** The order in which a candidate is checked: the first that fails gives its reason. */
export const fitOrder: readonly FitCode[] = [
  'cavity', 'gender', 'conductor-small', 'conductor-large', 'insulation-support', 'seal-leaks', 'seal-tears', 'bore', 'current', 'plating', 'rule', 'no-tool',
]

/**
 * All sets of contact, seal and setup for one wire in one cavity, and for every other candidate of the family the
 * first reason that puts it out.
 */
export function fit(catalogue: Catalogue, query: FitQuery): Fit {
  const { housing, cavity } = query
  const family = catalogue.families.get(housing.family)
  const size = family?.sizes.find((one) => one.id === cavity.size)
  if (!family || !size) return { sets: [], rejected: [] }
  const judged = judge(catalogue, query, family, size, catalogue.contactsByFamily.get(housing.family) ?? [])
  return { sets: judged.sets, rejected: nearestFirst(judged.rejected) }
}

/** The sets alone, for many terminations: only contacts of the cavity's size are looked at. */
export function workableSets(catalogue: Catalogue, query: FitQuery): readonly WorkableSet[] {
  const { housing, cavity } = query
  const family = catalogue.families.get(housing.family)
  const size = family?.sizes.find((one) => one.id === cavity.size)
  if (!family || !size) return []
  return judge(catalogue, query, family, size, catalogue.contactsBySize.get(sizeKey(family.id, size.id)) ?? []).sets
}

function judge(catalogue: Catalogue, query: FitQuery, family: FamilyFacts, size: ContactSize, contacts: readonly Contact[]) {
  const sets: WorkableSet[] = []
  const rejected: Rejected[] = []
  for (const contact of contacts) {
    const early = contactReason(contact, query, family, size)
    if (early) {
      rejected.push({ contact, reason: early })
      continue
    }
    const seals = family.sealing === 'wire-seal' ? (catalogue.sealsByFamily.get(family.id) ?? []) : [undefined]
    if (seals.length === 0) rejected.push({ contact, reason: { code: 'no-seal-in-family' } })
    let setups: ReturnType<typeof setupsFor> | undefined
    for (const seal of seals) {
      const candidate = { contact, ...(seal && { seal }) }
      let reason = sealReason(seal, query, size) ?? boreReason(contact, seal, query, size) ?? loadReason(contact, query)
      if (!reason) {
        setups ??= setupsFor(catalogue, contact, query)
        if (setups.length === 0) reason = { code: 'no-tool', areaMm2: query.wire.areaMm2 }
        else if (setups.every((one) => one.refused)) reason = setups[0]?.refused
      }
      if (reason) {
        rejected.push({ ...candidate, reason })
        continue
      }
      const usable = (setups ?? []).flatMap((one) => (one.refused ? [] : [one.setup]))
      const pull = requiredPull(contact, query.wire, query.rules.pullTable)
      sets.push({ ...candidate, setups: usable, ...(pull && { pull }), score: score(contact, seal, query, usable) })
    }
  }
  sets.sort((a, b) => b.score - a.score || (a.contact.id < b.contact.id ? -1 : a.contact.id > b.contact.id ? 1 : 0))
  return { sets, rejected }
}

function contactReason(contact: Contact, { housing, cavity, wire }: FitQuery, family: FamilyFacts, _size: ContactSize): FitReason | undefined {
  const needs = family.halves[housing.role]
  if (contact.size !== cavity.size) return { code: 'cavity', size: contact.size, cavitySize: cavity.size }
  if (contact.gender !== needs) return { code: 'gender', gender: contact.gender, needs }
  if (wire.areaMm2 < contact.conductor.minMm2 - AREA_TOLERANCE) return { code: 'conductor-small', areaMm2: wire.areaMm2, minMm2: contact.conductor.minMm2 }
  if (wire.areaMm2 > contact.conductor.maxMm2 + AREA_TOLERANCE) return { code: 'conductor-large', areaMm2: wire.areaMm2, maxMm2: contact.conductor.maxMm2 }
  const held = contact.insulation
  if (held && (wire.insulationMm < held.minMm || wire.insulationMm > held.maxMm)) return { code: 'insulation-support', insulationMm: wire.insulationMm, ...held }
  return undefined
}

/** Areas are printed to two or three digits: 0.5176 is within a range that ends at 0.518. */
const AREA_TOLERANCE = 1e-6

function sealReason(seal: Seal | undefined, { wire }: FitQuery, size: ContactSize): FitReason | undefined {
  const window = seal?.insulation ?? size.matWindow
  if (!window) return undefined
  const by = seal ? 'seal' : 'mat'
  if (wire.insulationMm < window.minMm) return { code: 'seal-leaks', insulationMm: wire.insulationMm, minMm: window.minMm, by }
  if (wire.insulationMm > window.maxMm) return { code: 'seal-tears', insulationMm: wire.insulationMm, maxMm: window.maxMm, by }
  return undefined
}

/** A seal is drawn into a bore a little smaller than itself: more than this apart and it is the seal of another cavity. */
const SEAL_BORE_TOLERANCE_MM = 0.3

function boreReason(contact: Contact, seal: Seal | undefined, { wire }: FitQuery, size: ContactSize): FitReason | undefined {
  if (contact.crimpedMm > size.boreMm) return { code: 'bore', what: 'contact', diameterMm: contact.crimpedMm, boreMm: size.boreMm }
  if (wire.insulationMm > size.boreMm) return { code: 'bore', what: 'insulation', diameterMm: wire.insulationMm, boreMm: size.boreMm }
  if (seal && Math.abs(seal.boreMm - size.boreMm) > SEAL_BORE_TOLERANCE_MM) return { code: 'bore', what: 'seal', diameterMm: seal.boreMm, boreMm: size.boreMm }
  return undefined
}

function loadReason(contact: Contact, { wire, ambientC, matePlating }: FitQuery): FitReason | undefined {
  const allowedA = allowedCurrentA(contact.ratedA, contact.maxC, contact.refC, ambientC)
  if (wire.currentA !== undefined && wire.currentA > allowedA) return { code: 'current', currentA: wire.currentA, allowedA, ambientC }
  // gold against tin frets and corrodes; other pairs are left to the sheet
  const goldOnTin = matePlating && new Set([matePlating, contact.plating]).has('gold') && new Set([matePlating, contact.plating]).has('tin')
  return goldOnTin ? { code: 'plating', plating: contact.plating, matePlating } : undefined
}

type SetupCandidate = { readonly setup: FitSetup; readonly refused?: Extract<FitReason, { code: 'rule' }> }

function setupsFor(catalogue: Catalogue, contact: Contact, query: FitQuery): readonly SetupCandidate[] {
  const { wire } = query
  const classes: readonly string[] = constructionOf(contact).toolClasses
  return (catalogue.rowsByContact.get(contact.id) ?? [])
    .filter(({ row, tool }) => wire.areaMm2 >= row.conductor.minMm2 - AREA_TOLERANCE && wire.areaMm2 <= row.conductor.maxMm2 + AREA_TOLERANCE && classes.includes(tool.class))
    .flatMap((placed) => setupFrom(catalogue, contact, placed, query) ?? [])
    .sort((a, b) => Number(Boolean(a.refused)) - Number(Boolean(b.refused)) || rank(a, classes, catalogue) - rank(b, classes, catalogue))
}

const rank = (one: SetupCandidate, classes: readonly string[], catalogue: Catalogue) =>
  classes.indexOf(catalogue.tools.get(one.setup.setup.tool)?.class ?? '') + (one.setup.estimate ? 0.5 : 0)

function setupFrom(catalogue: Catalogue, contact: Contact, { row, placard, tool }: PlacedRow, query: FitQuery): SetupCandidate | undefined {
  const { wire, rules } = query
  const shape = constructionOf(contact).stripShape(contact, { gap: gapRange(rules, wire.insulationMm), brush: rules.brush })
  const computed = shape && stripWindow(shape)
  if (!computed?.ok) return undefined
  const strip = row.strip
    ? { minMm: row.strip.minMm, maxMm: row.strip.maxMm, nominalMm: (row.strip.minMm + row.strip.maxMm) / 2, limits: computed.value.limits }
    : computed.value
  const notches = catalogue.strippers.flatMap((stripper) => stripper.notchesMm ?? [])
  const bundleMm = wire.strands && wire.strandMm ? bundleDiameterMm(wire.strands, wire.strandMm) : bunchDiameterMm(wire.metalAreaMm2 ?? wire.areaMm2)
  const notch = stripperNotch(bundleMm, wire.insulationMm, notches)
  const due = toolDue(tool, query.today)
  const estimate = placard.source.basis === 'estimated'
  const calibrated = toolClasses[tool.class].calibrated
  const notes: FitNote[] = [
    ...(calibrated ? [] : [{ code: 'uncalibrated-tool' as const, tool: tool.id }]),
    ...(due.kind === 'overdue' ? [{ code: 'tool-overdue' as const, tool: tool.id, dueOn: due.dueOn }] : []),
    ...(estimate ? [{ code: 'setting-estimated' as const }] : []),
    ...(notch.kind === 'none' ? [{ code: 'no-notch' as const, bundleMm }] : []),
  ]
  const height = heightOf(contact, row.height, wire)
  const setup: FitSetup = {
    setup: {
      tool: tool.id,
      ...(row.die !== undefined && { die: row.die }),
      ...(row.positioner !== undefined && { positioner: row.positioner }),
      ...(row.selector !== undefined && { selector: row.selector }),
      ...(row.nest !== undefined && { nest: row.nest }),
      ...(row.wireStopMm !== undefined && { wireStopMm: row.wireStopMm }),
      ...(notch.kind === 'notch' && { notchMm: notch.notchMm }),
    },
    strip,
    stripFrom: row.strip ? 'sheet' : 'dimensions',
    ...(height && { height }),
    source: [placard.source.document, placard.source.revision && `rev ${placard.source.revision}`, row.source].filter(Boolean).join(', '),
    estimate,
    notes,
  }
  const refuse = (rule: 'uncalibrated-tool' | 'estimate' | 'tool-overdue'): SetupCandidate => ({ setup, refused: { code: 'rule', rule, tool: tool.id } })
  if (!calibrated && rules.uncalibratedTools === 'forbidden') return refuse('uncalibrated-tool')
  if (estimate && rules.estimates === 'forbidden') return refuse('estimate')
  if (due.kind === 'overdue' && rules.overdueTools === 'block') return refuse('tool-overdue')
  return { setup }
}

function heightOf(contact: Contact, sheet: { readonly minMm: number; readonly maxMm: number } | undefined, wire: FitWire): FitSetup['height'] {
  if (!constructionOf(contact).hasHeight) return undefined
  if (sheet) return { ...sheet, estimate: false }
  if (contact.construction === 'closed-barrel') return undefined
  const { minMm, maxMm } = heightTarget({
    wireAreaMm2: wire.metalAreaMm2 ?? wire.areaMm2, barrelAreaMm2: contact.barrel.metalAreaMm2, widthMm: contact.barrel.crimpWidthMm,
  })
  return { minMm, maxMm, estimate: true }
}

/** 1 in the middle of a range, 0 at its ends. */
const central = (value: number, min: number, max: number) => (max > min ? 1 - Math.abs((2 * value - min - max) / (max - min)) : 1)

/** A calibrated frame with the sheet's own setting weighs most, then how far conductor and insulation are from their limits. */
function score(contact: Contact, seal: Seal | undefined, { wire }: FitQuery, setups: readonly FitSetup[]): number {
  const best = setups[0]
  const notes = best?.notes.length ?? 0
  const tool = Math.max(0, 1 - 0.4 * notes)
  const conductor = central(Math.log(wire.areaMm2), Math.log(contact.conductor.minMm2 || 1e-3), Math.log(contact.conductor.maxMm2))
  const sealing = seal ? central(wire.insulationMm, seal.insulation.minMm, seal.insulation.maxMm) : 1
  return Math.round((0.6 * tool + 0.2 * conductor + 0.2 * sealing - 0.05 * platingDoubt(contact.plating, wire.currentA)) * 1e6) / 1e6
}

/** Below this a contact's film is not broken through by the load: gold is for such signals. */
const LOW_LEVEL_A = 0.05

/** 1 where the plating is not what one would take for this load: gold for power, or base metal for a low-level signal. */
const platingDoubt = (plating: Plating, currentA: number | undefined): number => Number((plating === 'gold') !== (currentA !== undefined && currentA <= LOW_LEVEL_A))

/** The further a candidate came in the order of checks, the nearer it is; among equals, the smaller miss first. */
function nearestFirst(rejected: readonly Rejected[]): readonly Rejected[] {
  const stage = (one: Rejected) => (one.reason.code === 'no-seal-in-family' ? fitOrder.indexOf('seal-leaks') : fitOrder.indexOf(one.reason.code))
  return [...rejected].sort((a, b) => stage(b) - stage(a) || missBy(a.reason) - missBy(b.reason) || (a.contact.id < b.contact.id ? -1 : 1))
}

/** How far a reason is from being none, in its own unit; 0 where it has no measure. */
export function missBy(reason: FitReason): number {
  switch (reason.code) {
    case 'conductor-small': return reason.minMm2 - reason.areaMm2
    case 'conductor-large': return reason.areaMm2 - reason.maxMm2
    case 'seal-leaks': return reason.minMm - reason.insulationMm
    case 'seal-tears': return reason.insulationMm - reason.maxMm
    case 'insulation-support': return Math.max(reason.minMm - reason.insulationMm, reason.insulationMm - reason.maxMm)
    case 'bore': return Math.abs(reason.diameterMm - reason.boreMm)
    case 'current': return reason.currentA - reason.allowedA
    default: return 0
  }
}

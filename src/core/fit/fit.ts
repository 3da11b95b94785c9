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
import { pullFromSheet, pullFromTable, type RequiredPull } from './requiredPull'

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
  const rejected: Rejected[] = []
  const sets = judge(catalogue, query, family, size, catalogue.contactsByFamily.get(housing.family) ?? [], rejected)
  return { sets, rejected: nearestFirst(rejected) }
}

/**
 * The best workable set alone, for many terminations at once. Contacts of the cavity's size are put in order by what they
 * could score at most, and setups are only worked out until none of the rest can be better.
 */
export function bestSet(catalogue: Catalogue, query: FitQuery): WorkableSet | undefined {
  const { housing, cavity, wire } = query
  const family = catalogue.families.get(housing.family)
  const size = family?.sizes.find((one) => one.id === cavity.size)
  if (!family || !size) return undefined
  const seals = (family.sealing === 'wire-seal' ? (catalogue.sealsByFamily.get(family.id) ?? []) : [undefined]).filter((seal) => !sealReason(seal, query, size))
  if (seals.length === 0) return undefined
  const needs = family.halves[housing.role]
  const candidates: { readonly contact: Contact; readonly atMost: number }[] = []
  for (const contact of catalogue.contactsBySize.get(sizeKey(family.id, size.id)) ?? []) {
    // the cheap half of contactReason, without a reason for each of thousands
    const { gender, conductor } = contact
    if (gender !== needs || wire.areaMm2 < conductor.minMm2 - AREA_TOLERANCE || wire.areaMm2 > conductor.maxMm2 + AREA_TOLERANCE) continue
    const atMost = Math.max(...seals.map((seal) => score(contact, seal, query, 0)))
    candidates.push({ contact, atMost })
  }
  candidates.sort((a, b) => b.atMost - a.atMost || (a.contact.id < b.contact.id ? -1 : 1))
  let best: WorkableSet | undefined
  for (const { contact, atMost } of candidates) {
    if (best && (best.score > atMost || (best.score === atMost && best.contact.id < contact.id))) break
    const [found] = judge(catalogue, query, family, size, [contact])
    if (found && (!best || bestFirst(found, best) < 0)) best = found
  }
  return best
}

/** @param rejected where reasons are collected; left out, nobody wants to know them */
function judge(catalogue: Catalogue, query: FitQuery, family: FamilyFacts, size: ContactSize, contacts: readonly Contact[], rejected?: Rejected[]): readonly WorkableSet[] {
  const sets: WorkableSet[] = []
  const allSeals = family.sealing === 'wire-seal' ? (catalogue.sealsByFamily.get(family.id) ?? []) : [undefined]
  const seals = rejected ? allSeals : allSeals.filter((seal) => !sealReason(seal, query, size))
  const tablePull = pullFromTable(query.wire, query.rules.pullTable)
  const notch = notchFor(catalogue, query.wire)
  for (const contact of contacts) {
    const early = contactReason(contact, query, family)
    if (early) {
      rejected?.push({ contact, reason: early })
      continue
    }
    if (allSeals.length === 0) rejected?.push({ contact, reason: { code: 'no-seal-in-family' } })
    let setups: readonly SetupCandidate[] | undefined
    let usable: readonly FitSetup[] | undefined
    for (const seal of seals) {
      let reason = sealReason(seal, query, size) ?? boreReason(contact, seal, query, size) ?? loadReason(contact, query)
      if (!reason) {
        setups ??= setupsFor(catalogue, contact, query, notch)
        if (setups.length === 0) reason = { code: 'no-tool', areaMm2: query.wire.areaMm2 }
        else if (setups.every((one) => one.refused)) reason = setups[0]?.refused
      }
      if (reason) {
        rejected?.push({ contact, ...(seal && { seal }), reason })
        continue
      }
      usable ??= (setups ?? []).flatMap((one) => (one.refused ? [] : [one.setup]))
      const pull = pullFromSheet(contact, query.wire) ?? tablePull
      sets.push({ contact, ...(seal && { seal }), setups: usable, ...(pull && { pull }), score: score(contact, seal, query, usable[0]?.notes.length ?? 0) })
    }
  }
  return sets.sort(bestFirst)
}

const bestFirst = (a: WorkableSet, b: WorkableSet) => b.score - a.score || (a.contact.id < b.contact.id ? -1 : a.contact.id > b.contact.id ? 1 : 0)

/** The stripper's notch for a wire: the same for every contact that it may get. */
function notchFor(catalogue: Catalogue, wire: FitWire): { readonly bundleMm: number; readonly notchMm?: number } {
  const bundleMm = wire.strands && wire.strandMm ? bundleDiameterMm(wire.strands, wire.strandMm) : bunchDiameterMm(wire.metalAreaMm2 ?? wire.areaMm2)
  const notch = stripperNotch(bundleMm, wire.insulationMm, catalogue.notchesMm)
  return notch.kind === 'notch' ? { bundleMm, notchMm: notch.notchMm } : { bundleMm }
}

function contactReason(contact: Contact, { housing, cavity, wire }: FitQuery, family: FamilyFacts): FitReason | undefined {
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
  const goldOnTin = matePlating && ((matePlating === 'gold' && contact.plating === 'tin') || (matePlating === 'tin' && contact.plating === 'gold'))
  return goldOnTin ? { code: 'plating', plating: contact.plating, matePlating } : undefined
}

type SetupCandidate = { readonly setup: FitSetup; readonly refused?: Extract<FitReason, { code: 'rule' }> }

function setupsFor(catalogue: Catalogue, contact: Contact, query: FitQuery, notch: ReturnType<typeof notchFor>): readonly SetupCandidate[] {
  const { areaMm2 } = query.wire
  const classes: readonly string[] = constructionOf(contact).toolClasses
  const found: SetupCandidate[] = []
  for (const placed of catalogue.rowsByContact.get(contact.id) ?? []) {
    const { conductor } = placed.row
    if (areaMm2 < conductor.minMm2 - AREA_TOLERANCE || areaMm2 > conductor.maxMm2 + AREA_TOLERANCE || !classes.includes(placed.tool.class)) continue
    const candidate = setupFrom(contact, placed, query, notch)
    if (candidate) found.push(candidate)
  }
  if (found.length < 2) return found
  return found.sort((a, b) => Number(Boolean(a.refused)) - Number(Boolean(b.refused)) || rank(a, classes, catalogue) - rank(b, classes, catalogue))
}

const rank = (one: SetupCandidate, classes: readonly string[], catalogue: Catalogue) =>
  classes.indexOf(catalogue.tools.get(one.setup.setup.tool)?.class ?? '') + (one.setup.estimate ? 0.5 : 0)

function setupFrom(contact: Contact, { row, placard, tool }: PlacedRow, query: FitQuery, notch: ReturnType<typeof notchFor>): SetupCandidate | undefined {
  const { wire, rules } = query
  const shape = constructionOf(contact).stripShape(contact, { gap: gapRange(rules, wire.insulationMm), brush: rules.brush })
  const computed = shape && stripWindow(shape)
  if (!computed?.ok) return undefined
  const strip = row.strip
    ? { minMm: row.strip.minMm, maxMm: row.strip.maxMm, nominalMm: (row.strip.minMm + row.strip.maxMm) / 2, limits: computed.value.limits }
    : computed.value
  const due = toolDue(tool, query.today)
  const estimate = placard.source.basis === 'estimated'
  const calibrated = toolClasses[tool.class].calibrated
  const notes: FitNote[] = [
    ...(calibrated ? [] : [{ code: 'uncalibrated-tool' as const, tool: tool.id }]),
    ...(due.kind === 'overdue' ? [{ code: 'tool-overdue' as const, tool: tool.id, dueOn: due.dueOn }] : []),
    ...(estimate ? [{ code: 'setting-estimated' as const }] : []),
    ...(notch.notchMm === undefined ? [{ code: 'no-notch' as const, bundleMm: notch.bundleMm }] : []),
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
      ...(notch.notchMm !== undefined && { notchMm: notch.notchMm }),
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
function score(contact: Contact, seal: Seal | undefined, { wire }: FitQuery, notes: number): number {
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

import { sizeKey, type Catalogue } from '../../parts/catalogue/catalogue'
import type { CavityContact, ContactSize, FamilyFacts, Seal, SleeveContact } from '../../parts/catalogue/types'
import {
  boreReason,
  contactReason,
  currentReason,
  foldsBack,
  platingReason,
  sealReason,
  totalAreaMm2,
  uncheckedOf,
  wireReason,
} from './checks'
import {
  AREA_TOLERANCE_MM2,
  fitOrder,
  type Fit,
  type FitConditions,
  type FitQuery,
  type FitReason,
  type FitSetup,
  type Rejected,
  type WorkableSet,
} from './fitTypes'
import { pullFromSheet, pullFromTable, strandsBreakAtN } from './requiredPull'
import { score } from './score'
import { setupsFor, type SetupCandidate } from './setups'
import { notchFor } from './wireNotch'
import { fixingReason } from './fixing'

/**
 * All sets of contact, seal and setup for one wire in one cavity, and for every other candidate of the family the
 * first reason that puts it out.
 */
export function fit(catalogue: Catalogue, query: FitQuery): Fit {
  const { housing, cavity } = query
  const family = catalogue.families.get(housing.family)
  const size = family?.sizes.find((one) => one.id === cavity.size)
  if (!family || !size) return { sets: [], rejected: [] }
  if (size.fixing) return fitTerminals(catalogue, catalogue.terminals, query, size)
  const rejected: Rejected[] = []
  const sets = judge(catalogue, query, family, size, catalogue.contactsByFamily.get(housing.family) ?? [], rejected)
  return { sets, rejected: nearestFirst(rejected) }
}

/**
 * The same for terminals or splices: which of them take the wire, and why the others do not.
 * @param size the clamp or stud that they go to; left out, they go to none that is planned
 */
export function fitTerminals(
  catalogue: Catalogue,
  terminals: readonly SleeveContact[],
  conditions: FitConditions,
  size?: ContactSize,
): Fit {
  const notch = notchFor(catalogue, conditions.wire)
  const sets: WorkableSet[] = []
  const rejected: Rejected[] = []
  for (const contact of terminals) {
    const reason =
      (size?.fixing && fixingReason(contact, size, size.fixing, conditions)) ??
      wireReason(contact, conditions) ??
      currentReason(contact, conditions)
    const settled = reason ?? usableSetups(setupsFor(catalogue, contact, conditions, notch), conditions)
    if ('kind' in settled) rejected.push({ contact, reason: settled })
    else sets.push(workable(contact, undefined, settled, conditions, size))
  }
  return { sets: sets.sort(bestFirst), rejected: nearestFirst(rejected) }
}

/**
 * The best workable set alone, for many terminations at once. Contacts of the cavity's size are put in order by what they
 * could score at most, and setups are only worked out until none of the rest can be better.
 */
export function bestSet(catalogue: Catalogue, query: FitQuery): WorkableSet | undefined {
  const { housing, cavity, wire, rules } = query
  const family = catalogue.families.get(housing.family)
  const size = family?.sizes.find((one) => one.id === cavity.size)
  if (!family || !size) return undefined
  if (size.fixing) return fitTerminals(catalogue, catalogue.terminals, query, size).sets[0]
  const seals = sealsOf(catalogue, family).filter((seal) => !sealReason(seal, query, size))
  if (seals.length === 0) return undefined
  const half = family.halves[housing.role]
  const needs = half === 'either' ? query.gender : half
  const areaMm2 = totalAreaMm2(query)
  const largestMm2 = rules.foldBack === 'forbidden' ? areaMm2 : Math.max(areaMm2, 2 * wire.areaMm2)
  const candidates: { readonly contact: CavityContact; readonly atMost: number }[] = []
  for (const contact of catalogue.contactsBySize.get(sizeKey(family.id, size.id)) ?? []) {
    // the cheap half of contactReason, without a reason for each of thousands
    const { gender, conductor } = contact
    if (conductor.minMm2 > largestMm2 + AREA_TOLERANCE_MM2) break
    if ((needs !== undefined && gender !== needs) || areaMm2 > conductor.maxMm2 + AREA_TOLERANCE_MM2) continue
    let atMost = 0
    for (const seal of seals) atMost = Math.max(atMost, score(contact, seal, query, 0))
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

/** The wire seals that a family offers; one entry without a seal where it seals otherwise, or not at all. */
const sealsOf = (catalogue: Catalogue, family: FamilyFacts): readonly (Seal | undefined)[] =>
  family.sealing === 'wire-seal' ? (catalogue.sealsByFamily.get(family.id) ?? []) : [undefined]

/** @param rejected where reasons are collected; left out, nobody wants to know them */
function judge(
  catalogue: Catalogue,
  query: FitQuery,
  family: FamilyFacts,
  size: ContactSize,
  contacts: readonly CavityContact[],
  rejected?: Rejected[],
): WorkableSet[] {
  const sets: WorkableSet[] = []
  const allSeals = sealsOf(catalogue, family)
  const seals = rejected ? allSeals : allSeals.filter((seal) => !sealReason(seal, query, size))
  const notch = notchFor(catalogue, query.wire)
  for (const contact of contacts) {
    const early = contactReason(contact, query, family)
    if (early) {
      rejected?.push({ contact, reason: early })
      continue
    }
    if (allSeals.length === 0) rejected?.push({ contact, reason: { kind: 'no-seal-in-family' } })
    let settled: FitReason | readonly FitSetup[] | undefined
    for (const seal of seals) {
      const reason =
        sealReason(seal, query, size) ??
        boreReason(contact, seal, query, size) ??
        currentReason(contact, query) ??
        platingReason(contact, query)
      if (!reason) settled ??= usableSetups(setupsFor(catalogue, contact, query, notch), query)
      const result = reason ?? settled
      if (result && 'kind' in result) rejected?.push({ contact, ...(seal && { seal }), reason: result })
      else if (result) sets.push(workable(contact, seal, result, query, size))
    }
  }
  return sets.sort(bestFirst)
}

/** The setups that may be used, or why none may. */
function usableSetups(
  candidates: readonly SetupCandidate[],
  conditions: FitConditions,
): FitReason | readonly FitSetup[] {
  const usable = candidates.flatMap((one) => (one.refused || !one.setup ? [] : [one.setup]))
  if (usable.length > 0) return usable
  // a setting that a rule forbids is nearer to working than one that is not there
  return (
    candidates.find((one) => one.refused?.kind === 'rule')?.refused ??
    candidates[0]?.refused ?? { kind: 'no-tool', areaMm2: totalAreaMm2(conditions) }
  )
}

function workable(
  contact: WorkableSet['contact'],
  seal: Seal | undefined,
  setups: readonly FitSetup[],
  conditions: FitConditions,
  size?: ContactSize,
): WorkableSet {
  const pull =
    pullFromSheet(contact, conditions.wire) ?? pullFromTable(contact, conditions.wire, conditions.rules.pullTable)
  const { wire } = conditions
  const strandsHoldN = strandsBreakAtN(pull, wire.metalAreaMm2 ?? wire.areaMm2)
  return {
    contact,
    ...(seal && { seal }),
    setups,
    ...(pull && { pull }),
    ...(strandsHoldN !== undefined && { strandsBreakAtN: strandsHoldN }),
    unchecked: uncheckedOf(contact, conditions, size),
    foldBack: foldsBack(contact, conditions),
    score: score(contact, seal, conditions, setups[0]?.notes.length ?? 0),
  }
}

const bestFirst = (a: WorkableSet, b: WorkableSet) =>
  b.score - a.score || (a.contact.id < b.contact.id ? -1 : a.contact.id > b.contact.id ? 1 : 0)

/** The further a candidate came in the order of checks, the nearer it is; among equals, the smaller miss first. */
function nearestFirst(rejected: readonly Rejected[]): readonly Rejected[] {
  const stage = (one: Rejected) =>
    one.reason.kind === 'no-seal-in-family' ? fitOrder.indexOf('seal-leaks') : fitOrder.indexOf(one.reason.kind)
  return [...rejected].sort(
    (a, b) => stage(b) - stage(a) || missBy(a.reason) - missBy(b.reason) || (a.contact.id < b.contact.id ? -1 : 1),
  )
}

/** How far a reason is from being none, in its own unit; 0 where it has no measure. */
export function missBy(reason: FitReason): number {
  switch (reason.kind) {
    case 'conductor-small':
      return reason.minMm2 - reason.areaMm2
    case 'conductor-large':
      return reason.areaMm2 - reason.maxMm2
    case 'clamp':
      return Math.max(reason.minMm2 - reason.areaMm2, reason.areaMm2 - reason.maxMm2)
    case 'stud':
      return Math.abs(reason.holeMm - reason.studMm)
    case 'seal-leaks':
      return reason.minMm - reason.insulationMm
    case 'seal-tears':
      return reason.insulationMm - reason.maxMm
    case 'insulation-support':
      return Math.max(reason.minMm - reason.insulationMm, reason.insulationMm - reason.maxMm)
    case 'bore':
      return Math.abs(reason.diameterMm - reason.boreMm)
    case 'current':
      return reason.currentA - reason.allowedA
    default:
      return 0
  }
}

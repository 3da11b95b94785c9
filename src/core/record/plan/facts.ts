import type { z } from 'zod'
import type { Catalogue } from '../../parts/catalogue/catalogue'
import type { factsSchema } from '../../parts/catalogue/schema'
import type { FitWire } from '../../craft/fit/fitTypes'
import { isReleaseToolOf } from '../../parts/catalogue/releaseTool'
import { isFixed } from '../../parts/catalogue/releaseMechanisms'
import { type AwgNumber, awgAreaMm2, parseAwg } from '../../base/wire/awg'
import { strandAreaMm2 } from '../../base/wire/bundle'
import { type Housing, type WireType, isTerminal } from '../../parts/catalogue/types'
import type { HouseRules } from '../../parts/rules/houseRules'
import type { Plan, PlanNames, Wire } from './plan'
import type { ChosenSet } from '../../craft/setup/chosenSet'

/** What a job was built with: copied from the catalogue, so that a later edit there never rewrites a record. */
export type Facts = Readonly<z.infer<typeof factsSchema>>

export const noFacts: Facts = {
  families: {},
  housings: {},
  contacts: {},
  seals: {},
  parts: {},
  wireTypes: {},
  tools: {},
}

/** The facts with others laid over them. */
export const mergeFacts = (facts: Facts, more: Facts): Facts => ({
  families: { ...facts.families, ...more.families },
  housings: { ...facts.housings, ...more.housings },
  contacts: { ...facts.contacts, ...more.contacts },
  seals: { ...facts.seals, ...more.seals },
  parts: { ...facts.parts, ...more.parts },
  wireTypes: { ...facts.wireTypes, ...more.wireTypes },
  tools: { ...facts.tools, ...more.tools },
  ...((facts.rules ?? more.rules) && { rules: { ...facts.rules, ...more.rules } }),
})

/** Those of `more` that are not pinned yet. */
export function newFacts(pinned: Facts, more: Facts): Facts {
  const missing = <T>(known: Readonly<Record<string, T>>, items: Readonly<Record<string, T>>): Record<string, T> =>
    Object.fromEntries(Object.entries(items).filter(([id]) => !Object.hasOwn(known, id)))
  return {
    families: missing(pinned.families, more.families),
    housings: missing(pinned.housings, more.housings),
    contacts: missing(pinned.contacts, more.contacts),
    seals: missing(pinned.seals, more.seals),
    parts: missing(pinned.parts, more.parts),
    wireTypes: missing(pinned.wireTypes, more.wireTypes),
    tools: missing(pinned.tools, more.tools),
    ...(more.rules && { rules: missing(pinned.rules ?? {}, more.rules) }),
  }
}

const pick = <T>(map: ReadonlyMap<string, T>, ids: Iterable<string | undefined>): Record<string, T> => {
  const found: Record<string, T> = {}
  for (const id of ids) {
    const item = id === undefined ? undefined : map.get(id)
    if (id !== undefined && item !== undefined) found[id] = item
  }
  return found
}

/** Small parts of a housing: its lock and interface seal, and whatever else belongs to it. */
export const smallPartsOf = (
  housing: Pick<Housing, 'lock' | 'interfaceSeal' | 'parts'>,
): readonly { readonly part: string; readonly count: number }[] => [
  ...[housing.lock, housing.interfaceSeal].flatMap((part) => (part === undefined ? [] : [{ part, count: 1 }])),
  ...(housing.parts ?? []),
]

/** The facts that a plan rests on: its rules, its housings with their families, small parts and release tools, its wire types and terminals. */
export function planFacts(catalogue: Catalogue, plan: Pick<Plan, 'ends' | 'wires'>, rules?: HouseRules): Facts {
  const housings = pick(
    catalogue.housings,
    plan.ends.map((end) => end.housing),
  )
  const terminals = pick(
    catalogue.contacts,
    plan.wires.flatMap((wire) => [wire.from, wire.to].map((at) => (at.kind === 'terminal' ? at.part : undefined))),
  )
  const families = pick(
    catalogue.families,
    [...Object.values(housings), ...Object.values(terminals)].map((part) => part.family),
  )
  const parts = [
    ...Object.values(housings).flatMap((housing) => smallPartsOf(housing).map(({ part }) => part)),
    ...Object.values(families).flatMap((family) => family.sizes.map((size) => size.plug)),
  ]
  const tightens = Object.values(families).some(isFixed)
  return {
    ...noFacts,
    housings: housings as Facts['housings'],
    families,
    contacts: terminals,
    parts: pick(catalogue.parts, parts),
    wireTypes: pick(
      catalogue.wireTypes,
      plan.wires.map((wire) => wire.type),
    ),
    tools: Object.fromEntries(
      [...catalogue.tools].filter(
        ([, tool]) =>
          (tightens && tool.torque !== undefined && tool.held !== 'shop') ||
          Object.values(families).some((family) => isReleaseToolOf(tool, family)),
      ),
    ),
    ...(rules && { rules: { [rules.id]: rules } }),
  }
}

const own = <T>(record: Readonly<Record<string, T>>, id: string): T | undefined =>
  Object.hasOwn(record, id) ? record[id] : undefined

/** What a plan may name, by pinned facts. */
export const planNames = (facts: Facts): PlanNames => ({
  housing: (id) => own(facts.housings, id),
  isSealed: (family) => (own(facts.families, family)?.sealing ?? 'none') !== 'none',
  hasWireType: (type) => own(facts.wireTypes, type) !== undefined,
  hasTerminal: (part) => isTerminal(own(facts.contacts, part)),
})

/** The same by the shelf as it is now. */
export const shelfNames = (catalogue: Catalogue): PlanNames => ({
  housing: (id) => catalogue.housings.get(id),
  isSealed: (family) => (catalogue.families.get(family)?.sealing ?? 'none') !== 'none',
  hasWireType: (type) => catalogue.wireTypes.has(type),
  hasTerminal: (part) => isTerminal(catalogue.contacts.get(part)),
})

/** The gauges that prove these frames: a job may ask for them before a day's first crimp. */
const gaugesOf = (catalogue: Catalogue, frames: ReadonlySet<string>): Facts['tools'] =>
  Object.fromEntries(
    [...catalogue.tools].filter(([, { gauges, held }]) => gauges && frames.has(gauges.tool) && held !== 'shop'),
  )

/** The facts that chosen sets rest on. */
export function setFacts(catalogue: Catalogue, sets: Iterable<ChosenSet>): Facts {
  const all = [...sets]
  const frames = all.map((set) => set.setup.tool)
  return {
    ...noFacts,
    contacts: pick(
      catalogue.contacts,
      all.map((set) => set.contact),
    ),
    seals: pick(
      catalogue.seals,
      all.map((set) => set.seal),
    ),
    tools: { ...pick(catalogue.tools, frames), ...gaugesOf(catalogue, new Set(frames)) },
  }
}

/** The wire type's area by its designation, mm². */
export function designatedAreaMm2(type: WireType): number {
  if ('areaMm2' in type.designation) return type.designation.areaMm2
  const awg = parseAwg(type.designation.awg)
  return awg === undefined ? strandAreaMm2(type.strands, type.strandMm) : awgAreaMm2(awg)
}

/** The gauge that is printed on a wire type; undefined for one that is sold by its area. */
export const printedAwg = (type: WireType): AwgNumber | undefined =>
  'awg' in type.designation ? parseAwg(type.designation.awg) : undefined

/** A plan's wire as the fit needs it: what was measured here wins over the type's figure. */
export function fitWire(type: WireType, wire?: Pick<Wire, 'insulationMm' | 'currentA'>): FitWire {
  return {
    areaMm2: designatedAreaMm2(type),
    metalAreaMm2: strandAreaMm2(type.strands, type.strandMm),
    awg: 'awg' in type.designation ? type.designation.awg : undefined,
    insulationMm: wire?.insulationMm ?? type.insulationMm,
    strands: type.strands,
    strandMm: type.strandMm,
    currentA: wire?.currentA,
  }
}

/** A wire over its insulation: as measured here, else as its pinned type says. */
export const insulationMmOf = (facts: Facts, wire: Pick<Wire, 'insulationMm' | 'type'>): number | undefined =>
  wire.insulationMm ?? facts.wireTypes[wire.type]?.insulationMm

/** The housing of an end, as pinned. */
export const housingOf = (facts: Facts, plan: Plan, end: string): Housing | undefined => {
  const id = plan.ends.find((one) => one.id === end)?.housing
  return id === undefined ? undefined : facts.housings[id]
}

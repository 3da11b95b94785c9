import type { z } from 'zod'
import type { Catalogue } from '../catalogue/catalogue'
import type { factsSchema } from '../catalogue/schema'
import type { FitWire } from '../fit/fit'
import { awgAreaMm2, parseAwg } from '../wire/awg'
import { strandAreaMm2 } from '../wire/bundle'
import type { Housing, WireType } from '../catalogue/types'
import type { ChosenSet, Plan, Wire } from './plan'

/** What a job was built with: copied from the catalogue, so that a later edit there never rewrites a record. */
export type Facts = Readonly<z.infer<typeof factsSchema>>

export const noFacts: Facts = { families: {}, housings: {}, contacts: {}, seals: {}, parts: {}, wireTypes: {}, tools: {} }

/** The facts with others laid over them. */
export const mergeFacts = (facts: Facts, more: Facts): Facts => ({
  families: { ...facts.families, ...more.families },
  housings: { ...facts.housings, ...more.housings },
  contacts: { ...facts.contacts, ...more.contacts },
  seals: { ...facts.seals, ...more.seals },
  parts: { ...facts.parts, ...more.parts },
  wireTypes: { ...facts.wireTypes, ...more.wireTypes },
  tools: { ...facts.tools, ...more.tools },
})

const pick = <T>(map: ReadonlyMap<string, T>, ids: Iterable<string | undefined>): Record<string, T> => {
  const found: Record<string, T> = {}
  for (const id of ids) {
    const item = id === undefined ? undefined : map.get(id)
    if (id !== undefined && item !== undefined) found[id] = item
  }
  return found
}

/** The facts that a plan rests on: its housings with their families and small parts, its wire types. */
export function planFacts(catalogue: Catalogue, plan: Pick<Plan, 'ends' | 'wires'>): Facts {
  const housings = pick(catalogue.housings, plan.ends.map((end) => end.housing))
  const families = pick(catalogue.families, Object.values(housings).map((housing) => housing.family))
  const parts = [
    ...Object.values(housings).flatMap((housing) => [housing.lock, housing.interfaceSeal]),
    ...Object.values(families).flatMap((family) => family.sizes.map((size) => size.plug)),
  ]
  return {
    ...noFacts,
    housings: housings as Facts['housings'],
    families,
    parts: pick(catalogue.parts, parts),
    wireTypes: pick(catalogue.wireTypes, plan.wires.map((wire) => wire.type)),
  }
}

/** The facts that chosen sets rest on. */
export function setFacts(catalogue: Catalogue, sets: Iterable<ChosenSet>): Facts {
  const all = [...sets]
  return {
    ...noFacts,
    contacts: pick(catalogue.contacts, all.map((set) => set.contact)),
    seals: pick(catalogue.seals, all.map((set) => set.seal)),
    tools: pick(catalogue.tools, all.map((set) => set.setup.tool)),
  }
}

/** The wire type's area by its designation, mm². */
export function designatedAreaMm2(type: WireType): number {
  if ('areaMm2' in type.designation) return type.designation.areaMm2
  const awg = parseAwg(type.designation.awg)
  return awg === undefined ? strandAreaMm2(type.strands, type.strandMm) : awgAreaMm2(awg)
}

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

/** The housing of an end, as pinned. */
export const housingOf = (facts: Facts, plan: Plan, end: string): Housing | undefined => {
  const id = plan.ends.find((one) => one.id === end)?.housing
  return id === undefined ? undefined : (facts.housings[id])
}

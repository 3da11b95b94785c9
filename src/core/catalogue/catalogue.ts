import { placeCavities, type ArrangementFault } from '../face/arrangement'
import { fail, ok, type Result } from '../result'
import type {
  CatalogueInput, Cavity, Contact, FamilyFacts, FamilyInput, Housing, HousingInput, Placard, PlacardRow, Seal, SmallPart, Tool, WireType,
} from './types'

/** The catalogue with an index for every question that the bench asks of it. Built once, then only read. */
export interface Catalogue {
  readonly families: ReadonlyMap<string, FamilyFacts>
  readonly housings: ReadonlyMap<string, Housing>
  readonly contacts: ReadonlyMap<string, Contact>
  readonly seals: ReadonlyMap<string, Seal>
  readonly parts: ReadonlyMap<string, SmallPart>
  readonly wireTypes: ReadonlyMap<string, WireType>
  readonly tools: ReadonlyMap<string, Tool>
  /** contacts by `family/size`, by ascending lower end of the conductor range */
  readonly contactsBySize: ReadonlyMap<string, readonly Contact[]>
  readonly contactsByFamily: ReadonlyMap<string, readonly Contact[]>
  /** by family, by ascending window */
  readonly sealsByFamily: ReadonlyMap<string, readonly Seal[]>
  readonly rowsByContact: ReadonlyMap<string, readonly PlacedRow[]>
  /** ids and aliases, lower case, to what they name */
  readonly names: ReadonlyMap<string, CatalogueName>
  /** openings of all strippers, mm */
  readonly notchesMm: readonly number[]
}

export interface PlacedRow {
  readonly row: PlacardRow
  readonly placard: Placard
  readonly tool: Tool
}

export interface CatalogueName {
  readonly kind: 'housing' | 'contact' | 'seal' | 'part' | 'wire-type' | 'tool'
  readonly id: string
}

export type CatalogueFault =
  | { readonly code: 'duplicate-id'; readonly kind: string; readonly id: string }
  | { readonly code: 'unknown-reference'; readonly in: string; readonly field: string; readonly id: string }
  | { readonly code: 'bad-arrangement'; readonly housing: string; readonly fault: ArrangementFault }
  | { readonly code: 'cavity-without-size'; readonly housing: string; readonly cavity: string }
  | { readonly code: 'cavity-twice'; readonly housing: string; readonly cavity: string }

/**
 * Checks what no schema can (ids once only, references that lead somewhere, cavities that can be placed) and builds the indexes.
 * @returns the catalogue, or every fault found
 */
export function buildCatalogue(input: CatalogueInput): Result<Catalogue, readonly CatalogueFault[]> {
  const faults: CatalogueFault[] = []
  const names = new Map<string, CatalogueName>()

  /** Puts a thing under its id, and its id and aliases under its names. An alias never hides an id. */
  function register<T extends { readonly id: string; readonly aliases?: readonly string[] }>(kind: CatalogueName['kind'], map: Map<string, T>, item: T) {
    if (map.has(item.id)) faults.push({ code: 'duplicate-id', kind, id: item.id })
    map.set(item.id, item)
    names.set(item.id.toLowerCase(), { kind, id: item.id })
    for (const alias of item.aliases ?? []) if (!names.has(alias.toLowerCase())) names.set(alias.toLowerCase(), { kind, id: item.id })
  }

  const families = new Map<string, FamilyFacts>()
  const housings = new Map<string, Housing>()
  const contacts = new Map<string, Contact>()
  const seals = new Map<string, Seal>()
  const parts = new Map<string, SmallPart>()
  const wireTypes = new Map<string, WireType>()
  const tools = new Map<string, Tool>()

  for (const family of input.families) {
    if (families.has(family.id)) faults.push({ code: 'duplicate-id', kind: 'family', id: family.id })
    families.set(family.id, familyFacts(family))
    for (const contact of family.contacts) register('contact', contacts, { ...contact, family: family.id })
    for (const seal of family.seals) register('seal', seals, { ...seal, family: family.id })
    for (const part of family.parts) register('part', parts, { ...part, family: family.id })
    for (const housing of family.housings) {
      const placed = placeHousing(housing, family.id)
      if (placed.ok) register('housing', housings, placed.value)
      else faults.push(placed.fault)
    }
    faults.push(...referenceFaults(family))
  }
  for (const wireType of input.wireTypes) register('wire-type', wireTypes, wireType)
  for (const tool of input.tools) register('tool', tools, tool)

  const rowsByContact = new Map<string, PlacedRow[]>()
  for (const placard of input.placards) {
    const tool = tools.get(placard.tool)
    if (!tool) {
      faults.push({ code: 'unknown-reference', in: placard.id, field: 'tool', id: placard.tool })
      continue
    }
    for (const row of placard.rows) {
      if (!contacts.has(row.contact)) faults.push({ code: 'unknown-reference', in: placard.id, field: 'contact', id: row.contact })
      pushTo(rowsByContact, row.contact, { row, placard, tool })
    }
  }
  if (faults.length > 0) return fail(faults)

  return ok({
    families, housings, contacts, seals, parts, wireTypes, tools, rowsByContact, names,
    contactsBySize: groupBy(sorted(contacts.values(), (c) => c.conductor.minMm2), (c) => sizeKey(c.family, c.size)),
    contactsByFamily: groupBy(contacts.values(), (c) => c.family),
    sealsByFamily: groupBy(sorted(seals.values(), (s) => s.insulation.minMm), (s) => s.family),
    notchesMm: [...tools.values()].flatMap((tool) => (tool.class === 'stripper' ? (tool.notchesMm ?? []) : [])),
  })
}

export const sizeKey = (family: string, size: string): string => `${family}/${size}`

/** A family without its lists of parts. */
export function familyFacts({ housings: _h, contacts: _c, seals: _s, parts: _p, ...facts }: FamilyInput): FamilyFacts {
  return facts
}

/** The housing with every cavity at its place and its size. */
export function placeHousing(input: HousingInput, family: string): Result<Housing, CatalogueFault> {
  const { cavities: given, ...rest } = input
  const placed = placeCavities(input.arrangement, input.ids)
  if (!placed.ok) return fail({ code: 'bad-arrangement', housing: input.id, fault: placed.fault })
  const cavities: Cavity[] = []
  for (const cavity of given ?? placed.value) {
    const size = ('size' in cavity ? (cavity.size as string) : undefined) ?? input.cavitySize
    if (size === undefined) return fail({ code: 'cavity-without-size', housing: input.id, cavity: cavity.id })
    cavities.push({ ...cavity, size })
  }
  const twice = cavities.find((cavity, i) => cavities.findIndex((other) => other.id === cavity.id) !== i)
  if (twice) return fail({ code: 'cavity-twice', housing: input.id, cavity: twice.id })
  return ok({ ...rest, cavities, family })
}

function referenceFaults(family: FamilyInput): CatalogueFault[] {
  const faults: CatalogueFault[] = []
  const sizes = new Set(family.sizes.map((size) => size.id))
  const parts = new Set(family.parts.map((part) => part.id))
  const need = (known: Set<string>, inside: string, field: string, ref: string | undefined) => {
    if (ref !== undefined && !known.has(ref)) faults.push({ code: 'unknown-reference', in: inside, field, id: ref })
  }
  for (const size of family.sizes) need(parts, family.id, 'sizes.plug', size.plug)
  for (const contact of family.contacts) need(sizes, contact.id, 'size', contact.size)
  for (const housing of family.housings) {
    need(sizes, housing.id, 'cavitySize', housing.cavitySize)
    need(parts, housing.id, 'lock', housing.lock)
    need(parts, housing.id, 'interfaceSeal', housing.interfaceSeal)
    for (const cavity of housing.cavities ?? []) need(sizes, housing.id, `cavities.${cavity.id}.size`, cavity.size)
  }
  return faults
}

function pushTo<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const list = map.get(key)
  if (list) list.push(value)
  else map.set(key, [value])
}

function groupBy<T>(items: Iterable<T>, key: (item: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const item of items) pushTo(groups, key(item), item)
  return groups
}

const sorted = <T>(items: Iterable<T>, by: (item: T) => number): T[] => [...items].sort((a, b) => by(a) - by(b))

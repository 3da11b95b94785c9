import { groupBy, pushTo, sortedBy } from '../../base/collections'
import { placeCavities } from '../../base/face/arrangement'
import { type Result, fail, ok } from '../../base/result'
import { type HouseRules, completeRules, houseRules } from '../rules/houseRules'
import { type CatalogueFault, packageFaults } from './faults'
import { type Waiting, waitingIn } from './waiting'
import {
  type Cable,
  type CatalogueInput,
  type Cavity,
  type CavityContact,
  type Contact,
  type FamilyFacts,
  type FamilyInput,
  type Housing,
  type HousingInput,
  type Pack,
  type Placard,
  type PlacardRow,
  type Seal,
  type SleeveContact,
  type SmallPart,
  type Tool,
  type WireType,
  isInCrib,
  isSleeve,
} from './types'

/** The catalogue with an index for every question that the bench asks of it. Built once, then only read. */
export interface Catalogue {
  readonly families: ReadonlyMap<string, FamilyFacts>
  readonly housings: ReadonlyMap<string, Housing>
  readonly contacts: ReadonlyMap<string, Contact>
  readonly seals: ReadonlyMap<string, Seal>
  readonly parts: ReadonlyMap<string, SmallPart>
  readonly wireTypes: ReadonlyMap<string, WireType>
  readonly cables: ReadonlyMap<string, Cable>
  readonly tools: ReadonlyMap<string, Tool>
  readonly packs: ReadonlyMap<string, Pack>
  /** the schools that ship and the bench's own */
  readonly rules: ReadonlyMap<string, HouseRules>
  /** contacts by `family/size`, by ascending lower end of the conductor range */
  readonly contactsBySize: ReadonlyMap<string, readonly CavityContact[]>
  readonly contactsByFamily: ReadonlyMap<string, readonly CavityContact[]>
  /** terminals and splices, which go into no housing */
  readonly terminals: readonly SleeveContact[]
  /** by family, by ascending window */
  readonly sealsByFamily: ReadonlyMap<string, readonly Seal[]>
  readonly housingsByFamily: ReadonlyMap<string, readonly Housing[]>
  readonly rowsByContact: ReadonlyMap<string, readonly PlacedRow[]>
  /** packs in which a part can be bought, cheapest for each piece first */
  readonly packsByPart: ReadonlyMap<string, readonly Pack[]>
  /** ids and aliases, lower case, to what they name */
  readonly names: ReadonlyMap<string, CatalogueName>
  /** figures that are here before what they speak of */
  readonly waiting: readonly Waiting[]
  /** openings of all strippers in the crib, mm */
  readonly notchesMm: readonly number[]
  /** what is printed beside an opening, where its stripper has a print, by its mm */
  readonly notchMarks: ReadonlyMap<number, string>
}

export interface PlacedRow {
  readonly row: PlacardRow
  readonly placard: Placard
  readonly tool: Tool
}

export interface CatalogueName {
  readonly kind: 'housing' | 'contact' | 'seal' | 'part' | 'wire-type' | 'cable' | 'tool' | 'pack'
  readonly id: string
}

/** What is put on a shelf, by its id; names lead to ids, and what stands twice is a fault. */
class Shelf {
  readonly faults: CatalogueFault[] = []
  readonly names = new Map<string, CatalogueName>()
  readonly families = new Map<string, FamilyFacts>()
  readonly housings = new Map<string, Housing>()
  readonly contacts = new Map<string, Contact>()
  readonly seals = new Map<string, Seal>()
  readonly parts = new Map<string, SmallPart>()
  readonly wireTypes = new Map<string, WireType>()
  readonly cables = new Map<string, Cable>()
  readonly tools = new Map<string, Tool>()
  readonly packs = new Map<string, Pack>()
  readonly rules = new Map<string, HouseRules>(Object.entries(houseRules))

  /** Puts a thing under its id, and its id and aliases under its names. An alias never hides an id. */
  put<T extends { readonly id: string; readonly aliases?: readonly string[] | undefined }>(
    kind: CatalogueName['kind'],
    map: Map<string, T>,
    item: T,
  ): void {
    if (map.has(item.id)) this.faults.push({ kind: 'duplicate-id', item: kind, id: item.id })
    map.set(item.id, item)
    this.names.set(item.id.toLowerCase(), { kind, id: item.id })
    for (const alias of item.aliases ?? [])
      if (!this.names.has(alias.toLowerCase())) this.names.set(alias.toLowerCase(), { kind, id: item.id })
  }

  putFamily(family: CatalogueInput['families'][number]): void {
    const { id } = family
    if (this.families.has(id)) this.faults.push({ kind: 'duplicate-id', item: 'family', id })
    this.families.set(id, familyFacts(family))
    for (const contact of family.contacts) this.put('contact', this.contacts, { ...contact, family: id })
    for (const seal of family.seals) this.put('seal', this.seals, { ...seal, family: id })
    for (const part of family.parts) this.put('part', this.parts, { ...part, family: id })
    for (const housing of family.housings) {
      const placed = placeHousing(housing, id)
      if (placed.ok) this.put('housing', this.housings, placed.value)
      else this.faults.push(placed.fault)
    }
  }

  putRules(own: CatalogueInput['rules'][number]): void {
    if (this.rules.has(own.id)) this.faults.push({ kind: 'duplicate-id', item: 'rules', id: own.id })
    this.rules.set(own.id, completeRules(own))
  }
}

/**
 * Checks what no schema can (ids once only, references within a family that lead somewhere, cavities that can be placed and do not overlap,
 * placards that do not contradict themselves) and builds the indexes.
 * @returns the catalogue, or every fault found
 */
export function buildCatalogue(input: CatalogueInput): Result<Catalogue, readonly CatalogueFault[]> {
  const shelf = new Shelf()
  for (const family of input.families) shelf.putFamily(family)
  for (const wireType of input.wireTypes) shelf.put('wire-type', shelf.wireTypes, wireType)
  for (const cable of input.cables) shelf.put('cable', shelf.cables, cable)
  for (const tool of input.tools) shelf.put('tool', shelf.tools, tool)
  for (const pack of input.packs) shelf.put('pack', shelf.packs, pack)
  for (const own of input.rules) shelf.putRules(own)
  const faults = [...shelf.faults, ...packageFaults(input, shelf)]
  return faults.length > 0 ? fail(faults) : ok(indexed(shelf, input))
}

/**
 * The catalogue of a shelf as it is stored: it held together on its way in.
 * @throws when it does not any more
 */
export function storedCatalogue(shelf: CatalogueInput): Catalogue {
  const built = buildCatalogue(shelf)
  if (!built.ok) throw new Error(`the stored catalogue does not hold together: ${JSON.stringify(built.fault[0])}`)
  return built.value
}

/** What is asked often, by what it is asked by. */
function indexed(shelf: Shelf, input: CatalogueInput): Catalogue {
  const { faults: _faults, contacts, seals, tools, packs, housings, ...rest } = shelf
  const rowsByContact = new Map<string, PlacedRow[]>()
  for (const placard of input.placards) {
    const tool = tools.get(placard.tool)
    if (tool) for (const row of placard.rows) pushTo(rowsByContact, row.contact, { row, placard, tool })
  }
  const packsByPart = new Map<string, Pack[]>()
  for (const pack of packs.values()) for (const content of pack.contents) pushTo(packsByPart, content.part, pack)
  for (const [part, list] of packsByPart) list.sort((a, b) => priceEach(a, part) - priceEach(b, part))
  const strippers = [...tools.values()].filter((tool) => tool.class === 'stripper' && isInCrib(tool))
  const inCavities = [...contacts.values()].filter((contact): contact is CavityContact => !isSleeve(contact))
  return {
    ...rest,
    contacts,
    seals,
    tools,
    packs,
    housings,
    rowsByContact,
    packsByPart,
    waiting: waitingIn(input, shelf),
    contactsBySize: groupBy(
      sortedBy(inCavities, (c) => c.conductor.minMm2),
      (c) => sizeKey(c.family, c.size),
    ),
    contactsByFamily: groupBy(inCavities, (c) => c.family),
    terminals: sortedBy([...contacts.values()].filter(isSleeve), (c) => c.conductor.minMm2),
    sealsByFamily: groupBy(
      sortedBy(seals.values(), (s) => s.insulation.minMm),
      (s) => s.family,
    ),
    housingsByFamily: groupBy(housings.values(), (h) => h.family),
    notchesMm: strippers.flatMap((tool) => tool.notchesMm ?? []),
    notchMarks: new Map(
      strippers.flatMap(({ notchesMm = [], notchMarks = [] }) =>
        notchesMm.flatMap((mm, i) => (notchMarks[i] === undefined ? [] : ([[mm, notchMarks[i]]] as const))),
      ),
    ),
  }
}

/** Price of one piece of a part in a pack; without a price it comes last. An assortment is shared out by pieces. */
export function priceEach(pack: Pack, part: string): number {
  const pieces = pack.contents.reduce((sum, content) => sum + content.count, 0)
  return pack.price === undefined || !pack.contents.some((content) => content.part === part)
    ? Infinity
    : pack.price / pieces
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
  if (!placed.ok) return fail({ kind: 'bad-arrangement', housing: input.id, fault: placed.fault })
  const otherSizes = new Map(
    Object.entries(input.otherSizes ?? {}).flatMap(([size, ids]) => ids.map((id) => [id, size] as const)),
  )
  const cavities: Cavity[] = []
  const seen = new Set<string>()
  for (const cavity of given ?? placed.value) {
    const size =
      ('size' in cavity ? (cavity.size as string) : undefined) ?? otherSizes.get(cavity.id) ?? input.cavitySize
    if (size === undefined) return fail({ kind: 'cavity-without-size', housing: input.id, cavity: cavity.id })
    if (seen.has(cavity.id)) return fail({ kind: 'cavity-twice', housing: input.id, cavity: cavity.id })
    seen.add(cavity.id)
    otherSizes.delete(cavity.id)
    cavities.push({ ...cavity, size })
  }
  const [stray] = otherSizes.keys()
  if (stray !== undefined) return fail({ kind: 'unknown-reference', in: input.id, field: 'otherSizes', id: stray })
  return ok({ ...rest, cavities, family })
}

import type { Catalogue } from '../catalogue/catalogue'
import { type FamilyFacts, type Tool, isInCrib } from '../catalogue/types'

/** What speaks for and against a family, so that several can be laid side by side. */
export interface FamilySide {
  readonly mostA: number | undefined
  readonly mostMm2: number | undefined
  readonly mostWays: number
  readonly clips: boolean
  /** tools that crimp its contacts, those in the crib first, then by price */
  readonly tools: readonly Pick<Tool, 'id' | 'price' | 'held'>[]
  /** what the cheapest tool that is not in the crib costs, where none is */
  readonly toolPrice: number | undefined
}

/** The largest of what is known; undefined where nothing is. */
const most = (figures: readonly (number | undefined)[]) => {
  const known = figures.filter((one) => one !== undefined)
  return known.length === 0 ? undefined : Math.max(...known)
}

/** The facts of a family beside others'. */
export function familySide(catalogue: Catalogue, family: FamilyFacts): FamilySide {
  const contacts = catalogue.contactsByFamily.get(family.id) ?? []
  const housings = catalogue.housingsByFamily.get(family.id) ?? []
  const tools = new Map<string, Tool>()
  for (const contact of contacts)
    for (const { tool } of catalogue.rowsByContact.get(contact.id) ?? []) tools.set(tool.id, tool)
  const sorted = [...tools.values()].sort(
    (a, b) =>
      Number(isInCrib(b)) - Number(isInCrib(a)) ||
      (a.price ?? Infinity) - (b.price ?? Infinity) ||
      (a.id < b.id ? -1 : 1),
  )
  const [first] = sorted
  return {
    mostA: most(contacts.map((contact) => contact.ratedA)),
    mostMm2: most(contacts.map((contact) => contact.conductor.maxMm2)),
    mostWays: Math.max(0, ...housings.map((housing) => housing.cavities.length)),
    clips: housings.some(({ parts = [] }) => parts.some(({ part }) => catalogue.parts.get(part)?.kind === 'clip')),
    tools: sorted.map(({ id, price, held }) => ({ id, ...(price !== undefined && { price }), ...(held && { held }) })),
    toolPrice: first && !isInCrib(first) ? first.price : undefined,
  }
}

import { sortedBy } from '../base/collections'
import type { Catalogue, PlacedRow } from '../parts/catalogue/catalogue'
import { constructionOf } from '../parts/catalogue/constructions'
import { toolClasses } from '../parts/catalogue/toolClasses'
import { type Construction, type Contact, type Tool, isInCrib } from '../parts/catalogue/types'

/** Wires from and to, by their conductor. */
export interface Areas {
  readonly minMm2: number
  readonly maxMm2: number
}

/** A contact that a tool has a setting for, and the wires that its card takes. */
interface ReachedContact {
  readonly contact: Contact
  readonly wire: Areas
}

/** What of the shelf a tool crimps, what it could and no card says how, and what its class would ruin. */
export interface ToolReach {
  readonly crimps: readonly ReachedContact[]
  /** its class may close them: a row of its card is all that is missing; `by` are held tools that do it */
  readonly noRow: readonly { readonly contact: Contact; readonly by: readonly string[] }[]
  /** constructions on the shelf that this class destroys */
  readonly never: readonly Construction[]
}

const suits = (contact: Contact, tool: Pick<Tool, 'class'>) =>
  (constructionOf(contact).toolClasses(contact) as readonly string[]).includes(tool.class)

const spanOf = (rows: readonly PlacedRow[]): Areas => ({
  minMm2: Math.min(...rows.map(({ row }) => row.conductor.minMm2)),
  maxMm2: Math.max(...rows.map(({ row }) => row.conductor.maxMm2)),
})

/** What of the shelf a tool does. A tool that does not crimp does nothing of it. */
export function toolReach(catalogue: Catalogue, tool: Tool): ToolReach {
  if (!toolClasses[tool.class].crimps) return { crimps: [], noRow: [], never: [] }
  const crimps: ReachedContact[] = []
  const noRow: { contact: Contact; by: readonly string[] }[] = []
  const never = new Set<Construction>()
  for (const contact of catalogue.contacts.values()) {
    if (!suits(contact, tool)) {
      never.add(contact.construction)
      continue
    }
    const rows = catalogue.rowsByContact.get(contact.id) ?? []
    const own = rows.filter((placed) => placed.tool.id === tool.id)
    if (own.length > 0) crimps.push({ contact, wire: spanOf(own) })
    else
      noRow.push({
        contact,
        by: [
          ...new Set(
            rows
              .map((placed) => placed.tool)
              .filter(isInCrib)
              .map(({ id }) => id),
          ),
        ],
      })
  }
  // a construction of which its class closes any is not one that it ruins
  for (const { contact } of [...crimps, ...noRow]) never.delete(contact.construction)
  return { crimps: byName(crimps), noRow: byName(noRow), never: [...never].sort() }
}

const byName = <T extends { readonly contact: Contact }>(list: readonly T[]): readonly T[] =>
  [...list].sort(({ contact: a }, { contact: b }) => a.family.localeCompare(b.family) || a.name.localeCompare(b.name))

/** A contact of the shelf that no tool of the crib has a setting for, or not for all of its wires. */
export interface Uncrimped {
  readonly contact: Contact
  /** parts of its conductor range that no card of a held tool covers */
  readonly gaps: readonly Areas[]
  /** tools that have a card for it and are not held */
  readonly elsewhere: readonly string[]
  /** classes that may close it, best first */
  readonly classes: readonly Tool['class'][]
}

/** Printed ranges leave a little between their rows (0.24 and 0.25 are neighbours), and round a gauge: 8 and 8.1 are one. */
const nearMm2 = (areaMm2: number) => Math.max(0.011, 0.035 * areaMm2)

/** What of the shelf cannot be crimped yet. */
export const notCrimpedYet = (catalogue: Catalogue): readonly Uncrimped[] =>
  byName(
    [...catalogue.contacts.values()].flatMap((contact): readonly Uncrimped[] => {
      const rows = (catalogue.rowsByContact.get(contact.id) ?? []).filter(({ tool }) => suits(contact, tool))
      const gaps = gapsOf(
        contact.conductor,
        rows.filter(({ tool }) => isInCrib(tool)).map(({ row }) => row.conductor),
      )
      if (gaps.length === 0) return []
      const others = rows.filter(({ tool }) => !isInCrib(tool)).map(({ tool }) => tool.id)
      return [
        {
          contact,
          gaps,
          elsewhere: [...new Set(others)].sort(),
          classes: constructionOf(contact).toolClasses(contact),
        },
      ]
    }),
  )

/** What of a range no other one covers. */
function gapsOf(whole: Areas, covered: readonly Areas[]): readonly Areas[] {
  const gaps: Areas[] = []
  let from = whole.minMm2
  for (const { minMm2, maxMm2 } of sortedBy(covered, (one) => one.minMm2)) {
    if (minMm2 > from + nearMm2(from)) gaps.push({ minMm2: from, maxMm2: Math.min(minMm2, whole.maxMm2) })
    from = Math.max(from, maxMm2)
    if (from >= whole.maxMm2 - nearMm2(whole.maxMm2)) return gaps
  }
  return [...gaps, { minMm2: from, maxMm2: whole.maxMm2 }]
}

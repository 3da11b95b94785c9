import { packageLists } from './packageLists'
import type { CatalogueInput, Placard } from './types'

/**
 * A package as it will lie on the shelf. Parts replace those of the same id. A placard is shared by families, so it is taken
 * row by row: the package says all about the contacts of its families and about those that its rows name; the shelf's rows for
 * any other contact stay.
 */
export function fitToShelf(shelf: CatalogueInput, incoming: CatalogueInput): CatalogueInput {
  if (incoming.placards.length === 0) return incoming
  const families = new Set(incoming.families.map((family) => family.id))
  const spokenOf = new Set([
    ...[...incoming.families, ...shelf.families.filter((family) => families.has(family.id))].flatMap((family) =>
      family.contacts.map((contact) => contact.id),
    ),
    ...incoming.placards.flatMap((placard) => placard.rows.map((row) => row.contact)),
  ])
  const before = new Map(shelf.placards.map((placard) => [placard.id, placard]))
  const widened = incoming.placards.map((placard): Placard => {
    const kept = before.get(placard.id)?.rows.filter((row) => !spokenOf.has(row.contact)) ?? []
    return kept.length === 0
      ? placard
      : { ...placard, rows: inOrder([...kept, ...placard.rows], before.get(placard.id)?.rows ?? []) }
  })
  return { ...incoming, placards: widened }
}

/** Rows in the order of the placard as it stands, new ones last: a row that did not change does not move. */
function inOrder(rows: readonly Placard['rows'][number][], order: Placard['rows']): Placard['rows'] {
  const name = (row: Placard['rows'][number]) => `${row.contact} ${row.conductor.minMm2} ${row.conductor.maxMm2}`
  const place = new Map(order.map((row, i) => [name(row), i]))
  return [...rows].sort((a, b) => (place.get(name(a)) ?? order.length) - (place.get(name(b)) ?? order.length))
}

/** The shelf with a package laid over it, which was fitted to it before: parts by id, the incoming ones in place of those that are there. */
export function layPackage(shelf: CatalogueInput, fitted: CatalogueInput): CatalogueInput {
  const lists = Object.values(packageLists).map((list) => {
    const incoming = new Set(fitted[list].map((item) => item.id))
    return [list, [...shelf[list].filter((item) => !incoming.has(item.id)), ...fitted[list]]]
  })
  return { ...shelf, ...(Object.fromEntries(lists) as Partial<CatalogueInput>) }
}

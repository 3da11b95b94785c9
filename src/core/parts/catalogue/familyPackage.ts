import { emptyPackage } from './packageLists'
import type { CatalogueInput } from './types'

/** One family as a package of its own: with the tools and placard rows for its contacts, and the packs that hold nothing but its parts. */
export function familyPackage(shelf: CatalogueInput, familyId: string): CatalogueInput | undefined {
  const family = shelf.families.find((one) => one.id === familyId)
  if (!family) return undefined
  const contacts = new Set(family.contacts.map((contact) => contact.id))
  const parts = new Set([...contacts, ...[...family.seals, ...family.parts, ...family.housings].map((part) => part.id)])
  const placards = shelf.placards
    .map((placard) => ({ ...placard, rows: placard.rows.filter((row) => contacts.has(row.contact)) }))
    .filter((placard) => placard.rows.length > 0)
  const tools = new Set([
    ...placards.map((placard) => placard.tool),
    ...family.contacts.flatMap((contact) => contact.sheetTool ?? []),
  ])
  return {
    ...emptyPackage,
    families: [family],
    tools: shelf.tools.filter((tool) => tools.has(tool.id)),
    placards,
    packs: shelf.packs.filter((pack) => pack.contents.every((content) => parts.has(content.part))),
  }
}

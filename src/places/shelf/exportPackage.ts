import { emptyPackage } from '@/core/catalogue/packageLists'
import type { CatalogueInput } from '@/core/catalogue/types'
import type { Database } from '@/data/database'
import { readCatalogueInput } from '@/data/repositories/catalogue'

/** The shelf as a package; of one family, with the tools and placard rows for its contacts and the packs in which its parts come. */
export async function exportPackage(db: Database, familyId?: string): Promise<CatalogueInput | undefined> {
  const all = await readCatalogueInput(db)
  if (familyId === undefined) return all
  const family = all.families.find((one) => one.id === familyId)
  if (!family) return undefined
  const contacts = new Set(family.contacts.map((contact) => contact.id))
  const parts = new Set([...contacts, ...family.seals.map((seal) => seal.id), ...family.parts.map((part) => part.id), ...family.housings.map((housing) => housing.id)])
  const placards = all.placards.map((placard) => ({ ...placard, rows: placard.rows.filter((row) => contacts.has(row.contact)) })).filter((placard) => placard.rows.length > 0)
  const tools = new Set([...placards.map((placard) => placard.tool), ...family.contacts.flatMap((contact) => contact.sheetTool ?? [])])
  return { ...emptyPackage, families: [family], tools: all.tools.filter((tool) => tools.has(tool.id)), placards, packs: all.packs.filter((pack) => pack.contents.every((content) => parts.has(content.part))) }
}

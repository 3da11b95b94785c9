import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import type { FamilyInput, Placard } from '@/core/parts/catalogue/types'
import { waitingOfFamily } from '@/core/parts/catalogue/waiting'
import { bench } from '@/data/bench'
import { loadCatalogue, readItem, readItems } from '@/data/repositories/catalogue'
import { readStock } from '@/data/repositories/stock'
import type { FamilyPage, PartLine, ShelfModel, ShelfPage } from './shelfData'

/** One page of the Shelf, by the address; undefined when it names a family that is not there. */
export async function readShelf(query: {
  readonly show?: string | undefined
  readonly family?: string | undefined
}): Promise<ShelfModel | undefined> {
  const { db, catalogue: cache } = await bench()
  const [catalogue, stock] = await Promise.all([loadCatalogue(db, cache), readStock(db)])
  const families = [...catalogue.families.values()]
    .map(({ id, name }) => ({
      id,
      name,
      housings: catalogue.housingsByFamily.get(id)?.length ?? 0,
      contacts:
        catalogue.contactsByFamily.get(id)?.length ?? catalogue.terminals.filter((one) => one.family === id).length,
    }))
    .sort((a, b) => (a.name < b.name ? -1 : 1))
  const page = await readPage(query, catalogue, families[0]?.id)
  return (
    page && {
      families,
      tools:
        page.show === 'edit' || page.show === 'new'
          ? [...catalogue.tools.values()].map(({ id, name, dies, positioners, nestsMm, nestMarks }) => ({
              id,
              name,
              ...(dies && { dies }),
              ...(positioners && { positioners }),
              ...(nestsMm && { nestsMm }),
              ...(nestMarks && { nestMarks }),
            }))
          : [],
      low: stock.filter((line) => line.reorderLevel > 0 && line.count - line.reserved < line.reorderLevel).length,
      page,
    }
  )
}

async function readPage(
  { show, family }: { readonly show?: string | undefined; readonly family?: string | undefined },
  catalogue: Catalogue,
  first: string | undefined,
): Promise<ShelfPage | undefined> {
  const { db } = await bench()
  switch (show) {
    case 'new':
      return { show: 'new' }
    case 'identify':
      return { show: 'identify' }
    case 'import':
      return { show: 'import' }
    case 'wires':
      return {
        show: 'wires',
        wireTypes: [...catalogue.wireTypes.values()],
        cables: [...catalogue.cables.values()],
        packs: [...catalogue.packs.values()],
      }
    case 'stock':
      return { show: 'stock', parts: await partLines(catalogue) }
    default: {
      const id = family ?? first
      if (id === undefined) return { show: 'new' }
      const page = await familyPage(id)
      return (
        page &&
        (show === 'edit' || show === 'duplicate'
          ? { show: 'edit', page, duplicate: show === 'duplicate' }
          : { show: 'family', page })
      )
    }
  }

  async function familyPage(id: string): Promise<FamilyPage | undefined> {
    const [doc, placards] = await Promise.all([
      readItem<FamilyInput>(db, 'family', id),
      readItems<Placard>(db, 'placard'),
    ])
    if (!doc) return undefined
    const ids = new Set(doc.contacts.map((contact) => contact.id))
    return {
      family: doc,
      placards: placards.filter((placard) => placard.rows.some((row) => ids.has(row.contact))),
      waiting: waitingOfFamily(catalogue.waiting, doc),
    }
  }
}

/** Every part that can be counted, those with a stock first. */
async function partLines(catalogue: Catalogue): Promise<readonly PartLine[]> {
  const { db } = await bench()
  const stock = new Map((await readStock(db)).map((line) => [line.part, line]))
  const lines: PartLine[] = []
  const add = (
    kind: string,
    items: Iterable<{ readonly id: string; readonly name: string }>,
    unit: PartLine['unit'] = 'pcs',
  ) => {
    for (const { id, name } of items) {
      const line = stock.get(id)
      lines.push({
        part: id,
        name,
        kind,
        unit,
        ...(line && {
          stock: {
            count: line.count,
            reorderLevel: line.reorderLevel,
            reserved: line.reserved,
            countedAt: line.countedAt,
          },
        }),
      })
    }
  }
  add('contact', catalogue.contacts.values())
  add('seal', catalogue.seals.values())
  add('part', catalogue.parts.values())
  add('housing', catalogue.housings.values())
  add('wire', catalogue.wireTypes.values(), 'mm')
  return lines.sort(
    (a, b) => Number(b.stock !== undefined) - Number(a.stock !== undefined) || (a.part < b.part ? -1 : 1),
  )
}

import { priceEach, type Catalogue } from '../../parts/catalogue/catalogue'
import type { Pack } from '../../parts/catalogue/types'
import { kitTotal, type KitLine } from './kitList'

export interface PackOrder {
  readonly pack: string
  readonly name: string
  readonly packs: number
  readonly price?: number
}

/** A line of the kit against the shelf. */
export interface SupplyLine extends KitLine {
  readonly total: number
  /** on the shelf and free, or taken by this job already; undefined when the part was never counted */
  readonly free?: number
  readonly taken: number
  /** to be bought */
  readonly short: number
  readonly order?: PackOrder
}

export interface PartStock {
  readonly count: number
  /** by all jobs, this one included */
  readonly reserved: number
}

/** Millimetres in a metre of wire, which is what spools count in. */
const MM_PER_M = 1000

/** The kit against stock and packs: what is there, what is short, in which packs it is bought cheapest. */
export function supplyOf(
  lines: readonly KitLine[],
  stock: ReadonlyMap<string, PartStock>,
  taken: ReadonlyMap<string, number>,
  catalogue: Catalogue,
): readonly SupplyLine[] {
  return lines.map((line) => {
    const total = kitTotal(line)
    const mine = taken.get(line.part) ?? 0
    const shelf = stock.get(line.part)
    const free = shelf === undefined ? undefined : Math.max(0, shelf.count - shelf.reserved + mine)
    const short = Math.max(0, total - (free ?? 0))
    const order =
      short > 0
        ? cheapestOrder(
            catalogue.packsByPart.get(line.part) ?? [],
            line.part,
            line.unit === 'mm' ? short / MM_PER_M : short,
          )
        : undefined
    return { ...line, total, taken: mine, short, ...(free !== undefined && { free }), ...(order && { order }) }
  })
}

/** One kind of pack, as many as are needed: the kind for which that costs least. Without prices, the one that leaves least over. */
export function cheapestOrder(packs: readonly Pack[], part: string, short: number): PackOrder | undefined {
  const orders = packs.flatMap((pack) => {
    const count = pack.contents.find((content) => content.part === part)?.count ?? 0
    if (count <= 0) return []
    const needed = Math.ceil(short / count - 1e-9)
    return [
      { pack, needed, over: needed * count - short, price: pack.price === undefined ? undefined : pack.price * needed },
    ]
  })
  const [best] = orders.sort(
    (a, b) =>
      (a.price ?? Infinity) - (b.price ?? Infinity) ||
      a.over - b.over ||
      priceEach(a.pack, part) - priceEach(b.pack, part),
  )
  return (
    best && {
      pack: best.pack.id,
      name: best.pack.name,
      packs: best.needed,
      ...(best.price !== undefined && { price: best.price }),
    }
  )
}

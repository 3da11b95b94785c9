import { createHash } from 'node:crypto'
import canonicalize from 'canonicalize'
import { and, eq, sql } from 'drizzle-orm'
import { buildCatalogue, placeHousing, type Catalogue } from '@/core/catalogue/catalogue'
import { fitToShelf } from '@/core/catalogue/layPackage'
import { itemKinds, packageLists, type ItemKind } from '@/core/catalogue/packageLists'
import type { CatalogueFault } from '@/core/catalogue/faults'
import type { CatalogueInput, FamilyInput } from '@/core/catalogue/types'
import { fail, ok, type Result } from '@/core/result'
import type { Database } from '../database'
import { catalogueItem, meta } from '../schema'

interface Item {
  readonly kind: ItemKind
  readonly id: string
  readonly doc: unknown
}

const VERSION = 'catalogue-version'

/** Housings are kept with their cavities placed, so that what is read out is what was taken in. */
const placed = (family: FamilyInput): FamilyInput => ({
  ...family,
  housings: family.housings.map((housing) => {
    const whole = placeHousing(housing, family.id)
    return whole.ok ? { ...housing, cavities: [...whole.value.cavities] } : housing
  }),
})

/** A package with every housing's cavities placed, as the shelf keeps it. */
export const placedPackage = (input: CatalogueInput): CatalogueInput => ({ ...input, families: input.families.map(placed) })

const itemsOf = (input: CatalogueInput): Item[] =>
  itemKinds.flatMap((kind) => input[packageLists[kind]].map((doc) => ({ kind, id: doc.id, doc: kind === 'family' ? placed(doc as FamilyInput) : doc })))

/** The whole shelf and crib as one package. */
export async function readCatalogueInput(db: Database): Promise<CatalogueInput> {
  const rows = await db.select().from(catalogueItem).orderBy(catalogueItem.kind, catalogueItem.id)
  // what is stored passed the schema on its way in
  return packageOf(rows.map((row) => ({ kind: row.kind as ItemKind, id: row.id, doc: row.doc })))
}

/** One document of the shelf, as it was taken in. */
export async function readItem<T>(db: Database, kind: ItemKind, id: string): Promise<T | undefined> {
  const [row] = await db.select({ doc: catalogueItem.doc }).from(catalogueItem).where(and(eq(catalogueItem.kind, kind), eq(catalogueItem.id, id)))
  return row?.doc as T | undefined
}

/** All documents of a kind. */
export const readItems = async <T>(db: Database, kind: ItemKind): Promise<readonly T[]> =>
  (await db.select({ doc: catalogueItem.doc }).from(catalogueItem).where(eq(catalogueItem.kind, kind)).orderBy(catalogueItem.id)).map((row) => row.doc as T)

export interface ImportOutcome {
  readonly added: readonly string[]
  readonly changed: readonly string[]
  readonly same: number
}

const fingerprint = (doc: unknown) => createHash('sha256').update(canonicalize(doc) ?? '').digest('hex')

/**
 * Lays a package over the shelf: items are added or replaced by id, placards row by row. All of it or none.
 * @returns what was added and changed, or why the shelf would not hold together with it
 */
export async function importCatalogue(db: Database, input: CatalogueInput, now: Date): Promise<Result<ImportOutcome, readonly CatalogueFault[]>> {
  return db.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(41001)`)
    const stored = await readCatalogueInput(tx)
    const before = new Map(itemsOf(stored).map((item) => [`${item.kind} ${item.id}`, fingerprint(item.doc)]))
    const incoming = itemsOf(fitToShelf(stored, input))
    const after = new Map([...itemsOf(stored), ...incoming].map((item) => [`${item.kind} ${item.id}`, item]))
    const seen = new Set<string>()
    const doubled = incoming.find((item) => {
      const key = `${item.kind} ${item.id}`
      const twice = seen.has(key)
      seen.add(key)
      return twice
    })
    if (doubled) return fail([{ code: 'duplicate-id', kind: doubled.kind, id: doubled.id }])
    const built = buildCatalogue(packageOf([...after.values()]))
    if (!built.ok) return fail(built.fault)
    const added: string[] = []
    const changed: string[] = []
    let same = 0
    for (const item of incoming) {
      const known = before.get(`${item.kind} ${item.id}`)
      if (known === fingerprint(item.doc)) {
        same++
        continue
      }
      ;(known === undefined ? added : changed).push(`${item.kind} ${item.id}`)
      await tx.insert(catalogueItem).values({ ...item, updatedAt: now }).onConflictDoUpdate({ target: [catalogueItem.kind, catalogueItem.id], set: { doc: item.doc, updatedAt: now } })
    }
    if (added.length + changed.length > 0) {
      const value = now.toISOString()
      await tx.insert(meta).values({ key: VERSION, value: `${value} 1` }).onConflictDoUpdate({ target: meta.key, set: { value: sql`${value} || ' ' || (split_part(${meta.value}, ' ', 2)::int + 1)` } })
    }
    return ok({ added, changed, same })
  })
}

const packageOf = (items: readonly Item[]): CatalogueInput =>
  ({ format: 'urn-bench/catalogue', version: 1, ...Object.fromEntries(itemKinds.map((kind) => [packageLists[kind], items.filter((item) => item.kind === kind).map((item) => item.doc)])) }) as unknown as CatalogueInput

export interface CatalogueCache {
  version?: string
  catalogue?: Catalogue
}

/** The indexed catalogue, built anew only when the shelf has changed. */
export async function loadCatalogue(db: Database, cache: CatalogueCache): Promise<Catalogue> {
  const [row] = await db.select({ value: meta.value }).from(meta).where(eq(meta.key, VERSION))
  const version = row?.value ?? 'empty'
  if (cache.catalogue && cache.version === version) return cache.catalogue
  const built = buildCatalogue(await readCatalogueInput(db))
  if (!built.ok) throw new Error(`the stored catalogue does not hold together: ${JSON.stringify(built.fault[0])}`)
  cache.version = version
  cache.catalogue = built.value
  return built.value
}

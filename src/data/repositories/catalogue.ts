import { and, asc, eq, sql } from 'drizzle-orm'
import { buildCatalogue, type Catalogue, storedCatalogue } from '@/core/parts/catalogue/catalogue'
import { fitToShelf } from '@/core/parts/catalogue/layPackage'
import { type ItemChange, figureChanges } from '@/core/parts/catalogue/comparePackages'
import { itemKinds, packageLists, type ItemKind } from '@/core/parts/catalogue/packageLists'
import { placedPackage } from '@/core/parts/catalogue/placedPackage'
import type { CatalogueFault } from '@/core/parts/catalogue/faults'
import type { CatalogueInput, Placard } from '@/core/parts/catalogue/types'
import { badText } from '@/core/base/badText'
import { fail, ok, type Result } from '@/core/base/result'
import { newBreath } from '../breath'
import type { Database } from '../database'
import { catalogueItem, meta } from '../schema'

interface Item {
  readonly kind: ItemKind
  readonly id: string
  readonly doc: unknown
}

const VERSION = 'catalogue-version'

const itemsOf = (input: CatalogueInput): Item[] =>
  itemKinds.flatMap((kind) => input[packageLists[kind]].map((doc) => ({ kind, id: doc.id, doc })))

/** The whole shelf and crib as one package. */
export async function readCatalogueInput(db: Database): Promise<CatalogueInput> {
  const rows = await db.select().from(catalogueItem).orderBy(catalogueItem.kind, catalogueItem.id)
  // what is stored passed the schema on its way in
  return packageOf(rows.map((row) => ({ kind: row.kind as ItemKind, id: row.id, doc: row.doc })))
}

/** One document of the shelf, as it was taken in. */
export async function readItem<T>(db: Database, kind: ItemKind, id: string): Promise<T | undefined> {
  const [row] = await db
    .select({ doc: catalogueItem.doc })
    .from(catalogueItem)
    .where(and(eq(catalogueItem.kind, kind), eq(catalogueItem.id, id)))
  return row?.doc as T | undefined
}

/** All documents of a kind. */
export const readItems = async <T>(db: Database, kind: ItemKind): Promise<readonly T[]> =>
  (
    await db
      .select({ doc: catalogueItem.doc })
      .from(catalogueItem)
      .where(eq(catalogueItem.kind, kind))
      .orderBy(catalogueItem.id)
  ).map((row) => row.doc as T)

/** The cards of a tool, in the order of their ids. */
export const readCardsOf = async (db: Database, tool: string): Promise<readonly Placard[]> =>
  (
    await db
      .select({ doc: catalogueItem.doc })
      .from(catalogueItem)
      .where(and(eq(catalogueItem.kind, 'placard'), sql`${catalogueItem.doc} ->> 'tool' = ${tool}`))
      .orderBy(asc(catalogueItem.id))
  ).map((row) => row.doc as Placard)

export interface ImportOutcome {
  readonly added: readonly string[]
  readonly changed: readonly string[]
  readonly same: number
}

/** Documents that go to the database in one statement: so many, and while they are short. */
const BATCH = { items: 50, characters: 60_000 }

/**
 * Lays a package over the shelf: items are added or replaced by id, placards row by row. All of it or none.
 * @param lay how the package is joined to what is there, where placards are meant whole
 * @returns what was added and changed, or why the shelf would not hold together with it
 */
export async function importCatalogue(
  db: Database,
  input: CatalogueInput,
  now: Date,
  lay: (stored: CatalogueInput, input: CatalogueInput) => CatalogueInput = fitToShelf,
): Promise<Result<ImportOutcome, readonly CatalogueFault[]>> {
  const bad = badText(input)
  if (bad) return fail([{ kind: 'bad-text', bad }])
  return db.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(41001)`)
    const stored = await readCatalogueInput(tx)
    const before = new Map(itemsOf(stored).map((item) => [`${item.kind} ${item.id}`, item.doc]))
    const incoming = itemsOf(lay(stored, placedPackage(input)))
    const after = new Map([...itemsOf(stored), ...incoming].map((item) => [`${item.kind} ${item.id}`, item]))
    const seen = new Set<string>()
    const doubled = incoming.find((item) => {
      const key = `${item.kind} ${item.id}`
      const twice = seen.has(key)
      seen.add(key)
      return twice
    })
    if (doubled) return fail([{ kind: 'duplicate-id', item: doubled.kind, id: doubled.id }])
    const built = buildCatalogue(packageOf([...after.values()]))
    if (!built.ok) return fail(built.fault)
    const added = incoming.filter((item) => !before.has(`${item.kind} ${item.id}`))
    const changed = incoming.filter(
      (item) =>
        before.has(`${item.kind} ${item.id}`) &&
        figureChanges(before.get(`${item.kind} ${item.id}`), item.doc).length > 0,
    )
    await putItems(tx, [...added, ...changed], now)
    return ok({
      added: added.map(nameOf),
      changed: changed.map(nameOf),
      same: incoming.length - added.length - changed.length,
    })
  })
}

/** A package as it will lie on the shelf that it was checked against, and what it would do to it; `shelf` is the version that it was checked against. */
export interface CheckedImport {
  readonly input: CatalogueInput
  readonly changes: readonly Pick<ItemChange, 'kind' | 'id' | 'change'>[]
  readonly shelf: string
}

/**
 * Takes in a package that was checked beside the requests. While the shelf is as it was then, nothing is worked out a second time.
 * @returns as `importCatalogue`
 */
export async function importChecked(
  db: Database,
  { input, changes, shelf }: CheckedImport,
  now: Date,
): Promise<Result<ImportOutcome, readonly CatalogueFault[]>> {
  const written = await db.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(41001)`)
    const twice = new Set(changes.map(nameOf)).size < changes.length
    if (twice || (await shelfVersion(tx)) !== shelf) return undefined
    const items = new Map(itemsOf(input).map((item) => [nameOf(item), item]))
    const put = changes.filter(({ change }) => change !== 'same')
    await putItems(
      tx,
      put.flatMap((item) => items.get(nameOf(item)) ?? []),
      now,
    )
    const named = (which: ItemChange['change']) => put.filter(({ change }) => change === which).map(nameOf)
    return { added: named('added'), changed: named('changed'), same: changes.length - put.length }
  })
  return written ? ok(written) : importCatalogue(db, input, now)
}

const nameOf = ({ kind, id }: Pick<Item, 'kind' | 'id'>) => `${kind} ${id}`

function* batchesOf(items: readonly Item[]): Generator<readonly Item[]> {
  let batch: Item[] = []
  let characters = 0
  for (const item of items) {
    const { length } = JSON.stringify(item.doc)
    if (batch.length === BATCH.items || (batch.length > 0 && characters + length > BATCH.characters)) {
      yield batch
      batch = []
      characters = 0
    }
    batch.push(item)
    characters += length
  }
  if (batch.length > 0) yield batch
}

/** Writes documents, and that the shelf is another one now. */
async function putItems(tx: Database, put: readonly Item[], now: Date): Promise<void> {
  const breath = newBreath()
  for (const batch of batchesOf(put)) {
    await breath()
    await tx
      .insert(catalogueItem)
      .values(batch.map((item) => ({ ...item, updatedAt: now })))
      .onConflictDoUpdate({
        target: [catalogueItem.kind, catalogueItem.id],
        set: { doc: sql`excluded.doc`, updatedAt: now },
      })
  }
  if (put.length === 0) return
  const value = now.toISOString()
  await tx
    .insert(meta)
    .values({ key: VERSION, value: `${value} 1` })
    .onConflictDoUpdate({
      target: meta.key,
      set: { value: sql`${value} || ' ' || (split_part(${meta.value}, ' ', 2)::int + 1)` },
    })
}

/** Changes with everything that is put on the shelf. */
export async function shelfVersion(db: Database): Promise<string> {
  const [row] = await db.select({ value: meta.value }).from(meta).where(eq(meta.key, VERSION))
  return row?.value ?? 'empty'
}

const packageOf = (items: readonly Item[]): CatalogueInput =>
  ({
    format: 'urn-bench/catalogue',
    version: 1,
    ...Object.fromEntries(
      itemKinds.map((kind) => [packageLists[kind], items.filter((item) => item.kind === kind).map((item) => item.doc)]),
    ),
  }) as unknown as CatalogueInput

export interface CatalogueCache {
  version?: string
  catalogue?: Catalogue
}

/** The indexed catalogue, built anew only when the shelf has changed. */
export async function loadCatalogue(db: Database, cache: CatalogueCache): Promise<Catalogue> {
  const version = await shelfVersion(db)
  if (cache.catalogue && cache.version === version) return cache.catalogue
  const catalogue = storedCatalogue(await readCatalogueInput(db))
  cache.version = version
  cache.catalogue = catalogue
  return catalogue
}

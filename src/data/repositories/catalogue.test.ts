import { afterAll, beforeAll, expect, test } from 'vitest'
import { emptyPackage } from '@/core/parts/catalogue/packageLists'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { demoShelfInput } from '@/core/parts/catalogue/demoShelf.testing'
import { parseCatalogue } from '@/formats/catalogueFile'
import type { OpenDatabase } from '../database'
import { openTestDatabase } from '../database.testing'
import { comparePackages } from '@/core/parts/catalogue/comparePackages'
import { importCatalogue, importChecked, loadCatalogue, readCatalogueInput, shelfVersion } from './catalogue'

let opened: OpenDatabase
beforeAll(async () => {
  opened = await openTestDatabase()
})
afterAll(() => opened.close())

const now = new Date('2026-11-25T09:00:00Z')
const only = (more: Partial<CatalogueInput>): CatalogueInput => ({ ...emptyPackage, ...more })

test('the demo shelf goes in, comes out, and goes in again as the same', async () => {
  const first = await importCatalogue(opened.db, demoShelfInput(), now)
  expect(first).toMatchObject({ ok: true, value: { changed: [], same: 0 } })
  expect(first.ok && first.value.added).toContain('family celadon-m')
  const out = await readCatalogueInput(opened.db)
  const parsed = parseCatalogue(JSON.parse(JSON.stringify(out)))
  expect(parsed.ok && (await importCatalogue(opened.db, parsed.value, now))).toMatchObject({
    ok: true,
    value: { added: [], changed: [] },
  })
})

test('a change of one wire type changes that one, and what is kept in memory follows', async () => {
  const cache = {}
  const before = await loadCatalogue(opened.db, cache)
  expect(await loadCatalogue(opened.db, cache)).toBe(before)
  const type = before.wireTypes.get('TW-0.5')
  if (!type) throw new Error('wire type')
  const outcome = await importCatalogue(opened.db, only({ wireTypes: [{ ...type, insulationMm: 1.7 }] }), now)
  expect(outcome).toMatchObject({ ok: true, value: { added: [], changed: ['wire-type TW-0.5'], same: 0 } })
  expect((await loadCatalogue(opened.db, cache)).wireTypes.get('TW-0.5')?.insulationMm).toBe(1.7)
})

test('a placard for a contact that is not there is taken and waits, and the shelf says so', async () => {
  const source = { document: 'card', basis: 'sheet' as const }
  const outcome = await importCatalogue(
    opened.db,
    only({
      tools: [{ id: 'ZZ-1', name: 'New frame', class: 'four-indent-positioned', source }],
      placards: [
        { id: 'ZZ-card', tool: 'ZZ-1', rows: [{ contact: 'NOPE', conductor: { minMm2: 0.1, maxMm2: 1 } }], source },
      ],
    }),
    now,
  )
  expect(outcome).toMatchObject({ ok: true, value: { added: ['tool ZZ-1', 'placard ZZ-card'] } })
  const { waiting } = await loadCatalogue(opened.db, {})
  expect(waiting).toEqual([{ kind: 'contact', contact: 'NOPE', tool: 'ZZ-1', rows: [1] }])
})

test('a core of a wire that is not there is refused, and nothing of the package is written', async () => {
  const before = await readCatalogueInput(opened.db)
  const [cable] = before.cables
  if (!cable) throw new Error('cable')
  const outcome = await importCatalogue(
    opened.db,
    only({
      wireTypes: before.wireTypes.slice(0, 1).map((type) => ({ ...type, id: 'ZZ-wire' })),
      cables: [{ ...cable, id: 'ZZ-cable', cores: [{ colour: 'BN', type: 'NOPE' }] }],
    }),
    now,
  )
  expect(outcome).toEqual({
    ok: false,
    fault: [{ kind: 'unknown-reference', in: 'ZZ-cable', field: 'cores.0.type', id: 'NOPE' }],
  })
  expect(await readCatalogueInput(opened.db)).toEqual(before)
})

test('the same id twice in one package is refused', async () => {
  const source = { document: 'card', basis: 'sheet' as const }
  const tool = { id: 'ZZ-2', name: 'New frame', class: 'gauge' as const, source }
  expect(await importCatalogue(opened.db, only({ tools: [tool, { ...tool, name: 'other' }] }), now)).toMatchObject({
    ok: false,
    fault: [{ kind: 'duplicate-id', id: 'ZZ-2' }],
  })
})

/** As it comes out of the check beside the requests. */
async function checked(input: CatalogueInput) {
  const stored = await readCatalogueInput(opened.db)
  return { input, changes: comparePackages(stored, input), shelf: await shelfVersion(opened.db) }
}

test('what was checked against the shelf as it is goes in as it would unchecked', async () => {
  const [type, same] = (await readCatalogueInput(opened.db)).wireTypes
  if (!type || !same) throw new Error('wire types')
  const input = only({ wireTypes: [{ ...type, insulationMm: 2.1 }, { ...type, id: 'TW-NEW', aliases: [] }, same] })
  const before = await shelfVersion(opened.db)
  expect(await importChecked(opened.db, await checked(input), now)).toEqual({
    ok: true,
    value: { added: ['wire-type TW-NEW'], changed: [`wire-type ${type.id}`], same: 1 },
  })
  expect(await shelfVersion(opened.db)).not.toBe(before)
  const shelf = await loadCatalogue(opened.db, {})
  expect([shelf.wireTypes.get('TW-NEW')?.id, shelf.wireTypes.get(type.id)?.insulationMm]).toEqual(['TW-NEW', 2.1])
  // nothing in it is new: the shelf is the same one
  const after = await shelfVersion(opened.db)
  expect(await importChecked(opened.db, await checked(input), now)).toMatchObject({ ok: true, value: { same: 3 } })
  expect(await shelfVersion(opened.db)).toBe(after)
})

test('a shelf that has changed since the check is looked at again', async () => {
  const [type] = (await readCatalogueInput(opened.db)).wireTypes
  if (!type) throw new Error('wire types')
  const late = await checked(only({ wireTypes: [{ ...type, insulationMm: 2.4 }] }))
  await importCatalogue(opened.db, only({ wireTypes: [{ ...type, insulationMm: 2.4 }] }), now)
  expect(await importChecked(opened.db, late, now)).toEqual({ ok: true, value: { added: [], changed: [], same: 1 } })
})

test('what stands twice in a checked package is refused all the same', async () => {
  const [type] = (await readCatalogueInput(opened.db)).wireTypes
  if (!type) throw new Error('wire types')
  const input = only({ wireTypes: [type, type] })
  expect(await importChecked(opened.db, await checked(input), now)).toMatchObject({
    ok: false,
    fault: [{ kind: 'duplicate-id' }],
  })
})

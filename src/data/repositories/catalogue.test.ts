import { afterAll, beforeAll, expect, test } from 'vitest'
import { emptyPackage } from '@/core/parts/catalogue/packageLists'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { demoShelfInput } from '@/core/parts/catalogue/demoShelf.testing'
import { parseCatalogue } from '@/formats/catalogueFile'
import type { OpenDatabase } from '../database'
import { openTestDatabase } from '../database.testing'
import { importCatalogue, loadCatalogue, readCatalogueInput } from './catalogue'

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

test('a placard for a contact that is not there is refused, and nothing of the package is written', async () => {
  const before = await readCatalogueInput(opened.db)
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
  expect(outcome).toEqual({
    ok: false,
    fault: [{ kind: 'unknown-reference', in: 'ZZ-card', field: 'contact', id: 'NOPE' }],
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

import { expect, test } from 'vitest'
import { demoShelf } from '../catalogue/demoShelf.testing'
import { familySide } from './familySide'

const shelf = demoShelf()
const side = (id: string) => {
  const family = shelf.families.get(id)
  if (!family) throw new Error(id)
  return familySide(shelf, family)
}

test('families lie side by side by what they carry, take and want', () => {
  const celadon = side('celadon-m')
  expect(celadon.mostWays).toBe(10)
  expect(celadon.mostA).toBeGreaterThan(5)
  expect(celadon.mostMm2).toBeGreaterThan(1)
  expect(celadon.tools.map((tool) => tool.id)).toContain('QF-5')
  // one of its tools is in the crib: nothing has to be bought
  expect(celadon.toolPrice).toBeUndefined()
})

test('a family whose tools are only in a shop says what the cheapest costs; one without figures says none', () => {
  const shop = new Map(
    [...shelf.tools].map(([id, tool]) => [id, { ...tool, held: 'shop' as const, price: id === 'QF-5' ? 90 : 200 }]),
  )
  const rowsByContact = new Map(
    [...shelf.rowsByContact].map(([contact, rows]) => [
      contact,
      rows.map((row) => ({ ...row, tool: shop.get(row.tool.id) ?? row.tool })),
    ]),
  )
  const family = shelf.families.get('celadon-m')
  if (!family) throw new Error('celadon-m')
  expect(familySide({ ...shelf, rowsByContact }, family).toolPrice).toBe(90)
  expect(familySide({ ...shelf, contactsByFamily: new Map() }, family)).toMatchObject({
    mostA: undefined,
    mostMm2: undefined,
    tools: [],
  })
})

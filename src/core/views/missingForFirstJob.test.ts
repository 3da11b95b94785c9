import { expect, test } from 'vitest'
import { buildCatalogue } from '../parts/catalogue/catalogue'
import { demoShelfInput } from '../parts/catalogue/demoShelf.testing'
import { emptyPackage } from '../parts/catalogue/packageLists'
import type { CatalogueInput } from '../parts/catalogue/types'
import { type FirstNeed, firstNeeds, missingForFirstJob } from './missingForFirstJob'

const demo = demoShelfInput()

/** What is missing with these parts of the demo's world on the shelf. */
function missing(parts: Partial<CatalogueInput>, people = 1, jobs = 0): readonly FirstNeed[] {
  const built = buildCatalogue({ ...emptyPackage, ...parts })
  if (!built.ok) throw new Error(JSON.stringify(built.fault[0]))
  const has = missingForFirstJob({ people, jobs, catalogue: built.value, today: '2026-11-25' })
  return firstNeeds.filter((need) => !has[need])
}
const family = (id: string) => demo.families.filter((one) => one.id === id)
const [wires, tools] = [demo.wireTypes, demo.tools]
const rowsOf = (id: string) =>
  demo.placards.filter(({ rows }) => rows.some((row) => family(id)[0]?.contacts.some((one) => one.id === row.contact)))

test('an empty bench lacks all of it, and Today goes through it in the order in which it comes', () => {
  expect(missing({}, 0)).toEqual(firstNeeds)
})

test.each<[string, Partial<CatalogueInput>, readonly FirstNeed[]]>([
  ['a family alone', { families: family('celadon-m') }, ['wire', 'crimp-tool', 'stripper', 'setting', 'pinout']],
  [
    'family and wire',
    { families: family('celadon-m'), wireTypes: wires },
    ['crimp-tool', 'stripper', 'setting', 'pinout'],
  ],
  ['tools that no sheet joins to it', { families: family('raku'), wireTypes: wires, tools }, ['setting', 'pinout']],
  [
    'tools that are to be had, and not here',
    {
      families: family('celadon-m'),
      wireTypes: wires,
      tools: tools.map((tool) => ({ ...tool, held: 'shop' as const })),
      placards: rowsOf('celadon-m'),
    },
    ['crimp-tool', 'stripper', 'setting', 'pinout'],
  ],
  [
    'a setting for it',
    { families: family('celadon-m'), wireTypes: wires, tools, placards: rowsOf('celadon-m') },
    ['pinout'],
  ],
])('with %s, the rest is missing', (_what, parts, rest) => {
  expect(missing(parts)).toEqual(rest)
})

test('a setting for wires that are not here is none yet', () => {
  const rows = rowsOf('celadon-m')
  const thick = wires.filter((type) => type.strands * type.strandMm ** 2 > 60)
  expect(missing({ families: family('celadon-m'), tools, placards: rows, wireTypes: thick })).toContain('setting')
})

test('the demo lacks nothing', () => {
  expect(missing(demo, 3, 1)).toEqual([])
})

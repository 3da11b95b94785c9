import fc from 'fast-check'
import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { cavityMappings, mapCavities, type CavityMapping } from './mapCavities'

const catalogue = demoShelf()
const housing = (id: string) => {
  const found = catalogue.housings.get(id)
  if (!found) throw new Error(id)
  return found
}

test.each<
  [string, string, CavityMapping, readonly string[], readonly (readonly [string, string])[], readonly string[]]
>([
  [
    'CM-3P',
    'CM-5P',
    'same-id',
    ['1', '2', '3'],
    [
      ['1', '1'],
      ['2', '2'],
      ['3', '3'],
    ],
    [],
  ],
  [
    'CM-3P',
    'CM-10P',
    'in-order',
    ['1', '3'],
    [
      ['1', '1'],
      ['3', '2'],
    ],
    [],
  ],
  // the larger one into the smaller: what does not fit is named
  ['CM-5P', 'CM-3P', 'same-id', ['2', '4'], [['2', '2']], ['4']],
  // seven cavities in a ring of six; K of twenty lies farther out
  [
    'RK-7P',
    'RK-20P',
    'same-id',
    ['A', 'G'],
    [
      ['A', 'A'],
      ['G', 'G'],
    ],
    [],
  ],
  // another family has other sizes: nothing goes over
  ['CM-3P', 'RK-20P', 'in-order', ['1', '2'], [], ['1', '2']],
])('%s into %s, %s', (from, to, how, used, map, left) => {
  const mapped = mapCavities(housing(from), housing(to), used, how)
  expect([[...mapped.map], mapped.left]).toEqual([map, left])
})

test('by place, a cavity is the same count in the same row from the mark', () => {
  const [from, to] = [housing('CM-5P'), housing('CM-10P')]
  const { map, left } = mapCavities(
    from,
    to,
    from.cavities.map((one) => one.id),
    'same-place',
  )
  for (const [a, b] of map)
    expect(from.cavities.find((one) => one.id === a)?.row).toBe(to.cavities.find((one) => one.id === b)?.row)
  expect(map.size + left.length).toBe(from.cavities.length)
  expect(map.size).toBeGreaterThan(0)
})

test('no two wires get one cavity, every wire is mapped or named, and sizes agree', () => {
  const all = [...catalogue.housings.values()]
  fc.assert(
    fc.property(
      fc.nat(),
      fc.nat(),
      fc.constantFrom(...cavityMappings),
      fc.array(fc.nat(), { maxLength: 12 }),
      (i, j, how, picks) => {
        const [from, to] = [all[i % all.length], all[j % all.length]]
        if (!from || !to) throw new Error('no housings')
        const used = [...new Set(picks.map((pick) => from.cavities[pick % from.cavities.length]?.id ?? ''))]
        const { map, left } = mapCavities(from, to, used, how)
        expect(new Set(map.values()).size).toBe(map.size)
        expect([...map.keys(), ...left].sort()).toEqual([...used].sort())
        for (const [a, b] of map)
          expect(to.cavities.find((one) => one.id === b)?.size).toBe(from.cavities.find((one) => one.id === a)?.size)
      },
    ),
    { numRuns: 200 },
  )
})

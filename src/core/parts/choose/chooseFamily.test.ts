import fc from 'fast-check'
import { expect, test } from 'vitest'
import { demoShelf } from '../catalogue/demoShelf.testing'
import { chooseFamily, type FamilyWish } from './chooseFamily'

const shelf = demoShelf()
const qualifies = (wish: FamilyWish) =>
  chooseFamily(shelf, wish)
    .filter((one) => one.reasons.length === 0)
    .map((one) => `${one.family.id} ${one.housings[0]?.cavities.length ?? 0}`)
const why = (wish: FamilyWish, family: string) =>
  chooseFamily(shelf, wish)
    .find((one) => one.family.id === family)
    ?.reasons.map((one) => one.kind)

test('ten sealed ways of 1 mm² in a vibrating place: Celadon M, then the dearer Raku; L has too few ways, S too thin a barrel', () => {
  const wish: FamilyWish = { ways: 10, largestMm2: 1, largestA: 8, sealed: true, vibration: 'high' }
  expect(qualifies(wish)).toEqual(['celadon-m 10', 'raku 20'])
  expect(why(wish, 'celadon-s')).toEqual(['wire'])
  expect(why(wish, 'bisque')).toEqual(['sealing', 'vibration', 'wire'])
})

test('a winch of 70 A at 16 mm² has Stoneware alone', () => {
  expect(qualifies({ ways: 2, largestMm2: 16, largestA: 70 })).toEqual(['stoneware 3'])
})

test.each<[string, FamilyWish, string, string[]]>([
  ['too many ways', { ways: 40 }, 'majolica', ['ways']],
  ['too much current', { ways: 2, largestA: 10, largestMm2: 0.3 }, 'slipware', ['current']],
  ['insulation over every seal', { ways: 2, insulationMm: 3.4 }, 'slipware', ['insulation']],
  ['no special tool in the field', { ways: 2, fieldService: true }, 'slipware', ['field-service']],
  ['a board header', { ways: 2, mounting: 'board' }, 'crackle', ['mounting']],
  ['cheap', { ways: 2, costAtMost: 1 }, 'raku', ['cost']],
  ['unsealed', { ways: 2, sealed: false }, 'lustre', ['sealing']],
  ['six ways that all must not be mixed', { ways: 9, largestMm2: 16 }, 'stoneware', ['ways']],
])('%s', (_what, wish, family, codes) => {
  expect(why(wish, family)).toEqual(codes)
})

test('whatever is wished, a family that qualifies has a housing with enough ways, and one that does not says why', () => {
  const wishes = fc.record({
    ways: fc.integer({ min: 1, max: 40 }),
    largestA: fc.option(fc.double({ min: 0.1, max: 90, noNaN: true }), { nil: undefined }),
    largestMm2: fc.option(fc.double({ min: 0.05, max: 17, noNaN: true }), { nil: undefined }),
    sealed: fc.option(fc.boolean(), { nil: undefined }),
  })
  fc.assert(
    fc.property(wishes, (wish) => {
      for (const { reasons, housings } of chooseFamily(shelf, wish)) {
        expect(reasons.length === 0).toBe(housings.length > 0)
        expect(housings.every((housing) => housing.cavities.length >= wish.ways)).toBe(true)
      }
    }),
  )
})

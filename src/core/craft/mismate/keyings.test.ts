import fc from 'fast-check'
import { expect, test } from 'vitest'
import { type Clash, type KeyedItem, proposeKeyings } from './keyings'

const made = ['K1', 'K2', 'K3']

test('two alike get two keyings, and only one of them is changed', () => {
  const found = proposeKeyings(
    [
      { id: 'A', options: made, now: 'K1' },
      { id: 'B', options: made, now: 'K1' },
    ],
    [{ a: 'A', b: 'B', weight: 1 }],
  )
  expect(found).toMatchObject({ left: [], isBest: true })
  expect(found.changed).toHaveLength(1)
})

test('four alike in three keyings: the least harmful pair stays alike', () => {
  const items = ['A', 'B', 'C', 'D'].map((id): KeyedItem => ({ id, options: made }))
  const clashes: Clash[] = []
  for (const [i, a] of items.entries())
    for (const b of items.slice(i + 1))
      clashes.push({ a: a.id, b: b.id, weight: a.id === 'B' && b.id === 'D' ? 1 : 100 })
  expect(proposeKeyings(items, clashes).left).toEqual([{ a: 'B', b: 'D', weight: 1 }])
})

test('what is made in no keying takes no part', () => {
  expect(proposeKeyings([{ id: 'A', options: [] }], []).keyings.size).toBe(0)
})

test('never more harm, nor more changes for it, than by trying everything', () => {
  const items = fc.array(
    fc.record({
      options: fc.subarray(made, { minLength: 1 }),
      now: fc.option(fc.constantFrom(...made), { nil: undefined }),
    }),
    { minLength: 1, maxLength: 5 },
  )
  const pairs = fc.array(fc.tuple(fc.nat(4), fc.nat(4), fc.integer({ min: 1, max: 5 })), { maxLength: 8 })
  fc.assert(
    fc.property(items, pairs, (some, joined) => {
      const all = some.map((one, i): KeyedItem => ({ id: `E${String(i)}`, ...one }))
      const clashes = joined
        .filter(([a, b]) => a !== b && a < all.length && b < all.length)
        .map(([a, b, weight]): Clash => ({ a: `E${String(a)}`, b: `E${String(b)}`, weight }))
      const costOf = (keyings: ReadonlyMap<string, string>) => [
        clashes.reduce((sum, { a, b, weight }) => sum + (keyings.get(a) === keyings.get(b) ? weight : 0), 0),
        all.filter(({ id, now }) => keyings.get(id) !== now).length,
      ]
      let least = [Infinity, Infinity]
      const every = (place: number, so: Map<string, string>): void => {
        const item = all[place]
        if (!item) {
          const cost = costOf(so)
          if ((cost[0] ?? 0) < (least[0] ?? 0) || (cost[0] === least[0] && (cost[1] ?? 0) < (least[1] ?? 0)))
            least = cost
          return
        }
        for (const keying of item.options) every(place + 1, new Map(so).set(item.id, keying))
      }
      every(0, new Map())
      expect(costOf(proposeKeyings(all, clashes).keyings)).toEqual(least)
    }),
    { numRuns: 300 },
  )
})

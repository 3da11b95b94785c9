import fc from 'fast-check'
import { expect, test, vi } from 'vitest'
import { derived } from './derived'
import { isWatched, WatchedMap } from './watchedMap'

interface Shelf {
  readonly counts: ReadonlyMap<string, number>
  readonly prices: ReadonlyMap<string, number>
  readonly discount: number
}

/** Questions that count how often they are worked out. */
function questions() {
  const made = { worth: 0, total: 0, named: 0 }
  const anchor = (shelf: Shelf) => shelf.counts
  const worth = derived(anchor, (shelf: Shelf, part: string) => {
    made.worth++
    return (shelf.counts.get(part) ?? 0) * (shelf.prices.get(part) ?? 0) * shelf.discount
  })
  const named = derived(anchor, (shelf: Shelf) => {
    made.named++
    return [...shelf.counts.keys()].sort().join()
  })
  const total = derived(anchor, (shelf: Shelf) => {
    made.total++
    return named(shelf)
      .split(',')
      .filter(Boolean)
      .reduce((sum, part) => sum + worth(shelf, part), 0)
  })
  return { made, worth, named, total }
}

const shelf = (discount = 1) => ({
  counts: new WatchedMap([
    ['pin', 2],
    ['seal', 3],
  ]),
  prices: new WatchedMap([
    ['pin', 10],
    ['seal', 1],
  ]),
  discount,
})

test('an answer is kept until what it was made of is written', () => {
  const { made, worth, total } = questions()
  const now = shelf()
  expect([total(now), total(now), worth(now, 'pin')]).toEqual([23, 23, 20])
  expect(made).toEqual({ worth: 2, total: 1, named: 1 })
  now.counts.set('seal', 4)
  expect(total({ ...now })).toBe(24)
  // the pin was not asked for again
  expect(made).toMatchObject({ worth: 3, total: 2 })
})

test('what comes out the same holds up nothing that was made of it', () => {
  const { made, total } = questions()
  const now = shelf()
  total(now)
  // a price that nothing here has
  now.prices.set('strap', 5)
  // the same keys, in another order of writing
  now.counts.set('pin', 2)
  expect(total(now)).toBe(23)
  expect(made.total).toBe(1)
})

test('a part that is no map is followed as it stands, through questions that ask others', () => {
  const { total } = questions()
  const now = shelf()
  expect(total(now)).toBe(23)
  expect(total({ ...now, discount: 0.5 })).toBe(11.5)
  expect(total(now)).toBe(23)
})

test('a part that is changed in the state itself is seen as well', () => {
  const { worth, total } = questions()
  const now = shelf()
  expect([total(now), worth(now, 'pin')]).toEqual([23, 20])
  now.discount = 0.5
  expect([total(now), worth(now, 'pin')]).toEqual([11.5, 10])
})

test('a copy of the state is a state of its own', () => {
  const { total } = questions()
  const now = shelf()
  const copy = { ...now, counts: new WatchedMap(now.counts) }
  expect(total(now)).toBe(23)
  now.counts.delete('pin')
  expect([total(now), total(copy)]).toEqual([3, 23])
})

test('whatever is written in whatever order, the answers are those of the same questions asked of nothing known', () => {
  const keys = fc.constantFrom('pin', 'seal', 'strap')
  const moves = fc.array(
    fc.oneof(
      fc.record({
        map: fc.constantFrom('counts' as const, 'prices' as const),
        key: keys,
        to: fc.integer({ min: 0, max: 4 }),
      }),
      fc.record({ map: fc.constantFrom('counts' as const, 'prices' as const), key: keys, to: fc.constant(undefined) }),
      fc.record({ discount: fc.constantFrom(0.5, 1) }),
      fc.constant('clear' as const),
    ),
    { maxLength: 30 },
  )
  fc.assert(
    fc.property(moves, (those) => {
      const kept = questions()
      let now = shelf()
      for (const move of those) {
        if (move === 'clear') now.counts.clear()
        else if ('discount' in move) now = { ...now, discount: move.discount }
        else if (move.to === undefined) now[move.map].delete(move.key)
        else now[move.map].set(move.key, move.to)
        const fresh = questions()
        expect(kept.total(now)).toBe(fresh.total(now))
        expect(kept.worth(now, 'pin')).toBe(fresh.worth(now, 'pin'))
      }
    }),
  )
})

test('a map that another copy of this file has made is watched all the same', async () => {
  vi.resetModules()
  const { WatchedMap: Other } = await import('./watchedMap')
  const counts = new Other([['pin', 2]])
  expect(counts).not.toBeInstanceOf(WatchedMap)
  expect([isWatched(counts), isWatched(new Map())]).toEqual([true, false])
  const { total } = questions()
  const now = { ...shelf(), counts }
  expect(total(now)).toBe(20)
  counts.set('pin', 3)
  expect(total(now)).toBe(30)
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { Distance, numbered } from './partition'
import { doubledOf, place, swapOf } from './placements'
import { Tally } from './tally'

const MOST = 9
const partition = (count: number) =>
  fc.array(fc.nat(count - 1), { minLength: count, maxLength: count }).map((groups) => numbered(Int32Array.from(groups)))
const cases = fc
  .integer({ min: 2, max: MOST })
  .chain((count) =>
    fc.record({ is: partition(count), found: partition(count), a: fc.nat(count - 1), b: fc.nat(count - 1) }),
  )

test('what a change leaves is told as if it had been made', () => {
  fc.assert(
    fc.property(cases, ({ is, found, a, b }) => {
      fc.pre(a !== b)
      const tally = new Tally(found)
      tally.take(is)
      const distance = new Distance(is.length)
      expect(tally.left).toBe(distance.between(is, found))
      for (const change of [swapOf(0, a, b), doubledOf(0, a, b)])
        expect(tally.leftAfter(change)).toBe(distance.between(place(is, change), found))
    }),
    { numRuns: 2000 },
  )
})

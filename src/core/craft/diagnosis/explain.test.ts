import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { DiagnosedEnd } from './diagnosisTypes'
import { lead, row } from './lead.testing'
import { explain } from './explain'
import { Distance, type Groups, groupsOf, keyOf, membersOf, sharing } from './partition'
import { doubledOf, place, type Placement, rowPlacements, swapOf } from './placements'
import { pointsOf } from './points'

/** The fewest mistakes by trying all: sequences of placements, the rest parted and touching. */
function bruteForce(ends: readonly DiagnosedEnd[], expected: Groups, found: Groups, most: number): number {
  const points = pointsOf({ ends })
  const filled = sharing(expected)
  const all: Placement[] = points.ends.flatMap((end) => {
    const own = end.rows.flat()
    return [
      ...rowPlacements(end, (point) => filled.has(point)),
      ...own.flatMap((a) =>
        own.flatMap((b) => [...(a < b ? [swapOf(end.end, a, b)] : []), ...(a === b ? [] : [doubledOf(end.end, a, b)])]),
      ),
    ]
  })
  const distance = new Distance(expected.length)
  let best = distance.between(expected, found)
  let level = new Map([[keyOf(expected), { groups: expected, cost: 0 }]])
  for (let depth = 1; depth <= most; depth++) {
    const next = new Map<string, { groups: Groups; cost: number }>()
    for (const { groups, cost } of level.values())
      for (const one of all) {
        const after = place(groups, one)
        const spent = cost + one.cost
        best = Math.min(best, spent + distance.between(after, found))
        const key = keyOf(after)
        const known = next.get(key)
        if (!known || known.cost > spent) next.set(key, { groups: after, cost: spent })
      }
    level = next
  }
  return best
}

test('never more mistakes than by trying all, on small harnesses', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(
        [row(4)],
        [
          ['1', '2'],
          ['3', '4', '5'],
        ],
        [row(3)],
        [
          ['1', '2', '3'],
          ['4', '5'],
        ],
      ),
      fc.integer({ min: 2, max: 5 }),
      fc.array(fc.nat(1_000), { minLength: 1, maxLength: 3 }),
      fc.array(fc.tuple(fc.nat(9), fc.nat(9)), { maxLength: 2 }),
      (rows, ways, picks, touched) => {
        const { ends, expected } = lead(rows, Math.min(ways, rows.flat().length))
        const points = pointsOf({ ends })
        const numbered = expected.map((net) => net.map((one) => points.numbers.get(one) ?? 0))
        const is = groupsOf(points.names.length, numbered)
        const filled = sharing(is)
        const all = points.ends.flatMap((end) => {
          const own = end.rows.flat()
          return [
            ...rowPlacements(end, (point) => filled.has(point)),
            ...own.flatMap((a) => own.flatMap((b) => (a < b ? [swapOf(end.end, a, b)] : []))),
          ]
        })
        let found = picks.reduce((groups, pick) => {
          const one = all[pick % all.length]
          return one ? place(groups, one) : groups
        }, is)
        const together = [...membersOf(found), ...touched.map(([a, b]) => [a, b].map((one) => one % found.length))]
        found = groupsOf(found.length, together)
        expect(explain(points.ends, is, found).cost).toBeLessThanOrEqual(bruteForce(ends, is, found, 2))
      },
    ),
    {
      numRuns: 150,
      // a content that changed places before its row went one hole on: what fell off the end was another one
      examples: [[[['1', '2', '3']], 3, [632, 654, 805], [[0, 1]]]],
    },
  )
})

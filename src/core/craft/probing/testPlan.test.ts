import fc from 'fast-check'
import { expect, test } from 'vitest'
import { testPlan, type TestPlanWanted } from './testPlan'
import { EXACT_STEPS, shortWalk, type Touched, walkMm } from './walk'

const grid = (id: string, rows: number, columns: number) => ({
  id,
  cavities: Array.from({ length: rows * columns }, (_, i) => ({
    id: String(i + 1),
    xMm: (i % columns) * 4,
    yMm: -Math.floor(i / columns) * 4,
  })),
})
const wired = (ways: number) => Array.from({ length: ways }, (_, i) => [`A.${i + 1}`, `B.${i + 1}`])
function planned(wanted: TestPlanWanted) {
  const read = testPlan(wanted)
  if (!read.ok) throw new Error(JSON.stringify(read.fault))
  return read.value
}
const pairsOf = (wanted: TestPlanWanted, what: 'continuity' | 'isolation') =>
  planned(wanted)
    .steps.filter((step) => step.do === what)
    .map(({ red, black }) => [red, black].sort().join(' '))
    .sort()

test('by hand: each net once, neighbours and mirror images once, the rest saved', () => {
  const wanted: TestPlanWanted = { ends: [grid('A', 1, 6), grid('B', 1, 6)], nets: wired(6), by: 'hand' }
  expect(pairsOf(wanted, 'continuity')).toEqual(wired(6).map((net) => net.join(' ')))
  // five neighbours, and the two mirror images that are none
  const nets = pairsOf(wanted, 'isolation').map((pair) => pair.replace(/[AB]\./g, ''))
  expect(nets).toEqual(['1 2', '1 6', '2 3', '2 5', '3 4', '4 5', '5 6'])
  expect(planned(wanted).saved).toBe(15 - 7)
})

test('an analyser takes all pairs; a net of four points takes three steps', () => {
  const nets = [...wired(4), ['A.5', 'A.6', 'B.5', 'B.6']]
  const wanted: TestPlanWanted = { ends: [grid('A', 2, 3), grid('B', 2, 3)], nets, by: 'analyser' }
  expect(pairsOf(wanted, 'continuity')).toHaveLength(4 + 3)
  expect(pairsOf(wanted, 'isolation')).toHaveLength(10)
  expect(planned(wanted).saved).toBe(0)
  expect(pairsOf({ ...wanted, isolation: 'likely' }, 'isolation').length).toBeLessThan(10)
})

test.each([
  ['a point that no end has', [['A.1', 'B.9']], { kind: 'unknown-point', net: 0, point: 'B.9' }],
  [
    'a point of two nets',
    [
      ['A.1', 'B.1'],
      ['A.1', 'B.2'],
    ],
    { kind: 'point-twice', net: 1, point: 'A.1' },
  ],
])('%s is refused', (_what, nets, fault) => {
  expect(testPlan({ ends: [grid('A', 1, 3), grid('B', 1, 3)], nets, by: 'hand' })).toEqual({ ok: false, fault })
})

const touch = fc.record({
  end: fc.constantFrom('A', 'B'),
  xMm: fc.double({ min: -30, max: 30, noNaN: true }),
  yMm: fc.double({ min: -30, max: 30, noNaN: true }),
})
const steps = (minLength: number, maxLength: number): fc.Arbitrary<Touched[]> =>
  fc.array(fc.tuple(touch, touch), { minLength, maxLength })

/** The shortest of all orders, by trying them. */
function tried(all: readonly Touched[]): number {
  let best = Infinity
  const go = (walk: { step: number; flipped: boolean }[]) => {
    if (walkMm(all, walk) >= best) return
    if (walk.length === all.length) {
      best = walkMm(all, walk)
      return
    }
    for (let step = 0; step < all.length; step++)
      if (!walk.some((one) => one.step === step)) for (const flipped of [false, true]) go([...walk, { step, flipped }])
  }
  go([])
  return best
}

test('a walk of a few steps is the shortest of all', () => {
  fc.assert(
    fc.property(steps(2, 5), (all) => {
      const walk = shortWalk(all)
      expect(walk.map(({ step }) => step).sort()).toEqual(all.map((_, step) => step))
      expect(walkMm(all, walk)).toBeCloseTo(tried(all), 6)
    }),
    { numRuns: 60 },
  )
})

test('a longer walk is within 5 % of the shortest one', () => {
  fc.assert(
    fc.property(steps(EXACT_STEPS + 1, EXACT_STEPS + 1), (all) => {
      // exact for all but one step, which is then put where it costs least: a bound from above
      const rest = all.slice(0, -1)
      const last = all.at(-1)
      const exact = shortWalk(rest)
      const inserted = Math.min(
        ...Array.from({ length: rest.length + 1 }, (_, at) =>
          Math.min(
            ...[false, true].map((flipped) =>
              walkMm(all, [...exact.slice(0, at), { step: rest.length, flipped }, ...exact.slice(at)]),
            ),
          ),
        ),
      )
      expect(last).toBeDefined()
      expect(walkMm(all, shortWalk(all))).toBeLessThanOrEqual(inserted * 1.05)
    }),
    { numRuns: 40 },
  )
})

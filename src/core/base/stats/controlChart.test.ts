import fc from 'fast-check'
import { expect, test } from 'vitest'
import { capability, cpkAtLeast, type Capability } from './capability'
import { chartFactors, controlChart } from './controlChart'
import { signals, type SignalRule } from './signals'

const chartOf = (input: Parameters<typeof controlChart>[0]) => {
  const chart = controlChart(input)
  if (!chart.ok) throw new Error(JSON.stringify(chart.fault))
  return chart.value
}

test('individuals by hand: mean, mean moving range, and limits 2.66 of it away', () => {
  // moving ranges 2, 1, 3, 2: their mean is 2
  const chart = chartOf({ values: [10, 12, 11, 14, 12] })
  expect(chart.centre).toBeCloseTo(11.8, 12)
  expect(chart.range.centre).toBeCloseTo(2, 12)
  expect(chart.ucl).toBeCloseTo(11.8 + 5.32, 12)
  expect(chart.lcl).toBeCloseTo(11.8 - 5.32, 12)
  expect(chart.range.ucl).toBeCloseTo(6.534, 12)
  expect(chart.sigmaWithin).toBeCloseTo(2 / 1.128, 12)
  expect(chart.ranges).toEqual([2, 1, 3, 2])
})

test('subgroups of five by hand: means, ranges, and limits from A₂, D₃, D₄', () => {
  // means 10, 11, 12; ranges 4, 2, 3: mean range 3
  const chart = chartOf({
    subgroups: [
      [8, 9, 10, 11, 12],
      [10, 11, 11, 11, 12],
      [10.5, 11, 12, 13, 13.5],
    ],
  })
  expect(chart.points).toEqual([10, 11, 12])
  expect(chart.ranges).toEqual([4, 2, 3])
  expect(chart.ucl).toBeCloseTo(11 + 0.577 * 3, 12)
  expect(chart.range.ucl).toBeCloseTo(2.114 * 3, 12)
  expect(chart.range.lcl).toBe(0)
  expect(chart.sigmaWithin).toBeCloseTo(3 / 2.326, 12)
  expect(chart.count).toBe(15)
})

// published: A₂ = 3 / (d₂ √n); D₃ and D₄ lie evenly about 1 as long as D₃ is above nought
test.each(Object.entries(chartFactors))(
  'factors for subgroups of %s agree with each other',
  (size, { a2, d2, d3, d4 }) => {
    expect(a2).toBeCloseTo(3 / (d2 * Math.sqrt(Number(size))), 2)
    if (d3 > 0) expect(d3 + d4).toBeCloseTo(2, 2)
  },
)

test.each([
  ['one value', { values: [1] }, { kind: 'too-few', points: 1, least: 2 }],
  ['one subgroup', { subgroups: [[1, 2]] }, { kind: 'too-few', points: 1, least: 2 }],
  [
    'uneven subgroups',
    {
      subgroups: [
        [1, 2],
        [1, 2],
        [1, 2, 3],
      ],
    },
    { kind: 'uneven-subgroups', at: 2, size: 3, expected: 2 },
  ],
  ['subgroups of one', { subgroups: [[1], [2]] }, { kind: 'subgroup-size', size: 1, least: 2, most: 10 }],
  [
    'subgroups of eleven',
    { subgroups: [Array(11).fill(1), Array(11).fill(2)] },
    { kind: 'subgroup-size', size: 11, least: 2, most: 10 },
  ],
])('%s make no chart', (_what, input, fault) => {
  expect(controlChart(input)).toEqual({ ok: false, fault })
})

const lines = { centre: 0, ucl: 3, lcl: -3 }
const firstOf = (points: readonly number[]) =>
  signals(points, lines).map(({ rule, at, side }) => `${rule} ${at} ${side}`)

test.each<[string, number[], string[]]>([
  ['within', [0.5, -0.5, 0.9, -0.9, 0.2], []],
  ['on the limit is not beyond it', [3], []],
  ['one beyond a limit', [0.1, 3.1, 0.1], ['beyond-limit 1 high']],
  ['one beyond the lower limit', [0.1, -3.1], ['beyond-limit 1 low']],
  ['two of three beyond two sigma', [2.1, 0.1, 2.2], ['zone-a 2 high']],
  ['one on each side is no zone signal', [2.1, 0.1, -2.2], []],
  ['four of five beyond one sigma', [1.1, 1.2, 0.1, 1.3, 1.05], ['zone-b 4 high']],
  ['eight on one side', [0.1, 0.3, 0.1, 0.3, 0.1, 0.3, 0.1, 0.3], ['run 7 high']],
  ['seven on one side', [0.1, 0.3, 0.1, 0.3, 0.1, 0.3, 0.1], []],
  ['six rising', [-0.5, -0.3, -0.1, 0.1, 0.3, 0.5], ['trend 5 high']],
  ['six falling', [0.5, 0.3, 0.1, -0.1, -0.3, -0.5], ['trend 5 low']],
  ['a step that stays the same ends a trend', [-0.5, -0.3, -0.1, -0.1, 0.1, 0.3], []],
])('%s', (_what, points, found) => {
  expect(firstOf(points)).toEqual(found)
})

test('a longer trend can be asked for', () => {
  expect(
    signals(
      [1, 2, 3, 4, 5, 6].map((one) => one / 10 - 0.35),
      lines,
      7,
    ),
  ).toEqual([])
})

test('mirrored points give mirrored signals', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -40, max: 40 }), { maxLength: 60 }), (tenths) => {
      const points = tenths.map((one) => one / 10)
      const other = { high: 'low', low: 'high' } as const
      const sorted = (found: ReturnType<typeof signals>) =>
        found.map(({ rule, at, side }) => `${at} ${rule} ${side}`).sort()
      expect(
        sorted(
          signals(
            points.map((one) => -one),
            lines,
          ),
        ),
      ).toEqual(sorted(signals(points, lines).map((one) => ({ ...one, side: other[one.side] }))))
    }),
  )
})

test('points within one sigma of a steady centre never break a zone rule', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -9, max: 9 }), { maxLength: 60 }), (tenths) => {
      const zones: readonly SignalRule[] = ['beyond-limit', 'zone-a', 'zone-b']
      expect(
        signals(
          tenths.map((one) => one / 10),
          lines,
        ).filter((one) => zones.includes(one.rule)),
      ).toEqual([])
    }),
  )
})

test.each<[string, number, number, { lower?: number; upper?: number }, Capability]>([
  ['centred', 10, 1, { lower: 4, upper: 16 }, { cp: 2, cpk: 2 }],
  ['off the middle', 12, 1, { lower: 4, upper: 16 }, { cp: 2, cpk: 4 / 3 }],
  ['a lower limit alone', 10, 2, { lower: 4 }, { cpk: 1 }],
  ['an upper limit alone', 10, 2, { upper: 13 }, { cpk: 0.5 }],
  ['beyond a limit', 3, 1, { lower: 4 }, { cpk: -1 / 3 }],
  ['no limits', 10, 1, {}, {}],
  ['no spread', 10, 0, { lower: 4 }, {}],
])('capability, %s', (_what, centre, sigma, limits, expected) => {
  const found = capability(centre, sigma, limits)
  expect(found.cp).toBe(expected.cp)
  if (expected.cpk === undefined) expect(found.cpk).toBeUndefined()
  else expect(found.cpk).toBeCloseTo(expected.cpk, 12)
})

test('few readings say less of a capability than many', () => {
  // Bissell's approximation by hand for Cpk 1.33, 30 readings, 18 degrees: 1.33 − 1.645 √(1/270 + 1.33²/36)
  expect(cpkAtLeast(1.33, 30, 18)).toBeCloseTo(1.33 - 1.645 * Math.sqrt(1 / 270 + 1.7689 / 36), 12)
  expect(cpkAtLeast(1.33, 10, 5)).toBeLessThan(cpkAtLeast(1.33, 100, 61))
})

test('a standard deviation from moving ranges, and one from ranges of five, have their own degrees of freedom', () => {
  expect(chartOf({ values: Array.from({ length: 26 }, (_, i) => i % 3) }).degrees).toBeCloseTo(0.62 * 25, 12)
  expect(chartOf({ subgroups: Array.from({ length: 10 }, () => [1, 2, 3, 4, 5]) }).degrees).toBeCloseTo(36.23, 12)
})

import { expect, test } from 'vitest'
import { controlChart, type ChartInput } from './controlChart'
import { signals } from './signals'
import { statedCapability } from './statedCapability'

/** mulberry32: the same figures each time. */
function seededRandom(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32
  }
}

const limits = { lower: -4, upper: 4 }
const chartOf = (input: ChartInput) => {
  const chart = controlChart(input)
  if (!chart.ok) throw new Error(chart.fault.kind)
  return chart.value
}
const stated = (values: readonly number[], hasCause?: (at: number) => boolean, estimate = false) => {
  const chart = chartOf({ values })
  return statedCapability(chart, signals(values, chart), { ...limits, estimate }, hasCause)
}
/** Up and down about nought, without a signal. */
const steady = (count: number) => Array.from({ length: count }, (_, i) => [0.6, -0.8, 0.2, -0.1, 0.9, -0.7][i % 6] ?? 0)

test('24 readings state no capability, 25 do', () => {
  expect(stated(steady(24))).toEqual({ withheld: [{ what: 'capability', why: 'too-few', needs: 25 }] })
  const enough = stated(steady(25))
  expect(enough.withheld).toEqual([])
  expect(enough.cpkAtLeast).toBeLessThan(enough.cpk ?? NaN)
})

test('a signal among the last 25 withholds it, and is named, until its cause is written', () => {
  const values = [...steady(20), 9, ...steady(12)]
  expect(stated(values).withheld).toEqual([{ what: 'capability', why: 'signals', at: [20] }])
  expect(stated(values, (at) => at === 20).cpk).toBeDefined()
  // one that lies further back than 25 readings holds up nothing
  expect(stated([9, ...steady(30)]).withheld).toEqual([])
})

test('of an estimated window no capability is stated', () => {
  expect(stated(steady(40), undefined, true)).toEqual({ withheld: [{ what: 'capability', why: 'estimate' }] })
})

test('without limits nothing was asked, and nothing is withheld', () => {
  const chart = chartOf({ values: steady(5) })
  expect(statedCapability(chart, [], {})).toEqual({ withheld: [] })
})

const CASES = [
  [25, 1, undefined],
  [25, 1.67, undefined],
  [50, 1.33, undefined],
  [100, 1, undefined],
  [50, 1.33, 5],
] as const
test.each(CASES)(
  'the bound from %i readings of a Cpk of %f holds 95 times in a hundred (subgroup %s)',
  (n, cpk, of) => {
    const random = seededRandom(20261128)
    const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
    const runs = 4000
    let held = 0
    for (let run = 0; run < runs; run++) {
      const values = Array.from({ length: n }, normal)
      const input =
        of === undefined
          ? { values }
          : { subgroups: Array.from({ length: n / of }, (_, i) => values.slice(i * of, (i + 1) * of)) }
      const found = statedCapability(chartOf(input), [], { upper: 3 * cpk })
      if ((found.cpkAtLeast ?? NaN) <= cpk) held++
    }
    // 4,000 runs tell 95 % to about a percent
    expect(held / runs).toBeGreaterThan(0.94)
    expect(held / runs).toBeLessThan(0.975)
  },
)

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { ledger } from './ledger'
import type { LedgerJob, LedgerLine, LedgerPoint, LedgerSet, Made } from './ledgerTypes'
import { seriesChart } from './seriesChart'

const set: LedgerSet = {
  setup: 'PF-10~die-D3',
  tool: 'PF-10',
  contact: 'SC-09-18',
  height: { minMm: 1.2, maxMm: 1.35 },
  minimumN: 85,
}
const other: LedgerSet = { setup: 'QF-5~sel-6', tool: 'QF-5', contact: 'CM-SK-N', minimumN: 60 }
let seq = 0
const line = (kind: LedgerLine['kind'], more: Partial<LedgerLine>): LedgerLine => ({
  seq: ++seq,
  at: `2026-11-${String(10 + (seq % 15)).padStart(2, '0')}T08:${String(seq % 60).padStart(2, '0')}:00Z`,
  kind,
  ...more,
})
const job = (id: string, lines: readonly LedgerLine[]): LedgerJob => ({
  id,
  title: id,
  lines,
  setOf: (wire) => (wire === 'W9' ? undefined : wire === 'W5' ? other : set),
})

test('heights, forces, first tries, scrap and tools, counted by hand', () => {
  const book = ledger(
    [
      job('one', [
        line('first-piece', { setup: set.setup, wire: 'W1', side: 'a', heightMm: 1.28, pullN: 120 }),
        line('crimped', { setup: set.setup, term: '1/W1/a', heightMm: 1.27 }),
        line('crimped', { setup: set.setup, term: '1/W2/a' }),
        line('crimp-rejected', { term: '1/W3/a', defect: 'bent', heightMm: 1.3 }),
        line('crimped', { setup: set.setup, term: '1/W3/a', heightMm: 1.29 }),
        line('pull-sampled', { setup: set.setup, wire: 'W1', side: 'a', pullN: 118 }),
        line('crimped', { setup: other.setup, term: '1/W5/a' }),
        line('crimped', { setup: set.setup, term: '1/W9/a' }),
      ]),
      job('two', [
        line('crimp-rejected', { term: '1/W1/a', defect: 'bent' }),
        line('crimp-rejected', { term: '1/W1/a', defect: 'cracked' }),
      ]),
    ],
    () => undefined,
  )
  const of = (tool: string, made: Made) => book.series.find((one) => one.tool === tool && one.made === made)
  const first = of('PF-10', 'production')
  expect(first).toMatchObject({ contacts: ['SC-09-18'], minimumN: 85 })
  // production, test pieces and scrap say different things of a process
  expect(first?.heights.map((one) => one.value)).toEqual([1.27, 1.29])
  expect(first?.pulls.map((one) => one.value)).toEqual([118])
  expect(of('PF-10', 'first-piece')?.heights.map((one) => one.value)).toEqual([1.28])
  expect(of('PF-10', 'first-piece')?.pulls.map((one) => one.value)).toEqual([120])
  expect(of('PF-10', 'scrapped')?.heights.map((one) => one.value)).toEqual([1.3])
  expect(of('QF-5', 'production')?.heights).toEqual([])
  // W1, W2 and W5 of job one at the first try; W3 at the second; W1 of job two never
  expect(book.total).toEqual({ tried: 5, first: 3, scrapped: 3 })
  expect(book.yields.get(first?.id ?? '')).toEqual({ tried: 4, first: 2, scrapped: 3 })
  expect(book.scrap).toEqual([
    { defect: 'bent', count: 2, cumulative: 2 / 3 },
    { defect: 'cracked', count: 1, cumulative: 1 },
  ])
  expect(book.tools).toEqual([
    { tool: 'PF-10', all: 8, since: 8 },
    { tool: 'QF-5', all: 1, since: 1 },
  ])
})

test('contacts that a die closes to the same height stand on one chart; another height has its own', () => {
  const like = { ...set, contact: 'SP-09-18' }
  const unlike = { ...set, contact: 'SX', height: { minMm: 1.4, maxMm: 1.5 } }
  const by: Readonly<Record<string, LedgerSet>> = { W1: set, W2: like, W3: unlike }
  const lines = ['W1', 'W2', 'W1', 'W3'].map((wire, i) =>
    line('crimped', { setup: set.setup, term: `1/${wire}/a`, heightMm: 1.2 + i / 100 }),
  )
  const book = ledger([{ id: 'x', title: 'x', lines, setOf: (wire) => by[wire] }], () => undefined)
  expect(book.series.map((one) => [one.contacts, one.heights.length])).toEqual([
    [['SC-09-18', 'SP-09-18'], 3],
    [['SX'], 1],
  ])
})

test('contacts are counted from the later of the crib’s date and the gauge at the bench', () => {
  const at = (day: string, kind: LedgerLine['kind'], more: Partial<LedgerLine>): LedgerLine => ({
    seq: ++seq,
    at: `${day}T08:00:00Z`,
    kind,
    ...more,
  })
  const crimp = (day: string) => at(day, 'crimped', { setup: set.setup, term: `1/W1/a` })
  const lines = [
    crimp('2026-01-01'),
    crimp('2026-03-01'),
    at('2026-04-01', 'tool-verified', { tool: 'PF-10', passed: true }),
    at('2026-04-20', 'tool-verified', { tool: 'PF-10', passed: false }),
    crimp('2026-05-01'),
  ]
  expect(ledger([job('x', lines)], () => '2026-02-01').tools[0]).toEqual({
    tool: 'PF-10',
    all: 3,
    since: 1,
    gaugedAt: '2026-04-01T08:00:00Z',
  })
  expect(ledger([job('x', lines)], () => '2026-04-15').tools[0]).toEqual({ tool: 'PF-10', all: 3, since: 1 })
  expect(ledger([job('x', lines.slice(0, 2))], () => '2026-02-01').tools[0]?.since).toBe(1)
})

test('an entry of a setup that the plan has left since counts for that setup, without limits of another', () => {
  const book = ledger(
    [job('x', [line('crimped', { setup: 'NH-5~nest-1.5', term: '1/W1/a', heightMm: 1.4 })])],
    () => undefined,
  )
  expect(book.series).toMatchObject([{ setup: 'NH-5~nest-1.5', tool: 'NH-5', contacts: ['SC-09-18'] }])
  expect(book.series[0]?.height).toBeUndefined()
})

const points = (values: readonly number[]): LedgerPoint[] =>
  values.map((value, i) => ({ job: 'j', seq: i + 1, at: `t${String(i).padStart(6, '0')}`, value, what: 'crimp' }))

test('a chart by hand: centre, limits, and capability as far as so many readings allow', () => {
  const five = [10, 12, 11, 14, 12]
  const chart = seriesChart(points([...five, ...five, ...five, ...five, ...five]), { lower: 5, upper: 19 }, 6)
  // mean 11.8; of 24 moving ranges 20 lie within the fives, 2 1 3 2 each time, and four of 2 between them: their mean is 2
  expect(chart.chart?.centre).toBeCloseTo(11.8, 12)
  expect(chart.chart?.ucl).toBeCloseTo(17.12, 12)
  const sigma = 2 / 1.128
  expect(chart.cp).toBeCloseTo(14 / (6 * sigma), 12)
  expect(chart.cpk).toBeCloseTo(Math.min(7.2, 6.8) / (3 * sigma), 12)
  expect(chart.cpkAtLeast).toBeLessThan(chart.cpk ?? 0)
})

test('no limits from nine readings, no capability from 24, none against an estimate', () => {
  const some = (count: number) => points(Array.from({ length: count }, (_, i) => [10, 12, 11, 14, 12][i % 5] ?? 0))
  expect(seriesChart(some(9), { lower: 5 }, 6)).toMatchObject({ fault: { kind: 'too-few', points: 9, least: 10 } })
  expect(seriesChart(some(9), { lower: 5 }, 6).chart).toBeUndefined()
  expect(seriesChart(some(24), { lower: 5 }, 6)).toMatchObject({ withheld: [{ why: 'too-few' }] })
  expect(seriesChart(some(25), { lower: 5, estimate: true }, 6).withheld).toMatchObject([{ why: 'estimate' }])
})

test('a signal whose cause stands in the journal withholds nothing', () => {
  const values = Array.from({ length: 40 }, (_, i) => (i === 30 ? 20 : ([10, 12, 11, 14, 12][i % 5] ?? 0)))
  const open = points(values)
  expect(seriesChart(open, { lower: 5 }, 6).withheld).toMatchObject([{ why: 'signals', at: [30] }])
  const told = open.map((point, at) => (at === 30 ? { ...point, cause: 'a strand across the anvil' } : point))
  expect(seriesChart(told, { lower: 5 }, 6).cpk).toBeDefined()
})

test('a note that names an entry is the cause of its reading', () => {
  const lines = [
    line('crimped', { setup: set.setup, term: '1/W1/a', heightMm: 1.27 }),
    line('crimped', { setup: set.setup, term: '1/W2/a', heightMm: 1.28 }),
  ]
  const note = line('noted', { causeOf: lines[1]?.seq, text: 'die not seated' })
  const book = ledger([job('x', [...lines, note])], () => undefined)
  expect(book.series[0]?.heights.map((one) => one.cause)).toEqual([undefined, 'die not seated'])
})

test('subgroups stand for their last reading; what fills none is left out; one reading makes no chart', () => {
  const chart = seriesChart(points([1, 2, 3, 5, 6, 7, 9]), {}, 6, 3)
  expect(chart.shown.map((one) => [one.value, one.point.seq])).toEqual([
    [2, 3],
    [6, 6],
  ])
  expect(seriesChart(points([1]), {}, 6)).toMatchObject({ fault: { kind: 'too-few' }, count: 1 })
})

test('fifty thousand readings are drawn by fewer, none lost that stands out', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1201, max: 20_000 }), fc.nat(), (count, spike) => {
      const values = Array.from({ length: count }, (_, i) => Math.sin(i) * 0.01)
      const at = spike % count
      values[at] = 5
      const chart = seriesChart(points(values), {}, 6)
      expect(chart.count).toBe(count)
      expect(chart.shown.length).toBeLessThanOrEqual(1200 + 200)
      expect(chart.shown.some((one) => one.at === at && one.value === 5)).toBe(true)
      expect(chart.signals.some((one) => one.rule === 'beyond-limit' && one.at === at)).toBe(true)
    }),
    { numRuns: 40 },
  )
})

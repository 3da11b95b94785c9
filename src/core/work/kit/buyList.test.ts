import fc from 'fast-check'
import highsLoader from 'highs'
import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { highsSolver } from '@/workers/highsSolver'
import { foldAll } from '../../record/journal/fold'
import { firstEntries } from './firstEntries'
import { emptyPlan, type Plan, type Wire } from '../../record/plan/plan'
import { cheapestTools, greedyTools, uncrimpedClasses, type ToolOffer, type UncrimpedClass } from './buyList'

const shelf = demoShelf()
const solve = highsSolver(await highsLoader())
const ends: Plan['ends'] = [{ id: 'A', housing: 'CK-6P' }]
const wire = (id: string, type: string, cavity: string, part: string): Wire => ({
  id,
  type,
  colour: 'RD',
  from: { kind: 'cavity', end: 'A', cavity },
  to: { kind: 'terminal', part },
  lengthMm: 400,
})

function stateOf(wires: Wire[], rules = 'field-repair') {
  let made = 0
  const entries = firstEntries(
    shelf,
    { ...emptyPlan, rules, ends, wires },
    '2026-11-25',
    () => `buy-${String(++made).padStart(6, '0')}`,
  )
  return foldAll(entries.map((entry, i) => ({ ...entry, seq: i + 1, at: '2026-11-25T09:00:00.000Z', by: 'ansa' })))
    .state
}

test('rings that the crib cannot crimp: the boatyard’s frame is the cheapest, and every way is compared', () => {
  const classes = uncrimpedClasses(
    shelf,
    stateOf([
      wire('W1', 'TW-1.0', '1', 'RG-1-4'),
      wire('W2', 'TW-1.0', '2', 'RG-1-4'),
      wire('W3', 'TW-2.5', '3', 'RG-2-5'),
    ]),
    '2026-11-25',
  )
  // 2.5 mm² is over what Crackle takes, and no tool would change that
  expect(classes.map((one) => one.sides.map((side) => `${side.wire}${side.side}`))).toEqual([['W1b', 'W2b'], ['W3b']])
  expect(classes[0]?.offers.map((offer) => `${offer.tool} ${offer.way} ${String(offer.price)}`)).toEqual([
    'RT-2 borrowed 15',
    'RT-4 bench 68',
    'RT-8 professional 310',
  ])
  expect(cheapestTools(classes, solve, 5)).toMatchObject({
    tools: [{ tool: 'RT-2' }],
    price: 15,
    proven: true,
    left: [],
  })
})

test('strict rules take no borrowed estimate', () => {
  const classes = uncrimpedClasses(shelf, stateOf([wire('W1', 'TW-1.0', '1', 'RG-1-4')], 'sheet-strict'), '2026-11-25')
  const ring = classes.find((one) => one.sides[0]?.side === 'b')
  expect(ring?.offers.map((offer) => offer.tool)).toEqual(['RT-4', 'RT-8'])
})

test('what the crib crimps is on no list', () => {
  expect(uncrimpedClasses(shelf, stateOf([wire('W1', 'TW-1.0', '1', 'FE-1.0')]), '2026-11-25')).toEqual([])
})

test('cover is complete, never dearer than greedy, and never dearer than any other cover', () => {
  const offer = (i: number, price: number): ToolOffer => ({
    tool: `T${String(i)}`,
    name: '',
    way: 'bench',
    price,
    estimate: false,
  })
  const made = fc.record({
    prices: fc.array(fc.integer({ min: 1, max: 50 }), { minLength: 1, maxLength: 6 }),
    needs: fc.array(fc.uniqueArray(fc.integer({ min: 0, max: 5 }), { maxLength: 4 }), { maxLength: 6 }),
  })
  fc.assert(
    fc.property(made, ({ prices, needs }) => {
      const offers = prices.map((price, i) => offer(i, price))
      const classes = needs.map((need, i): UncrimpedClass => ({
        id: `c${String(i)}`,
        about: { family: '', contacts: [], areaMm2: 1 },
        sides: [{ wire: `W${String(i)}`, side: 'a' }],
        offers: need.flatMap((t) => offers[t] ?? []),
      }))
      const list = cheapestTools(classes, solve, 5)
      const able = classes.filter((one) => one.offers.length > 0)
      const covers = (tools: ReadonlySet<string>) =>
        able.every((one) => one.offers.some((other) => tools.has(other.tool)))
      expect(list.left).toEqual(classes.filter((one) => one.offers.length === 0))
      expect(covers(new Set(list.tools.map((tool) => tool.tool)))).toBe(true)
      const cost = (tools: ReadonlySet<string>) =>
        offers.reduce((sum, one) => sum + (tools.has(one.tool) ? (one.price ?? 0) : 0), 0)
      expect(list.price).toBeLessThanOrEqual(cost(greedyTools(able, offers)) + 1e-9)
      for (let mask = 0; mask < 2 ** offers.length; mask++) {
        const tools = new Set(offers.filter((_one, i) => mask & (1 << i)).map((one) => one.tool))
        if (covers(tools)) expect(list.price).toBeLessThanOrEqual(cost(tools) + 1e-9)
      }
    }),
    { numRuns: 60 },
  )
}, 60_000)

import { expect, test } from 'vitest'
import { planFacts, planNames } from '../../record/plan/facts'
import { matedPair } from '../../record/plan/matedPair'
import { type Plan, type Wire, emptyPlan, planFaults } from '../../record/plan/plan'
import { adapterPlan } from './adapter'
import { catalogue } from './rework.testing'

const at = (end: string, cavity: string): Wire['from'] => ({ kind: 'cavity', end, cavity })
const wire = (id: string, end: string, cavity: string, signal?: string, colour = 'RD'): Wire => ({
  id,
  type: 'TW-0.75',
  colour,
  from: at(end, cavity),
  to: { kind: 'open' },
  lengthMm: 500,
  ...(signal !== undefined && { signal }),
})
/** A plug and the receptacle that it would mate with, wired one cavity further. */
const plan: Plan = {
  ...emptyPlan,
  title: 'Two halves',
  ends: [
    { id: 'A', housing: 'CM-5P' },
    { id: 'B', housing: 'CM-5R' },
  ],
  wires: [
    wire('A1', 'A', '1', 'supply'),
    wire('A2', 'A', '2', 'return', 'BK'),
    wire('A3', 'A', '3', 'lamp'),
    wire('A4', 'A', '4'),
    wire('B2', 'B', '2', 'Supply'),
    wire('B3', 'B', '3', 'return '),
    wire('B4', 'B', '4', 'spare'),
  ],
}
const facts = planFacts(catalogue, plan, undefined)

test('the adapter has the other halves, and leads each signal to its own cavity', () => {
  expect(matedPair(plan, facts, 'A', 'B').cavities.filter((one) => one.odd).length).toBeGreaterThan(0)
  const made = adapterPlan(catalogue, plan, facts, 'A', 'B', 120)
  if (!made.ok) throw new Error(made.fault.kind)
  const { plan: adapter, left } = made.value
  expect(adapter.ends).toMatchObject([
    { id: 'A', housing: 'CM-5R' },
    { id: 'B', housing: 'CM-5P', note: 'mates with B of Two halves' },
  ])
  expect(adapter.wires.map((one) => [one.from, one.to, one.signal, one.colour])).toEqual([
    [at('A', '1'), at('B', '2'), 'supply', 'RD'],
    [at('A', '2'), at('B', '3'), 'return', 'BK'],
  ])
  expect(left).toEqual([
    { end: 'A', cavity: '3', signal: 'lamp' },
    { end: 'B', cavity: '4', signal: 'spare' },
  ])
  expect(planFaults(adapter, planNames(planFacts(catalogue, adapter, undefined)))).toEqual([])
})

test('a signal that stands twice on a side is left to a person', () => {
  const twice = { ...plan, wires: [...plan.wires, wire('A5', 'A', '5', 'supply')] }
  const made = adapterPlan(catalogue, twice, facts, 'A', 'B', 120)
  expect(made.ok && made.value.plan.wires.map((one) => one.signal)).toEqual(['return'])
  expect(
    made.ok &&
      made.value.left.filter((one) => one.signal.toLowerCase() === 'supply').map((one) => `${one.end}.${one.cavity}`),
  ).toEqual(['A.1', 'A.5', 'B.2'])
})

test.each<[string, Plan, object]>([
  [
    'no signal is on both sides',
    { ...plan, wires: plan.wires.filter((one) => one.signal !== 'supply' && one.signal !== 'return') },
    { kind: 'no-signal-in-common', a: 'A', b: 'B' },
  ],
  ['an end is not there', { ...plan, ends: plan.ends.slice(0, 1) }, { kind: 'no-housing', end: 'B' }],
])('%s: there is no adapter', (_what, of, fault) => {
  expect(adapterPlan(catalogue, of, facts, 'A', 'B', 120)).toEqual({ ok: false, fault })
})

test('a housing that nothing mates with has no adapter', () => {
  const lonely = new Map([...catalogue.housings].filter(([id]) => id !== 'CM-5R'))
  expect(adapterPlan({ housings: lonely }, plan, facts, 'A', 'B', 120)).toMatchObject({
    ok: false,
    fault: { kind: 'no-mate', end: 'A' },
  })
})

import { expect, test } from 'vitest'
import { type Facts, noFacts } from './facts'
import { joinedInside, plannedNets } from './nets'
import { type Plan, type WireSide, emptyPlan } from './plan'

const housing = (id: string, joined?: readonly (readonly string[])[]) =>
  ({
    id,
    cavities: ['1', '2', '3', '4'].map((cavity) => ({ id: cavity })),
    ...(joined && { joined }),
  }) as unknown as Facts['housings'][string]
const facts: Facts = { ...noFacts, housings: { box: housing('box'), bar: housing('bar', [['1', '2', '3']]) } }
const at = (point: string): WireSide => {
  const [end = '', cavity = ''] = point.split('.')
  return { kind: 'cavity', end, cavity }
}
const plan = (...wires: string[]): Plan => ({
  ...emptyPlan,
  ends: [
    { id: 'A', housing: 'box' },
    { id: 'G', housing: 'bar' },
  ],
  wires: wires.map((line, i) => {
    const [from = '', to = ''] = line.split(' ')
    return { id: `W${String(i + 1)}`, type: 'TW-0.5', colour: 'BK', lengthMm: 300, from: at(from), to: at(to) }
  }),
})
const nets = (...wires: string[]) =>
  plannedNets({ plan: plan(...wires), facts }).nets.map(({ points, wires: own }) => [points.length, own.length])

test('what is wired to one stud of a bar rings with all of them, also with those that are free', () => {
  const { netAt } = plannedNets({ plan: plan('A.1 G.1', 'A.2 G.2', 'A.3 G.4'), facts })
  expect(netAt.get('A.1')).toBe(netAt.get('A.2'))
  expect(netAt.get('G.3')).toBe(netAt.get('A.1'))
  expect(netAt.get('A.3')).not.toBe(netAt.get('A.1'))
  expect(nets('A.1 G.1', 'A.2 G.2', 'A.3 G.4')).toEqual([
    [5, 2],
    [2, 1],
  ])
})

test('a bar to which nothing is led joins nothing', () => {
  expect(joinedInside({ plan: plan('A.1 G.4'), facts })).toEqual([])
  expect(nets('A.1 G.4', 'A.2 A.3')).toEqual([
    [2, 1],
    [2, 1],
  ])
})

test('the same plan on other housings has other nets', () => {
  const same = plan('A.1 G.1', 'A.2 G.2')
  expect(plannedNets({ plan: same, facts }).nets).toHaveLength(1)
  expect(
    plannedNets({ plan: same, facts: { ...facts, housings: { ...facts.housings, bar: housing('bar') } } }).nets,
  ).toHaveLength(2)
})

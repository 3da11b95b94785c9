import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { planFacts } from './facts'
import { matedPair } from './matedPair'
import { type Plan, type Wire, emptyPlan } from './plan'

const shelf = demoShelf()
const wire = (id: string, end: string, cavity: string, colour: string, signal?: string): Wire => ({
  id,
  type: 'TW-0.5',
  colour,
  from: { kind: 'cavity', end, cavity },
  to: { kind: 'open' },
  lengthMm: 500,
  ...(signal && { signal }),
})
const pair = (b: string, wires: Wire[], keying?: readonly [string, string]) => {
  const ends: Plan['ends'] = [
    { id: 'A', housing: 'RK-7P', ...(keying && { keying: keying[0] }) },
    { id: 'B', housing: b, ...(keying && { keying: keying[1] }) },
  ]
  const plan: Plan = { ...emptyPlan, ends, wires }
  return matedPair(plan, planFacts(shelf, plan), 'A', 'B')
}

test('halves that go together, colour to colour, have nothing odd', () => {
  const { faults, cavities } = pair(
    'RK-7R',
    [wire('W1', 'A', 'A', 'RD', 'supply'), wire('W2', 'B', 'A', 'RD', 'Supply')],
    ['K2', 'K2'],
  )
  expect(faults).toEqual([])
  expect(cavities.filter((one) => one.odd)).toEqual([])
  expect(cavities.map((one) => one.cavity)).toEqual(['A', 'B', 'C', 'D', 'E', 'F', 'G'])
})

test.each<[string, Wire[], string | undefined]>([
  ['another colour', [wire('W1', 'A', 'B', 'RD'), wire('W2', 'B', 'B', 'BK')], 'colours-differ'],
  [
    'another signal, whatever the colour',
    [wire('W1', 'A', 'B', 'RD', 'supply'), wire('W2', 'B', 'B', 'RD', 'return')],
    'signals-differ',
  ],
  ['a wire that meets nothing', [wire('W1', 'A', 'B', 'RD')], 'one-side-only'],
])('%s is said', (_what, wires, odd) => {
  expect(pair('RK-7R', wires).cavities.find((one) => one.cavity === 'B')?.odd).toBe(odd)
})

test('halves that do not go together say why', () => {
  expect(pair('RK-7P', []).faults).toEqual([{ kind: 'same-role', role: 'plug' }])
  expect(pair('RK-9R', []).faults).toEqual([{ kind: 'not-made-for', a: 'Raku 7 plug', b: 'Raku 9 receptacle' }])
  expect(pair('RK-7R', [], ['K1', 'K3']).faults).toEqual([{ kind: 'keying-differs', a: 'K1', b: 'K3' }])
  expect(pair('RK-9R', [wire('W1', 'B', 'J', 'RD')]).cavities.find((one) => one.cavity === 'J')?.odd).toBe('not-there')
})

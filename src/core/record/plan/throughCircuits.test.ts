import { expect, test } from 'vitest'
import { type Facts, noFacts } from './facts'
import { type Plan, type WireSide, emptyPlan } from './plan'
import { throughCircuits } from './throughCircuits'

const half = (id: string, ways: number) =>
  ({
    id,
    cavities: Array.from({ length: ways }, (_, i) => ({ id: String(i + 1), xMm: i, yMm: 0 })),
  }) as unknown as Facts['housings'][string]
const facts = { ...noFacts, housings: { plug: half('plug', 3), cap: half('cap', 3), box: half('box', 4) } }
const at = (point: string): WireSide => {
  const [end = '', cavity] = point.split('.')
  return cavity === undefined ? { kind: 'open' } : { kind: 'cavity', end, cavity }
}
/** P and Q are halves of one pair; wires as `W1 P.1 A.1`. */
const plan = (...wires: string[]): Plan => ({
  ...emptyPlan,
  ends: [
    { id: 'P', housing: 'plug', mate: 'Q' },
    { id: 'Q', housing: 'cap' },
    { id: 'A', housing: 'box' },
    { id: 'B', housing: 'box' },
  ],
  wires: wires.map((line) => {
    const [id = '', a = '', b = ''] = line.split(' ')
    return { id, type: 'TW-0.75', colour: 'RD', lengthMm: 300, from: at(a), to: at(b) }
  }),
})
const told = (...wires: string[]) =>
  throughCircuits(plan(...wires), facts, 'P', 'Q').map(
    ({ red, black, cavities }) => `${red} ${black} through ${cavities.join(' ')}`,
  )

test.each([
  ['wires that meet in a cavity, the far points of both', ['W1 P.1 A.1', 'W2 Q.1 B.2'], ['A.1 B.2 through 1']],
  ['a side that ends in no cavity is a point too', ['W1 P.2 open', 'W2 Q.2 B.1'], ['~.W1b B.1 through 2']],
  ['a wire that meets none is in no circuit', ['W1 P.1 A.1', 'W2 Q.2 B.2'], []],
  [
    'a bridge in one half is followed to where it comes out',
    ['W1 P.1 P.2', 'W2 Q.1 B.1', 'W3 Q.2 B.2'],
    ['B.1 B.2 through 1 2'],
  ],
  [
    'each circuit by itself',
    ['W1 P.1 A.1', 'W2 Q.1 B.1', 'W3 P.3 A.3', 'W4 Q.3 B.3'],
    ['A.1 B.1 through 1', 'A.3 B.3 through 3'],
  ],
])('%s', (_what, wires, circuits) => {
  expect(told(...wires)).toEqual(circuits)
})

test('where a half is not known there is nothing to go through', () => {
  expect(throughCircuits(plan('W1 P.1 A.1', 'W2 Q.1 B.1'), noFacts, 'P', 'Q')).toEqual([])
})

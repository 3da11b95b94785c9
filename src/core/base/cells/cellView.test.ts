import { expect, test } from 'vitest'
import type { CellRow } from './cells'
import { compareCells, rowTest } from './cellView'

const columns = [
  { id: 'id', heading: 'wire' },
  { id: 'colour', heading: 'colour' },
  { id: 'from', heading: 'from' },
] as const
type Id = (typeof columns)[number]['id']
const rows: readonly CellRow<Id>[] = [
  { key: '1', text: { id: 'W10', colour: 'RD', from: 'A.1' } },
  { key: '2', text: { id: 'W2', colour: 'BU', from: 'A.2' } },
  { key: '3', text: { id: 'W1', colour: 'RD' } },
]

test.each([
  ['w1', '1 3'],
  ['wire:w10', '1'],
  ['colour:bu a.2', '2'],
  ['a', '1 2'],
  ['is:fault', '3'],
  ['faulty', '3'],
  ['red', '1 3'],
  ['red a.1', '1'],
  ['blue', '2'],
  ['is:fault bu', ''],
  ['shape:round', ''],
])('the filter “%s” keeps %s', (filter, kept) => {
  const test = rowTest(filter, columns, (key) => key === '3', { red: 'RD', blue: 'BU' })
  expect(
    rows
      .filter((row) => test?.(row))
      .map((row) => row.key)
      .join(' '),
  ).toBe(kept)
})

test('a filter that says nothing is none', () => {
  expect(rowTest('  ', columns, () => false)).toBeUndefined()
})

test('cells are in the order in which hands count', () => {
  expect(['W10', 'w2', 'W1', '0.5', '0.35'].sort(compareCells)).toEqual(['0.35', '0.5', 'W1', 'w2', 'W10'])
})

import { expect, test } from 'vitest'
import { type HalfRow, guessMapping, joinHalves, looksLikeHeading, mapRows, readHalf } from './importTable'
import fc from 'fast-check'

test.each<[string[], (string | undefined)[]]>([
  [
    ['wire', 'type', 'colour', 'from end', 'from cavity', 'to end', 'to cavity', 'length', 'signal'],
    ['id', 'type', 'colour', 'fromEnd', 'fromCavity', 'toEnd', 'toCavity', 'length', 'signal'],
  ],
  [
    ['No.', 'AWG', 'Color', 'From', 'To', 'Length (mm)', 'Net name', 'Remarks'],
    ['id', 'type', 'colour', 'from', 'to', 'length', 'signal', 'note'],
  ],
  [
    ['From', 'From cavity', 'To', 'To_cavity'],
    ['fromEnd', 'fromCavity', 'toEnd', 'toCavity'],
  ],
  [
    ['wire', 'wire', 'price'],
    ['id', undefined, undefined],
  ],
])('headings %j mean %j', (head, expected) => {
  expect(guessMapping(head)).toEqual(expected)
})

test('a first line of wires is no heading', () => {
  expect(looksLikeHeading(['wire', 'type', 'colour'])).toBe(true)
  expect(looksLikeHeading(['W01', 'TW-0.5', 'RD'])).toBe(false)
})

test('a place from two columns is put together, an empty one is open, an empty line is none', () => {
  const rows = mapRows(
    [
      ['W1', 'A', '1', '', ''],
      ['', ' ', '', '', ''],
      ['W2', 'A', '2', 'B', '7'],
    ],
    ['id', 'fromEnd', 'fromCavity', 'toEnd', 'toCavity'],
  )
  expect(rows).toEqual([
    { id: 'W1', from: 'A.1', to: 'open' },
    { id: 'W2', from: 'A.2', to: 'B.7' },
  ])
})

test('two halves are joined by signal, whatever the case; what is left over is named', () => {
  const a = readHalf([
    ['Pin', 'Signal', 'Colour'],
    ['1', 'Supply', 'RD'],
    ['2', 'GND', 'BK'],
    ['3', 'GND', ''],
    ['4', 'spare', ''],
  ])
  const b = readHalf([
    ['7', 'gnd'],
    ['9', 'supply'],
  ])
  expect(joinHalves({ end: 'A', rows: a }, { end: 'B', rows: b })).toEqual({
    rows: [
      { from: 'A.1', to: 'B.9', signal: 'Supply', colour: 'RD' },
      { from: 'A.2', to: 'B.7', signal: 'GND', colour: 'BK' },
    ],
    left: [
      { end: 'A', cavity: '3', signal: 'GND' },
      { end: 'A', cavity: '4', signal: 'spare' },
    ],
  })
})

test('whatever the halves, each cavity is joined once or left over once', () => {
  const half = fc.uniqueArray(
    fc.record({
      cavity: fc.integer({ min: 1, max: 30 }).map(String),
      signal: fc.constantFrom('supply', 'return', 'bus', 'wake'),
    }),
    { selector: (row: HalfRow) => row.cavity, maxLength: 12 },
  )
  fc.assert(
    fc.property(half, half, (a, b) => {
      const { rows, left } = joinHalves({ end: 'A', rows: a }, { end: 'B', rows: b })
      const places = [...rows.flatMap((row) => [row.from, row.to]), ...left.map((one) => `${one.end}.${one.cavity}`)]
      expect([...places].sort()).toEqual(
        [...a.map((row) => `A.${row.cavity}`), ...b.map((row) => `B.${row.cavity}`)].sort(),
      )
    }),
  )
})

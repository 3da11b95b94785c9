import { expect, test } from 'vitest'
import { columnsToName, guessHeadings } from './guessHeadings'

test('headings of one’s own are guessed by what stands below them, each column once', () => {
  const head = ['Ader', 'type', 'Farbe', 'Farbe 2', 'Laenge', 'Strom', 'Bemerkung']
  const rows = [
    ['W1', 'TW-0.5', 'RD/WH', 'BK', '620 mm', '0.8 A', 'x1'],
    ['W2', 'TW-0.5', 'blue', 'RD', '24 in', '750 mA', ''],
  ]
  expect(guessHeadings(head, rows)).toEqual({
    Ader: 'wire',
    Farbe: 'colour',
    'Farbe 2': undefined,
    Laenge: 'length',
    Strom: 'current',
    Bemerkung: undefined,
  })
})

test('nothing is guessed of a column without cells, nor one that a known heading has', () => {
  expect(guessHeadings(['colour', 'Tint', 'Empty'], [['RD', 'BK', '']])).toEqual({ Tint: undefined, Empty: undefined })
  expect(columnsToName.slice(0, 2)).toEqual(['wire', 'type'])
})

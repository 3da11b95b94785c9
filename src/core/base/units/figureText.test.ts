import fc from 'fast-check'
import { expect, test } from 'vitest'
import { decimalMarkOf, readFigureText } from './figureText'

test('a figure with three figures behind its only mark has two readings', () => {
  expect(readFigureText('1,200')).toEqual({ kind: 'doubtful', mark: ',', decimal: 1.2, thousands: 1200 })
  expect(readFigureText('0,620')).toEqual({ kind: 'clear', value: 0.62, decimal: ',' })
  expect(readFigureText('1200')).toEqual({ kind: 'clear', value: 1200 })
  expect(readFigureText('1.2.3')).toBeUndefined()
})

test.each<[readonly string[], string | undefined]>([
  [['1,200', '0,62', '3'], ','],
  [['1,200', '1,234.5 mm'], '.'],
  // nothing that is clear, or what contradicts itself, decides nothing
  [['1,200', '2,400'], undefined],
  [['0,62', '1.5', '1,200'], undefined],
])('the clear cells of %j say that the decimal mark is %s', (cells, mark) => {
  expect(decimalMarkOf(cells)?.mark).toBe(mark)
})

test('the cell that decides is named', () => expect(decimalMarkOf(['1,200', '0,62'])).toEqual({ mark: ',', by: 1 }))

test('thousands that are grouped by any mark are read as they were meant', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1_000_000, max: 999_999_999 }), fc.constantFrom(',', '.', ' '), (value, mark) => {
      const grouped = value.toString().replace(/\B(?=(\d{3})+$)/g, mark)
      expect(readFigureText(grouped)).toMatchObject({ kind: 'clear', value })
    }),
  )
})

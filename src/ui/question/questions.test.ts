import { expect, test } from 'vitest'
import { isFigure, offerFigure } from './questions'

test.each(['1.82', '1,82', ' 0.072 in', '4.4mm', '12 lbf', '-0.01', '3 mm'])('%j is a figure', (text) => {
  expect(isFigure(text)).toBe(true)
})

test.each(['W07a', 'P1.3', '7', '975', 'TD-5', '1.2.3', '', '3 m', 'A.1,B.1'])('%j is a code, or nothing', (text) => {
  expect(isFigure(text)).toBe(false)
})

test('a figure that nothing asks for is nobody’s: it may be a code after all', () => {
  expect(offerFigure('1.82')).toBe(false)
})

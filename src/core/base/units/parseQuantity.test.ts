import fc from 'fast-check'
import { expect, test } from 'vitest'
import { parseQuantity, type Dimension } from './parseQuantity'

test.each<[string, Dimension, number]>([
  ['0.5 mm2', 'area', 0.5],
  ['20 awg', 'area', 0.5176],
  ['AWG 2/0', 'area', 67.43],
  ['2,3mm', 'length', 2.3],
  ['0.09 in', 'length', 2.286],
  ['1.2 m', 'length', 1200],
  ['12 lbf', 'force', 53.379],
  ['60', 'force', 60],
  ['35 mohm', 'resistance', 0.035],
  ['250 mA', 'current', 0.25],
])('"%s" as %s is %f', (text, dimension, value) => {
  const read = parseQuantity(text, dimension)
  expect(read.ok && read.value).toBeCloseTo(value, 2)
})

test.each<[string, Dimension, string]>([
  ['', 'length', 'empty'],
  ['about two', 'length', 'not-a-number'],
  ['5 lbf', 'length', 'unknown-unit'],
  ['1.2.3', 'length', 'unknown-unit'],
  ['0', 'length', 'not-positive'],
  ['-3 mm', 'length', 'not-positive'],
  ['99 awg', 'area', 'not-a-number'],
  ['5 constructor', 'length', 'unknown-unit'],
])('"%s" as %s is refused: %s', (text, dimension, code) => {
  const read = parseQuantity(text, dimension)
  expect(read.ok ? undefined : read.fault.kind).toBe(code)
})

test('any text gives a value above 0 or a fault, never an exception', () => {
  fc.assert(
    fc.property(fc.string(), fc.constantFrom<Dimension>('length', 'area', 'force'), (text, dimension) => {
      const read = parseQuantity(text, dimension)
      expect(read.ok ? read.value > 0 : read.fault.kind.length > 0).toBe(true)
    }),
  )
})

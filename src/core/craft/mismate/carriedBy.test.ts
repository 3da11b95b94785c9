import { expect, test } from 'vitest'
import { carriedBy } from './carriedBy'

test.each([
  ['pump supply 1', 'supply'],
  ['12 V', 'supply'],
  ['+5V', 'supply'],
  ['VCC', 'supply'],
  ['pump return', 'return'],
  ['0 V', 'return'],
  ['GND', 'return'],
  ['-', 'return'],
  ['bus high', 'signal'],
  ['survey 3', 'signal'],
  [undefined, 'signal'],
] as const)('%s is a %s', (signal, kind) => {
  expect(carriedBy(signal).kind).toBe(kind)
})

test('two supplies of one name are one, of two names two', () => {
  expect(carriedBy('Pump Supply')).toEqual(carriedBy('pump supply'))
  expect(carriedBy('pump supply')).not.toEqual(carriedBy('heater supply'))
})

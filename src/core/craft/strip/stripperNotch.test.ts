import { expect, test } from 'vitest'
import { stripperNotch } from './stripperNotch'

const notches = [2.6, 0.4, 0.6, 0.8, 1.1, 1.3, 1.6, 2.0]

test.each([
  [0.97, 1.9, 1.1],
  [0.8, 1.6, 1.1],
  [1.25, 2.2, 1.3],
])('a bundle of %f mm under %f mm takes notch %f', (bundle, insulation, notch) => {
  expect(stripperNotch(bundle, insulation, notches)).toMatchObject({ kind: 'notch', notchMm: notch })
})

test('a notch as wide as the insulation bites nothing', () => {
  expect(stripperNotch(1.0, 1.1, notches)).toEqual({ kind: 'none', bundleMm: 1.0, largestMm: 2.6 })
  expect(stripperNotch(1.0, 1.1, [])).toEqual({ kind: 'none', bundleMm: 1.0, largestMm: undefined })
})

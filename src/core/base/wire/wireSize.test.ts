import fc from 'fast-check'
import { expect, test } from 'vitest'
import { wireSize } from './wireSize'

test('20 AWG stranded, 3 m at 20 °C: 0.5176 mm², 33.98 mΩ/m with the lay', () => {
  const size = wireSize({ awg: 20 }, { stranded: true, lengthM: 3, temperatureC: 20 })
  expect(size.areaMm2).toBeCloseTo(0.5176, 4)
  expect(size.ohmPerM).toBeCloseTo((0.017241 * 1.02) / 0.51762, 5)
  expect(size.ohm).toBeCloseTo(3 * size.ohmPerM, 12)
  expect(size.nearestAwg).toBe('20')
})

test.each([
  [7, 0.3, 0.9],
  [19, 0.2, 1.0],
  [37, 0.1, 0.7],
  [2, 0.3, 0.6],
  [4, 0.2, 0.2 * (1 + Math.SQRT2)],
  [13, 0.2, 0.2 * (2 + Math.sqrt(5))],
  // more lie bunched
  [24, 0.2, 0.2 * Math.sqrt(24 / 0.75)],
])('%i strands of %f mm lie in a bundle of %f mm', (strands, strandMm, bundle) => {
  const size = wireSize({ strands, strandMm }, { stranded: true, temperatureC: 20 })
  expect(size.bundleDiameterMm).toBeCloseTo(bundle, 9)
})

test('a solid wire has no bundle, and copper at 70 °C resists 19.65 % more', () => {
  const cold = wireSize({ bareDiameterMm: 1 }, { stranded: false, temperatureC: 20 })
  const warm = wireSize({ bareDiameterMm: 1 }, { stranded: false, temperatureC: 70 })
  expect(cold).not.toHaveProperty('bundleDiameterMm')
  expect(cold.areaMm2).toBeCloseTo(Math.PI / 4, 12)
  expect(warm.ohmPerM / cold.ohmPerM).toBeCloseTo(1.1965, 10)
})

test('a bunch measured across gives back the area it was made of', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.05, max: 100, noNaN: true }), (areaMm2) => {
      const bundle = wireSize({ areaMm2 }, { stranded: true, temperatureC: 20 }).bundleDiameterMm ?? NaN
      expect(wireSize({ bareDiameterMm: bundle }, { stranded: true, temperatureC: 20 }).areaMm2).toBeCloseTo(areaMm2, 9)
    }),
  )
})

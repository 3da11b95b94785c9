import fc from 'fast-check'
import { expect, test } from 'vitest'
import { resistance } from './netResistance'

// 2 m of 0.5 mm²: 2 × 0.017241 × 1.02 / 0.5 = 0.070343 Ω; two contacts of 5 mΩ
const net = { lengthM: 2, areaMm2: 0.5, contacts: 2 }

test('wire and two contacts: 80.3 mΩ, window 63.3 to 107.4 mΩ', () => {
  const { expectedOhm, windowOhm } = resistance(net)
  expect(expectedOhm).toBeCloseTo(0.08034, 5)
  expect(windowOhm[0]).toBeCloseTo(0.06331, 5)
  expect(windowOhm[1]).toBeCloseTo(0.10738, 5)
})

test.each([
  [0.29, 0.21, 0.001, 'good'],
  [0.34, 0.21, 0.001, 'high'],
  [0.24, 0.21, 0.001, 'low'],
  [0.3, 0.2, 0.1, 'cannot-tell'],
])('reading %f Ω with leads of %f Ω in steps of %f Ω: %s', (measuredOhm, leadsOhm, resolutionOhm, verdict) => {
  expect(resistance({ ...net, measuredOhm, leadsOhm, resolutionOhm }).verdict).toBe(verdict)
})

test('what is expected is always judged good by a fine meter, whatever its leads', () => {
  const positive = fc.double({ min: 0.05, max: 20, noNaN: true })
  fc.assert(
    fc.property(
      positive,
      positive,
      fc.integer({ min: 1, max: 6 }),
      positive,
      (lengthM, areaMm2, contacts, leadsOhm) => {
        const { expectedOhm } = resistance({ lengthM, areaMm2, contacts })
        expect(
          resistance({ lengthM, areaMm2, contacts, leadsOhm, measuredOhm: expectedOhm + leadsOhm, resolutionOhm: 1e-6 })
            .verdict,
        ).toBe('good')
      },
    ),
  )
})

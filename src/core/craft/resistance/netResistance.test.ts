import fc from 'fast-check'
import { expect, test } from 'vitest'
import { resistance, type ResistanceQuery } from './netResistance'

// 2 m of 0.5 mm²: 2 × 0.017241 × 1.02 / 0.5 = 0.070343 Ω; two contacts of 5 mΩ, 15 mΩ at most
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
  // its step is wider than the window
  [0.3, 0.2, 0.1, 'cannot-tell'],
  // 107 mΩ ± 1 mΩ lies across the edge at 107.4
  [0.317, 0.21, 0.001, 'cannot-tell'],
])('reading %f Ω with leads of %f Ω in steps of %f Ω: %s', (measuredOhm, leadsOhm, resolutionOhm, verdict) => {
  expect(resistance({ ...net, measuredOhm, leadsOhm, resolutionOhm }).verdict).toBe(verdict)
})

test('four wires are half a step unsure, two with their leads taken off a whole one', () => {
  // the upper edge is 107.377 mΩ: half a step of 1 mΩ still lies inside, a whole one does not
  const reading = { ...net, measuredOhm: 0.1068, resolutionOhm: 0.001 }
  expect(resistance(reading).verdict).toBe('good')
  expect(resistance({ ...reading, leadsOhm: 0 }).verdict).toBe('cannot-tell')
  expect(resistance({ ...reading, accuracyOhm: 0.001 }).verdict).toBe('cannot-tell')
})

test('the contacts have a verdict of their own, and a bound that is certain', () => {
  // 83 mΩ: less the thinnest wire, 63.309, are 19.691 + 0.05 mΩ at most, of 30 allowed
  const fine = resistance({ ...net, measuredOhm: 0.083, resolutionOhm: 0.0001 })
  expect(fine.contacts?.verdict).toBe('good')
  expect(fine.contacts?.atMostOhm).toBeCloseTo(0.083 + 0.00005 - 0.0633089, 6)
  // the net is good, and yet nobody can tell the contacts: 100 mΩ may be a thick wire and bad contacts
  const sum = resistance({ ...net, measuredOhm: 0.1, resolutionOhm: 0.0001 })
  expect([sum.verdict, sum.contacts?.verdict]).toEqual(['good', 'cannot-tell'])
  // even the most resistive wire leaves 42.6 mΩ
  expect(resistance({ ...net, measuredOhm: 0.12, resolutionOhm: 0.0001 }).contacts?.verdict).toBe('high')
})

test('a reading below the wire alone leaves the contacts nothing, not less', () => {
  expect(resistance({ ...net, measuredOhm: 0.05, resolutionOhm: 0.0001 }).contacts?.atMostOhm).toBe(0)
})

test('judged at the temperature of the measurement: a cold bench makes a wire that is good read low', () => {
  const cold = { ...net, measuredOhm: 0.0625, resolutionOhm: 0.0001 }
  expect(resistance(cold).verdict).toBe('low')
  expect(resistance({ ...cold, temperatureC: 0 }).verdict).toBe('good')
})

test('one that stands out from its likes is named, and its verdict stays what it was', () => {
  const like = [0.08, 0.081, 0.079, 0.0805]
  const ask = (measuredOhm: number, more: Partial<ResistanceQuery> = {}) =>
    resistance({ ...net, measuredOhm, resolutionOhm: 0.0001, like, ...more })
  // median 80.25 mΩ, 3 % of it 2.41, half of the contacts' 30: above 97.66 mΩ
  expect([ask(0.0976).outlier, ask(0.0978).outlier]).toEqual([false, true])
  expect(ask(0.0978).verdict).toBe('good')
  expect(ask(0.0978, { like: like.slice(1) })).not.toHaveProperty('outlier')
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

test('in 100,000 draws no bad contact is called good, and no bound is exceeded', () => {
  const draw = fc.record({
    lengthM: fc.double({ min: 0.05, max: 20, noNaN: true }),
    areaMm2: fc.double({ min: 0.05, max: 16, noNaN: true }),
    contacts: fc.integer({ min: 1, max: 4 }),
    /** what the wire and the contacts really are, of what they may be */
    wire: fc.double({ min: -1, max: 1, noNaN: true }),
    share: fc.double({ min: 0, max: 4, noNaN: true }),
    leadsOhm: fc.option(fc.double({ min: 0, max: 1, noNaN: true }), { nil: undefined }),
    resolutionOhm: fc.constantFrom(1e-5, 1e-4, 1e-3, 1e-2, 0.1),
    temperatureC: fc.double({ min: -20, max: 60, noNaN: true }),
  })
  fc.assert(
    fc.property(draw, ({ wire, share, leadsOhm, resolutionOhm, ...query }) => {
      const { expectedOhm, windowOhm } = resistance(query)
      const usual = query.contacts * 0.005
      const wireOhm = (expectedOhm - usual) * (1 + 0.1 * wire)
      const contactsOhm = 3 * usual * share
      // each reading is the nearest step to what is there
      const read = (ohm: number) => Math.round(ohm / resolutionOhm) * resolutionOhm
      const shorted = leadsOhm === undefined ? undefined : read(leadsOhm)
      const found = resistance({
        ...query,
        measuredOhm: read(wireOhm + contactsOhm + (leadsOhm ?? 0)),
        leadsOhm: shorted,
        resolutionOhm,
      })
      const slack = 1e-9
      const { verdict, contacts } = found
      // plain comparisons: as many expectations take four times as long as the draws
      return (
        !(share > 1 + slack && contacts?.verdict === 'good') &&
        !(share < 1 - slack && contacts?.verdict === 'high') &&
        !(wireOhm + contactsOhm > windowOhm[1] + slack && verdict === 'good') &&
        contactsOhm <= (contacts?.atMostOhm ?? NaN) + slack
      )
    }),
    { numRuns: 100_000 },
  )
})

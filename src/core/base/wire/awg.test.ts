import fc from 'fast-check'
import { expect, test } from 'vitest'
import { awgAreaMm2, awgDiameterMm, formatAwg, nearestTradeGauge, parseAwg, tradeGauges } from './awg'

test.each([
  ['20', 0.8118, 0.5176],
  ['12', 2.0525, 3.3088],
  ['2/0', 9.266, 67.43],
  ['0000', 11.684, 107.22],
])('AWG %s is %f mm and %f mm² (ASTM B258)', (text, mm, mm2) => {
  const awg = parseAwg(text) ?? NaN
  expect(awgDiameterMm(awg)).toBeCloseTo(mm, 3)
  expect(awgAreaMm2(awg)).toBeCloseTo(mm2, 1)
})

test('nineteen strands of 0.20 mm are sold as 20 AWG and hold 15 % more', () => {
  const nearest = nearestTradeGauge(19 * Math.PI * 0.01)
  expect(nearest.awg).toBe(20)
  expect(nearest.offByPercent).toBeCloseTo(15.3, 1)
})

test.each(['', 'x', '51', '5/0', '00000', '-2', '2.5'])('"%s" is no gauge', (text) => {
  expect(parseAwg(text)).toBeUndefined()
})

test('a gauge reads back as it was written, and is its own nearest', () => {
  fc.assert(
    fc.property(fc.constantFrom(...tradeGauges), (awg) => {
      expect(parseAwg(formatAwg(awg))).toBe(awg)
      expect(nearestTradeGauge(awgAreaMm2(awg))).toEqual({ awg, offByPercent: 0 })
    }),
  )
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { FitReason } from '@/core/craft/fit/fitTypes'
import { ampsApart, apart, newtonsApart } from './figures'
import { reasonWords } from './fit'
import { firstPieceCardWords } from './screens/crimp/firstPieceCard'
import { pullSampleCardWords } from './screens/crimp/pullSampleCard'
import { wireCardWords } from './screens/plan/wireCard'

test.each([
  [2.054, 2.05, 2, ['2.054', '2.05']],
  [2.1, 2.05, 2, ['2.1', '2.05']],
  [43.6, 44, 0, ['43.6', '44']],
  [44, 44, 0, ['44', '44']],
  [0.30000000000000004, 0.3, 1, ['0.30000000000000004', '0.3']],
])('%f beside %f at %i digits is said as %j', (one, other, digits, expected) => {
  expect(apart(one, other, digits)).toEqual(expected)
})

/** The figures of a sentence, in the units in which they stand. */
const figuresIn = (sentence: string): number[] =>
  [...sentence.matchAll(/(\d+(?:\.\d+)?(?:e-?\d+)?)(?: (mA|A|N|mm²?|%))?/g)].map(
    ([, value, unit]) => Number(value) * (unit === 'mA' ? 0.001 : 1),
  )

/** A limit, and a figure that passes it by as little as anything. */
const passing = fc.record({
  limit: fc.double({ min: 0.05, max: 300, noNaN: true }).map((value) => Math.round(value * 1000) / 1000),
  by: fc.oneof(fc.double({ min: 1e-5, max: 0.02, noNaN: true }), fc.double({ min: 0.02, max: 40, noNaN: true })),
})

const over: readonly ((is: number, limit: number) => FitReason)[] = [
  (areaMm2, maxMm2) => ({ kind: 'conductor-large', areaMm2, maxMm2 }),
  (insulationMm, maxMm) => ({ kind: 'seal-tears', insulationMm, maxMm, by: 'seal' }),
  (diameterMm, boreMm) => ({ kind: 'bore', what: 'insulation', diameterMm, boreMm }),
]
const under: readonly ((is: number, limit: number) => FitReason)[] = [
  (areaMm2, minMm2) => ({ kind: 'conductor-small', areaMm2, minMm2 }),
  (insulationMm, minMm) => ({ kind: 'seal-leaks', insulationMm, minMm, by: 'mat' }),
]

test('whatever puts a contact out: the figures in the sentence bear it out', () => {
  fc.assert(
    fc.property(passing, ({ limit, by }) => {
      for (const reason of over) {
        const [is = NaN, most = NaN] = figuresIn(reasonWords(reason(limit + by, limit)))
        expect(is).toBeGreaterThan(most)
      }
      for (const reason of under) {
        const [is = NaN, least = NaN] = figuresIn(reasonWords(reason(limit, limit + by)))
        expect(is).toBeLessThan(least)
      }
      const held = { kind: 'insulation-support', minMm: 0.04, maxMm: limit } as const
      const [, most = NaN, is = NaN] = figuresIn(reasonWords({ ...held, insulationMm: limit + by }))
      expect(is).toBeGreaterThan(most)
      const thin = { kind: 'insulation-support', minMm: limit + by, maxMm: 400, insulationMm: limit } as const
      const [least = NaN, , thinIs = NaN] = figuresIn(reasonWords(thin))
      expect(thinIs).toBeLessThan(least)
      const current = { kind: 'current', allowedA: limit, currentA: limit + by, ambientC: 20 } as const
      const [carries = NaN, , load = NaN] = figuresIn(reasonWords(current))
      expect(load).toBeGreaterThan(carries)
    }),
  )
})

test('a pull below its minimum, a load above its rating, a drop above its limit are seen to be', () => {
  fc.assert(
    fc.property(passing, ({ limit, by }) => {
      for (const words of [firstPieceCardWords.isBelowThisSetup, pullSampleCardWords.isBelowReleaseEnds]) {
        const [held = NaN, asked = NaN] = figuresIn(words(limit, limit + by))
        expect(held).toBeLessThan(asked)
      }
      const [load = NaN, allowed = NaN] = figuresIn(wireCardWords.isMoreThanThis(limit + by, limit, 20))
      expect(load).toBeGreaterThan(allowed)
      const [drop = NaN] = figuresIn(wireCardWords.itDropsOf(limit + by, limit))
      expect(drop).toBeGreaterThan(limit)
      expect(ampsApart(limit, limit)[0]).toBe(ampsApart(limit, limit)[1])
      expect(newtonsApart(limit, limit + by)[0]).not.toBe(newtonsApart(limit, limit + by)[1])
    }),
  )
})

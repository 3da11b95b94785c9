import fc from 'fast-check'
import { expect, test } from 'vitest'
import { placeAtStep, STEP } from '@/core/base/units/atStep'
import { figure, heightRange, stripRange } from './figures'

test.each([
  // 4.75 shown as 4.8 would let 4.8 be too long under “4 to 4.8”
  [4.8, { minMm: 3.95, maxMm: 4.75 }, '4 to 4.7', 'above'],
  [4.7, { minMm: 3.95, maxMm: 4.75 }, '4 to 4.7', 'inside'],
  [4.74, { minMm: 3.95, maxMm: 4.75 }, '4 to 4.7', 'inside'],
  [3.95, { minMm: 3.95, maxMm: 4.75 }, '4 to 4.7', 'inside'],
  [3.94, { minMm: 3.95, maxMm: 4.75 }, '4 to 4.7', 'below'],
])('a strip of %f in %j, shown as %s, is %s', (stripMm, window, shown, place) => {
  expect(stripRange(window)).toBe(shown)
  expect(placeAtStep(stripMm, window, STEP.stripMm)).toBe(place)
})

test.each([
  [STEP.stripMm, 1, stripRange],
  [STEP.heightMm, 2, heightRange],
] as const)('at steps of %f the figures in the sentence bear the verdict out', (step, digits, shownRange) => {
  const mm = fc.double({ min: 0.2, max: 20, noNaN: true })
  fc.assert(
    fc.property(mm, fc.double({ min: 2 * step, max: 3, noNaN: true }), mm, (minMm, span, valueMm) => {
      const window = { minMm, maxMm: minMm + span }
      const [low = NaN, high = low] = shownRange(window).split(' to ').map(Number)
      const value = Number(figure(valueMm, digits))
      const place = placeAtStep(valueMm, window, step)
      expect(place).toBe(value < low ? 'below' : value > high ? 'above' : 'inside')
      // a limit as it is shown never lies outside of the window itself
      expect(low).toBeGreaterThanOrEqual(minMm - 1e-6)
      expect(high).toBeLessThanOrEqual(window.maxMm + 1e-6)
    }),
  )
})

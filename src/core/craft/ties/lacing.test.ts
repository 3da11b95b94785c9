import { expect, test } from 'vitest'
import { knotAt, lacingCordMm } from './lacing'

test('a laced stretch begins and ends with a locked knot; one knot alone is begun', () => {
  expect([0, 1, 2, 3].map((place) => knotAt(place, 4))).toEqual(['begin', 'hitch', 'hitch', 'end'])
  expect(knotAt(0, 1)).toBe('begin')
})

test.each([
  ['nothing', [], 8, 0],
  // two turns, two tails
  ['one knot', [40], 10, 2 * Math.PI * 10 + 300],
  // 300 along, 2 + 1 + 1 + 2 turns round 8 mm, two tails
  ['four knots', [40, 140, 240, 340], 8, 300 + 6 * Math.PI * 8 + 300],
])('the cord for %s', (_what, positionsMm, bundleMm, cordMm) => {
  expect(lacingCordMm(positionsMm, bundleMm)).toBeCloseTo(cordMm, 6)
})

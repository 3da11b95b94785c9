import fc from 'fast-check'
import { expect, test } from 'vitest'
import { packBundle } from './bundle'

// best known packings of equal unit circles: rim radius by count
test.each([
  [1, 1],
  [2, 2],
  [3, 2.1547],
  [4, 2.4142],
  [5, 2.7013],
  [7, 3],
  [8, 3.3048],
  [9, 3.6131],
  [10, 3.813],
  [11, 3.9238],
  [12, 4.0296],
  [13, 4.2361],
  [14, 4.3284],
  [15, 4.5214],
  [16, 4.6154],
  [17, 4.792],
  [19, 4.8637],
  [20, 5.1223],
  [37, 6.7588],
  [61, 8.6613],
])('%i wires of 2 mm make a bundle within 1 %% of the best known, and none below', (count, rim) => {
  const { diameterMm } = packBundle(Array.from({ length: count }, () => 2))
  expect(diameterMm / 2).toBeGreaterThan(rim - 0.0001)
  expect(diameterMm / 2).toBeLessThan(rim * 1.01)
})

test('no wires, no bundle; the same wires, the same bundle', () => {
  expect(packBundle([])).toEqual({ diameterMm: 0, circles: [] })
  expect(packBundle([1.9, 2.4, 1.2])).toEqual(packBundle([1.9, 2.4, 1.2]))
})

test('whatever the wires, none overlaps another and none sticks out', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.4, max: 12, noNaN: true }), { minLength: 1, maxLength: 14 }),
      (diameters) => {
        const { diameterMm, circles } = packBundle(diameters)
        circles.forEach((one, i) => {
          expect(Math.hypot(one.xMm, one.yMm) + one.rMm).toBeLessThanOrEqual(diameterMm / 2 + 1e-6)
          for (const other of circles.slice(i + 1))
            expect(Math.hypot(one.xMm - other.xMm, one.yMm - other.yMm)).toBeGreaterThanOrEqual(
              one.rMm + other.rMm - 1e-6,
            )
        })
      },
    ),
    { numRuns: 40 },
  )
})

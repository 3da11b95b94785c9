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
  [12, 4.0296],
  [19, 4.8637],
])('%i wires of 2 mm make a bundle within 3 %% of the best known', (count, rim) => {
  const { diameterMm } = packBundle(Array.from({ length: count }, () => 2))
  expect(diameterMm / 2).toBeGreaterThan(rim - 0.001)
  expect(diameterMm / 2).toBeLessThan(rim * 1.03)
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

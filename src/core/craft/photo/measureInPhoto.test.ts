import fc from 'fast-check'
import { expect, test } from 'vitest'
import { measureInPhoto, type PhotoPoint, type PhotoPoints } from './measureInPhoto'

const at = (x: number, y: number): PhotoPoint => ({ x, y })

// a barrel of 5.2 mm over 320 px: 0.01625 mm each; 50 px are 0.8125 mm. Pointing: 1.5 px × √2 = 2.12 px
test.each<[PhotoPoints, number, number, number]>([
  [[at(0, 0), at(320, 0), at(330, 80), at(380, 80)], 5.2, 0.8125, 0.0349],
  [[at(0, 0), at(0, 100), at(0, 0), at(30, 40)], 10, 5, 0.2372],
])('a length beside a known one: %o', (points, knownMm, mm, goodToMm) => {
  const found = measureInPhoto(points, knownMm)
  expect(found).toMatchObject({ kind: 'measured' })
  if (found.kind !== 'measured') return
  expect(found.mm).toBeCloseTo(mm, 4)
  expect(found.goodToMm).toBeCloseTo(goodToMm, 3)
})

test('two points that lie on each other give no scale', () => {
  expect(measureInPhoto([at(10, 10), at(15, 10), at(0, 0), at(50, 0)], 5)).toEqual({
    kind: 'scale-too-short',
    px: 5,
    leastPx: 20,
  })
})

const point = fc.record({ x: fc.integer({ min: 0, max: 4000 }), y: fc.integer({ min: 0, max: 3000 }) })

test('a picture that is turned, moved or made larger measures the same', () => {
  fc.assert(
    fc.property(
      fc.tuple(point, point, point, point),
      fc.double({ min: 0.5, max: 20, noNaN: true }),
      fc.double({ min: 0.5, max: 4, noNaN: true }),
      fc.double({ min: 0, max: Math.PI * 2, noNaN: true }),
      (points, knownMm, larger, turn) => {
        const found = measureInPhoto(points, knownMm)
        fc.pre(found.kind === 'measured' && Math.hypot(points[0].x - points[1].x, points[0].y - points[1].y) > 60)
        const turned = points.map(({ x, y }) => ({
          x: larger * (x * Math.cos(turn) - y * Math.sin(turn)) + 37,
          y: larger * (x * Math.sin(turn) + y * Math.cos(turn)) - 11,
        })) as unknown as PhotoPoints
        const again = measureInPhoto(turned, knownMm)
        expect(again.kind === 'measured' ? again.mm : undefined).toBeCloseTo(found.mm, 6)
      },
    ),
  )
})

test('the larger the picture of the known size, the better it is known', () => {
  const good = (px: number) => {
    const found = measureInPhoto([at(0, 0), at(px, 0), at(0, 50), at(px / 5, 50)], 5)
    return found.kind === 'measured' ? found.goodToMm : Infinity
  }
  expect(good(800)).toBeLessThan(good(400))
  expect(good(400)).toBeLessThan(good(100))
})

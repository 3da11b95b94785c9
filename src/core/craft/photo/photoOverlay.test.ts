import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { PhotoPoints } from './measureInPhoto'
import { overlaid, overlayByMeasured, overlayBySize } from './photoOverlay'

const places = { lengthMm: 12, mouthMm: 8, bottomMm: 5, insulationFromMm: 9 }
const point = fc.record({ x: fc.integer({ min: 0, max: 900 }), y: fc.integer({ min: 0, max: 600 }) })

test('by a size along the piece both of its ends lie on their points, whichever way it lies', () => {
  fc.assert(
    fc.property(point, point, (a, b) => {
      fc.pre(Math.hypot(a.x - b.x, a.y - b.y) > 20)
      const over = overlayBySize([a, b, a, b], { fromMm: 3, toMm: 7 })
      for (const [mm, at] of [
        [3, a],
        [7, b],
      ] as const) {
        expect(overlaid(over, mm).x).toBeCloseTo(at.x, 6)
        expect(overlaid(over, mm).y).toBeCloseTo(at.y, 6)
      }
    }),
  )
})

test.each([
  ['gap', 8, 1],
  ['tab', 12, 1],
  ['seal-edge', 9, 1],
  // the strands' end lies before the wings
  ['brush', 5, -1],
] as const)(
  'by what is measured of a %s: its first point at %d mm, the second on the axis',
  (question, atMm, toward) => {
    const points: PhotoPoints = [
      { x: 0, y: 0 },
      { x: 0, y: 40 },
      { x: 100, y: 100 },
      { x: 130, y: 140 },
    ]
    const over = overlayByMeasured(points, question, 0.02, places)
    if (!over) throw new Error(question)
    expect(overlaid(over, atMm)).toEqual({ x: 100, y: 100 })
    // 50 px at 0.02 mm are 1 mm
    const second = overlaid(over, atMm + toward)
    expect([second.x, second.y].map(Math.round)).toEqual([130, 140])
  },
)

test('a bend lies along nothing, and two points in one place give no direction', () => {
  const a = { x: 10, y: 10 }
  expect(overlayByMeasured([a, a, a, { x: 20, y: 10 }], 'bend', 0.02, places)).toBeUndefined()
  expect(overlayByMeasured([a, a, a, a], 'gap', 0.02, places)).toBeUndefined()
})

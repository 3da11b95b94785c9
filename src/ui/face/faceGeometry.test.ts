import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { FaceView } from '@/core/base/face/place'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { cutCorner, lensOn, markPath, markPlace, openingEnds, outlinePath, viewBox, wholeFace } from './faceGeometry'

const shelf = demoShelf()
const housing = shelf.housings.get('CM-10P')
if (!housing) throw new Error('CM-10P')
const view = (side: FaceView['side'], turnDeg: FaceView['turnDeg']): FaceView => ({ side, turnDeg })

test.each<[FaceView['side'], FaceView['turnDeg'], string]>([
  ['wire', 0, 'left'],
  ['mating', 0, 'right'],
  ['wire', 180, 'right'],
  ['wire', 90, 'top'],
  ['wire', 270, 'bottom'],
  ['mating', 90, 'bottom'],
])('the notch of a plug seen from the %s side, turned %i degrees, is at the %s', (side, turnDeg, where) => {
  expect(markPlace(housing, view(side, turnDeg)).side).toBe(where)
})

test('a quarter turn swaps width and height', () => {
  expect(viewBox(housing, view('wire', 0))).toEqual({ widthMm: 27.6, heightMm: 22.8 })
  expect(viewBox(housing, view('wire', 90))).toEqual({ widthMm: 22.8, heightMm: 27.6 })
})

test('the mark touches the outline in every view, a notch bites in and a rib stands out', () => {
  for (const side of ['wire', 'mating'] as const) {
    for (const turnDeg of [0, 90, 180, 270] as const) {
      const place = markPlace(housing, view(side, turnDeg))
      const box = viewBox(housing, view(side, turnDeg))
      const onEdge =
        Math.abs(Math.abs(place.x) - box.widthMm / 2) < 1e-9 || Math.abs(Math.abs(place.y) - box.heightMm / 2) < 1e-9
      expect(onEdge).toBe(true)
      const numbers = (path: string) => path.match(/-?\d+\.\d+/g)?.map(Number) ?? []
      const reach = (path: string) => {
        const points = numbers(path)
        const along = place.side === 'left' || place.side === 'right' ? 0 : 1
        return Math.max(...points.filter((_, i) => i % 2 === along).map(Math.abs))
      }
      const edge = place.side === 'left' || place.side === 'right' ? box.widthMm / 2 : box.heightMm / 2
      expect(reach(markPath('notch', place))).toBeLessThanOrEqual(edge + 1e-6)
      expect(reach(markPath('rib', place))).toBeGreaterThan(edge + 1)
    }
  }
})

test('the lens keeps the proportions of the face, never leaves it, and shows what it was put on', () => {
  const millimetre = fc.double({ min: -40, max: 40, noNaN: true })
  fc.assert(
    fc.property(
      fc.constantFrom(...shelf.housings.values()),
      fc.constantFrom(0, 90, 180, 270),
      millimetre,
      millimetre,
      (of, turnDeg, x, y) => {
        const whole = wholeFace(of, view('wire', turnDeg))
        const lens = lensOn(whole, { x, y }, of)
        expect(lens.width / lens.height).toBeCloseTo(whole.width / whole.height, 9)
        expect(lens.width).toBeLessThanOrEqual(whole.width)
        const [right, bottom] = [whole.left + whole.width, whole.top + whole.height]
        expect(lens.left).toBeGreaterThanOrEqual(whole.left - 1e-9)
        expect(lens.left + lens.width).toBeLessThanOrEqual(right + 1e-9)
        expect(lens.top).toBeGreaterThanOrEqual(whole.top - 1e-9)
        expect(lens.top + lens.height).toBeLessThanOrEqual(bottom + 1e-9)
        if (x < whole.left || x > right || y < whole.top || y > bottom) return
        expect(
          x >= lens.left - 1e-9 &&
            x <= lens.left + lens.width + 1e-9 &&
            y >= lens.top - 1e-9 &&
            y <= lens.top + lens.height + 1e-9,
        ).toBe(true)
      },
    ),
  )
})

const chamfered = shelf.housings.get('LU-27P')

test.each([
  ['wire', 0, -1, -1],
  ['mating', 0, 1, -1],
  ['wire', 180, 1, 1],
] as const)('a chamfer cuts its corner of the %s face, turned by %i°', (side, turnDeg, right, down) => {
  if (!chamfered) throw new Error('no LU-27P')
  expect(cutCorner(chamfered, { side, turnDeg })).toMatchObject({ right, down })
  // three corners are round, one is straight
  const path = outlinePath(chamfered, { side, turnDeg })
  expect(path.match(/A/g)).toHaveLength(3)
  expect(path.startsWith('M') && path.endsWith('Z')).toBe(true)
})

test('a mark on an edge cuts nothing, nor does one of another kind', () => {
  if (!chamfered) throw new Error('no LU-27P')
  const onEdge = {
    ...chamfered,
    mark: { kind: 'chamfer' as const, at: { xMm: 0, yMm: chamfered.outline.heightMm / 2 } },
  }
  expect(cutCorner(onEdge, { side: 'wire', turnDeg: 0 })).toBeUndefined()
  expect(
    cutCorner({ ...chamfered, mark: { ...chamfered.mark, kind: 'notch' } }, { side: 'wire', turnDeg: 0 }),
  ).toBeUndefined()
})

const comb = demoShelf().housings.get('MJ-21P')

// the notch of this plug lies at the left of its wire face
test.each([
  ['wire', 0, 'mark', -1],
  ['wire', 0, 'far', 1],
  ['mating', 0, 'mark', 1],
  ['wire', 180, 'mark', 1],
] as const)(
  'on the %s face, turned by %i°, an opening that begins at the %s end begins there',
  (side, turnDeg, at, sign) => {
    if (!comb) throw new Error('no MJ-21P')
    const [first, then] = openingEnds(comb, { side, turnDeg }, at) ?? []
    expect(Math.sign(first?.x ?? 0)).toBe(sign)
    expect(then).toEqual({ x: -(first?.x ?? 0), y: first?.y })
    // outside of the outline, inside of the room round it
    const whole = wholeFace(comb, { side, turnDeg })
    expect(Math.abs(first?.x ?? 0)).toBeGreaterThan(comb.outline.widthMm / 2)
    expect(Math.abs(first?.x ?? 0) + 1.7).toBeLessThan(whole.width / 2)
    expect(Math.abs(first?.y ?? 0) + 1.7).toBeLessThan(whole.height / 2)
  },
)

test('standing upright its ends are above each other; a mark in the middle names no end', () => {
  if (!comb) throw new Error('no MJ-21P')
  const [first, then] = openingEnds(comb, { side: 'wire', turnDeg: 90 }, 'mark') ?? []
  expect(first?.x).toBe(then?.x)
  expect(first?.y).toBe(-(then?.y ?? 0))
  const middle = { ...comb, mark: { ...comb.mark, at: { xMm: 0, yMm: comb.outline.heightMm / 2 } } }
  expect(openingEnds(middle, { side: 'wire', turnDeg: 0 }, 'mark')).toBeUndefined()
})

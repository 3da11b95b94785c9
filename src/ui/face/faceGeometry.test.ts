import { expect, test } from 'vitest'
import type { FaceView } from '@/core/face/place'
import { demoCatalogue } from '@/formats/demoCatalogue.testing'
import { markPath, markPlace, viewBox } from './faceGeometry'

const shelf = demoCatalogue()
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
      const onEdge = Math.abs(Math.abs(place.x) - box.widthMm / 2) < 1e-9 || Math.abs(Math.abs(place.y) - box.heightMm / 2) < 1e-9
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

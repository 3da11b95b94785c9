import { expect, test } from 'vitest'
import type { Housing } from '@/core/parts/catalogue/types'
import { cavityPlace, seen, type FaceView } from '@/core/base/face/place'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { ordinal, placeWords } from './places'

const housings = [...demoShelf().housings.values()]
const views = (['wire', 'mating'] as const).flatMap((side) =>
  ([0, 90, 180, 270] as const).map((turnDeg): FaceView => ({ side, turnDeg })),
)
const numbers = new Map(Array.from({ length: 60 }, (_, i) => [ordinal(i + 1), i + 1]))

/** Finds a cavity by its words alone, as a finger would on the drawn face. */
function follow(words: string, housing: Housing, view: FaceView): string | undefined {
  const points = housing.cavities.map((cavity) => ({ id: cavity.id, row: cavity.row, ...seen(cavity, view) }))
  const mark = seen(housing.mark.at, view)
  if (words === 'In the centre') return points.find((one) => Math.hypot(one.xMm, one.yMm) < 0.05)?.id
  if (housing.arrangement.kind === 'rings') {
    const radii = [...new Set(points.map((one) => Math.round(Math.hypot(one.xMm, one.yMm) * 50) / 50))].sort(
      (a, b) => a - b,
    )
    const named = /(outer|inner|(\w+)) ring/i.exec(words)
    const ring = !named
      ? 0
      : named[1]?.toLowerCase() === 'outer'
        ? radii.length - 1
        : named[1]?.toLowerCase() === 'inner'
          ? 0
          : (numbers.get((named[2] ?? '').toLowerCase()) ?? 0) - 1
    const members = points.filter((one) => Math.abs(Math.hypot(one.xMm, one.yMm) - (radii[ring] ?? 0)) < 0.05)
    const turnOf = (point: { xMm: number; yMm: number }) => (Math.atan2(point.xMm, point.yMm) * 180) / Math.PI
    const from = turnOf(mark)
    const apart = (point: { xMm: number; yMm: number }) => Math.abs(((turnOf(point) - from + 540) % 360) - 180)
    const first = members.reduce((best, one) => (apart(one) < apart(best) - 1e-6 ? one : best))
    const clockwise = [...members].sort(
      (a, b) => ((turnOf(a) - turnOf(first) + 720.0001) % 360) - ((turnOf(b) - turnOf(first) + 720.0001) % 360),
    )
    const count = numbers.get((/(\w+) clockwise/.exec(words)?.[1] ?? 'first').toLowerCase()) ?? 0
    return clockwise[count - 1]?.id
  }
  const upright = view.turnDeg === 90 || view.turnDeg === 270
  const along = (point: { xMm: number; yMm: number }) => (upright ? -point.yMm : point.xMm)
  const across = (point: { xMm: number; yMm: number }) => (upright ? point.xMm : -point.yMm)
  const rows = [...new Set(points.map((one) => one.row))]
    .map((row) => points.filter((one) => one.row === row).sort((a, b) => along(a) - along(b)))
    .sort((a, b) => across(a[0] ?? mark) - across(b[0] ?? mark))
  const line = /(top|bottom|left|right|middle|\w+) (?:row|column)/i.exec(words)?.[1]?.toLowerCase()
  const at =
    line === undefined
      ? 0
      : ['top', 'left'].includes(line)
        ? 0
        : ['bottom', 'right'].includes(line)
          ? rows.length - 1
          : line === 'middle'
            ? (rows.length - 1) / 2
            : (numbers.get(line) ?? 0) - 1
  const row = rows[at] ?? []
  if (words.includes('the only one')) return row.length === 1 ? row[0]?.id : undefined
  const [, nth = '', start = ''] = /(\w+) from the (\w+)/i.exec(words.replace(/^.*(?:row|column), /i, '')) ?? []
  const fromFarEnd = start === housing.mark.kind && along(mark) > 0
  return (fromFarEnd ? [...row].reverse() : row)[(numbers.get(nth.toLowerCase()) ?? 0) - 1]?.id
}

test('on every housing, from either side and in every turn, the words lead back to the cavity', () => {
  let followed = 0
  for (const housing of housings) {
    for (const view of views) {
      for (const cavity of housing.cavities) {
        const { main } = placeWords(cavityPlace(cavity, housing.cavities, housing.arrangement.kind, housing.mark, view))
        expect(follow(main, housing, view), `${housing.id} ${cavity.id}, ${view.side} ${view.turnDeg}: ${main}`).toBe(
          cavity.id,
        )
        followed++
      }
    }
  }
  expect(followed).toBeGreaterThan(3000)
})

// read off the wire face by hand: rows from top to bottom, left to right; rings from the centre, clockwise from the top
test.each<[string, readonly string[]]>([
  ['LU-27P', ['1 2 3 4 5 6 7 8', '9 10 11 12 13 14 15 16 17', '18 19 20 21 22 23 24 25 26 27']],
  ['BQ-14P', ['1 2 3 4 5 6 7', '14 13 12 11 10 9 8']],
  ['BQ-4P', ['1 2 3 4']],
  ['CS-7P', ['1 2', '3 4 5', '6 7']],
  ['CS-14P', ['1 2 3 4', '5 6 7 8 9 10', '11 12 13 14']],
  ['CM-10P', ['1 2 3', '4 5 6 7', '8 9 10']],
  ['MJ-21P', ['1 2 3 4 5 6 7', '8 9 10 11 12 13 14', '15 16 17 18 19 20 21']],
  ['RK-7P', ['A', 'B C D E F G']],
  ['RK-20P', ['A', 'B C D E F G', 'H J K L M N P R S T', 'U V W']],
])('%s is numbered as its face reads', (id, lines) => {
  const housing = housings.find((one) => one.id === id)
  if (!housing) throw new Error(id)
  const rows = [...new Set(housing.cavities.map((cavity) => cavity.row))].sort((a, b) => a - b)
  const clockwise = (xMm: number, yMm: number) => ((Math.atan2(xMm, yMm) * 180) / Math.PI + 360.0001) % 360
  expect(
    rows.map((row) =>
      housing.cavities
        .filter((cavity) => cavity.row === row)
        .sort((a, b) =>
          housing.arrangement.kind === 'rings' ? clockwise(a.xMm, a.yMm) - clockwise(b.xMm, b.yMm) : a.xMm - b.xMm,
        )
        .map((cavity) => cavity.id)
        .join(' '),
    ),
  ).toEqual(lines)
})

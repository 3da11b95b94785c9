import fc from 'fast-check'
import { expect, test } from 'vitest'
import { placeSentence } from './places'
import { placeCavities, type Arrangement, type PlacedCavity } from '@/core/base/face/arrangement'
import { printedIds, type IdStyle } from '@/core/base/face/numbering'
import { cavityPlace, likelyWrong, seen, type FaceView, type Mark } from '@/core/base/face/place'

const rows = (rowCounts: number[]): Arrangement => ({ kind: 'rows', rowCounts, pitchMm: 4, rowPitchMm: 5 })
const numbers = (order: IdStyle['order']): IdStyle => ({ kind: 'numbers', start: 1, order })
const chamfer: Mark = { kind: 'chamfer', at: { xMm: -20, yMm: 8 } }

function placed(arrangement: Arrangement, ids: IdStyle): readonly PlacedCavity[] {
  const cavities = placeCavities(arrangement, ids)
  if (!cavities.ok) throw new Error(cavities.fault.kind)
  return cavities.value
}

const words = (id: string, all: readonly PlacedCavity[], kind: 'rows' | 'rings', mark: Mark, view?: FaceView) => {
  const cavity = all.find((c) => c.id === id)
  if (!cavity) throw new Error(`no cavity ${id}`)
  return placeSentence(cavityPlace(cavity, all, kind, mark, view))
}

test('rows 8 / 9 / 10 from the chamfer: 20 is the third of the bottom row, between 10 and 11', () => {
  const face = placed(rows([8, 9, 10]), numbers('same-side'))
  expect(face).toHaveLength(27)
  expect(face.find((c) => c.id === '14')).toEqual({ id: '14', row: 1, index: 5, xMm: 4, yMm: 0 })
  expect(words('20', face, 'rows', chamfer)).toBe(
    'Bottom row, third from the chamfer, between 10 and 11 of the row above',
  )
  expect(words('1', face, 'rows', chamfer)).toBe('Top row, first from the chamfer')
})

test('a snaking second row counts back', () => {
  const face = placed(rows([7, 7]), numbers('snake'))
  expect(face.filter((c) => c.row === 1).map((c) => c.id)).toEqual(['14', '13', '12', '11', '10', '9', '8'])
})

test('offsets are the x of the first cavity of each row', () => {
  const face = placed(
    { kind: 'rows', rowCounts: [2, 2], pitchMm: 3, rowPitchMm: 3, rowOffsetsMm: [0, 1.5] },
    numbers('same-side'),
  )
  expect(face.map((c) => c.xMm)).toEqual([0, 3, 1.5, 4.5])
})

test('rings from the centre outward, clockwise from the key at the top', () => {
  const face = placed(
    { kind: 'rings', ringCounts: [1, 6], ringRadiiMm: [0, 5], startDeg: 90, clockwise: true },
    { kind: 'letters', skip: ['I', 'O', 'Q'], order: 'out' },
  )
  const key: Mark = { kind: 'key', at: { xMm: 0, yMm: 9 } }
  expect(face.map((c) => c.id).join('')).toBe('ABCDEFG')
  expect(face[1]).toMatchObject({ id: 'B', xMm: 0, yMm: 5 })
  expect(words('A', face, 'rings', key)).toBe('In the centre')
  expect(words('C', face, 'rings', key)).toBe('Outer ring, second clockwise, the one at the key being first')
  expect(words('C', face, 'rings', key, { side: 'mating', turnDeg: 0 })).toBe(
    'Outer ring, sixth clockwise, the one at the key being first',
  )
})

test('letters skip, and after Z come AA, AB', () => {
  const ids = printedIds(26, { kind: 'letters', skip: ['I', 'O', 'Q'], order: 'out' })
  expect(ids.join(' ')).toBe('A B C D E F G H J K L M N P R S T U V W X Y Z AA AB AC')
})

test('turned upside down the top row is the bottom one, and the mark moves along', () => {
  const face = placed(rows([3, 4, 3]), numbers('same-side'))
  const mark: Mark = { kind: 'rib', at: { xMm: -9, yMm: 7 } }
  expect(words('1', face, 'rows', mark, { side: 'wire', turnDeg: 180 })).toBe(
    'Bottom row, first from the rib, between 4 and 5 of the row above'.replace('4 and 5', '5 and 4'),
  )
  expect(words('1', face, 'rows', mark, { side: 'wire', turnDeg: 90 })).toMatch(/^Right column, first from the rib/)
})

test('a mark in the middle gives no side: the view does', () => {
  const face = placed(rows([3]), numbers('same-side'))
  expect(words('1', face, 'rows', { kind: 'key', at: { xMm: 0, yMm: 5 } })).toBe('First from the left')
  expect(words('1', face, 'rows', { kind: 'key', at: { xMm: 0, yMm: 5 } }, { side: 'mating', turnDeg: 0 })).toBe(
    'Third from the left',
  )
})

test('rows cannot be numbered from the centre outward', () => {
  expect(placeCavities(rows([3]), numbers('out'))).toMatchObject({
    ok: false,
    fault: { kind: 'order-not-for-arrangement' },
  })
  expect(
    placeCavities(
      { kind: 'rows', rowCounts: [3, 3], pitchMm: 1, rowPitchMm: 1, rowOffsetsMm: [0] },
      numbers('same-side'),
    ),
  ).toMatchObject({
    ok: false,
    fault: { kind: 'lengths-differ', expected: 2, found: 1 },
  })
})

test('the likely wrong holes are the neighbours and the mirror image', () => {
  const face = placed(rows([8, 9, 10]), numbers('same-side'))
  const cavity = face.find((c) => c.id === '14')
  expect(cavity && likelyWrong(cavity, face)).toEqual({ neighbours: ['13', '15'], mirror: '12' })
})

test('any numbering gives each position one id, and flipping twice is no flip', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 5 }),
      fc.constantFrom<IdStyle['order']>('same-side', 'snake'),
      (counts, order) => {
        const face = placed(rows(counts), numbers(order))
        expect(new Set(face.map((c) => c.id)).size).toBe(counts.reduce((a, b) => a + b, 0))
        for (const cavity of face) {
          const { xMm, yMm } = cavity
          expect(seen(seen({ xMm, yMm }, { side: 'mating', turnDeg: 0 }), { side: 'mating', turnDeg: 0 })).toEqual({
            xMm: -(-xMm),
            yMm,
          })
          expect(words(cavity.id, face, 'rows', chamfer)).toMatch(/from the chamfer|the only one/)
        }
      },
    ),
  )
})

import { expect, test } from 'vitest'
import { beginPhoto, OTHER_SIZE, photoForm, type PhotoMove, readPhoto } from './photoForm'
import type { KnownSize, PhotoQuestion } from './photoQuestions'

const questions: readonly PhotoQuestion[] = [
  { id: 'gap', look: 'gap-and-strands', window: { minMm: 0.3, maxMm: 1 }, above: 'gap-too-large' },
  { id: 'bend', look: 'straight-round', window: undefined },
]
const sizes: readonly KnownSize[] = [
  { id: 'overall', mm: 10, along: { fromMm: 0, toMm: 10 } },
  { id: 'insulation', mm: 1.7 },
]
const after = (...moves: readonly PhotoMove[]) =>
  moves.reduce(photoForm, beginPhoto({ widthPx: 1000, heightPx: 600 }, questions, sizes))
const put = (point: number, x: number, y = 0): PhotoMove => ({ kind: 'point-put', point, to: { x, y } })
const all = [put(0, 0), put(1, 500), put(2, 0), put(3, 40)]
const read = (...moves: readonly PhotoMove[]) => readPhoto(after(...moves), questions, sizes)

test('points that nobody has put measure nothing, whatever lies between them', () => {
  expect(read()).toMatchObject({ measured: undefined, verdict: undefined, nextPoint: 0 })
  expect(read(...all.slice(0, 3))).toMatchObject({ measured: undefined, nextPoint: 3 })
})

test('four points and a known size are a length: 10 mm over 500 px, 40 px are 0.8 mm', () => {
  expect(read(...all)).toMatchObject({ measured: { mm: 0.8 }, verdict: { kind: 'inside' }, nextPoint: undefined })
})

test('another question has its own two points, another size its own two', () => {
  expect(read(...all, { kind: 'question-chosen', asked: 'bend' })).toMatchObject({ measured: undefined, nextPoint: 2 })
  expect(read(...all, { kind: 'size-chosen', known: 'insulation' })).toMatchObject({
    measured: undefined,
    nextPoint: 0,
    knownMm: 1.7,
  })
})

test('a size can be typed; what is no length is no scale', () => {
  const typed = (text: string): PhotoMove[] => [
    { kind: 'size-chosen', known: OTHER_SIZE },
    { kind: 'size-typed', text },
    ...all,
  ]
  expect(read(...typed('20 mm')).measured?.mm).toBeCloseTo(1.6, 6)
  expect(read(...typed('soon')).measured).toBeUndefined()
  expect(read(...typed('0')).measured).toBeUndefined()
})

test('an arrow moves the chosen point alone', () => {
  const { points } = after(...all, { kind: 'point-chosen', point: 3 }, { kind: 'point-nudged', dx: 2, dy: -1 })
  expect(points).toEqual([
    { x: 0, y: 0 },
    { x: 500, y: 0 },
    { x: 0, y: 0 },
    { x: 42, y: -1 },
  ])
})

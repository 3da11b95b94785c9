import fc from 'fast-check'
import { expect, test } from 'vitest'
import { type Layout, layoutFaults, tooShort, wayOf } from '../../record/plan/layout'
import { emptyPlan, type Plan } from '../../record/plan/plan'
import { boardGeometry, boardTiles } from './boardGeometry'
import { proposeLayout } from './proposeLayout'
import { sleeveFor, tieFor } from './bundleSizes'

const wire = (id: string, a: string, b: string, lengthMm: number): Plan['wires'][number] => ({
  id,
  type: 'TW-0.5',
  colour: 'RD',
  from: { kind: 'cavity', end: a, cavity: id },
  to: { kind: 'cavity', end: b, cavity: id },
  lengthMm,
})
const planOf = (wires: Plan['wires'], layout?: Layout): Plan => ({
  ...emptyPlan,
  ends: [
    ...new Set(
      wires.flatMap(({ from, to }) => [from, to].flatMap((side) => (side.kind === 'cavity' ? [side.end] : []))),
    ),
  ].map((id) => ({ id, housing: 'CM-3P' })),
  wires,
  ...(layout && { layout }),
})
const star = planOf([wire('1', 'A', 'B', 900), wire('2', 'A', 'C', 1100), wire('3', 'B', 'C', 1000)])

test('two ends lie on one stretch as long as their shortest wire; three on a star whose legs agree with all of them', () => {
  expect(proposeLayout(planOf([wire('1', 'A', 'B', 480), wire('2', 'A', 'B', 470)]))?.segments).toMatchObject([
    { from: 'A', to: 'B', lengthMm: 470 },
  ])
  const layout = proposeLayout(star)
  if (!layout) throw new Error('layout')
  // 500 + 400, 500 + 600, 400 + 600
  expect(Object.fromEntries(layout.segments.map(({ from, lengthMm }) => [from, lengthMm]))).toEqual({
    A: 500,
    B: 400,
    C: 600,
  })
  expect(layoutFaults(star, layout)).toEqual([])
  expect(tooShort(star, layout)).toEqual([])
  expect(wayOf(star, layout, star.wires[0] ?? wire('', '', '', 1))?.map(({ id }) => id)).toEqual(['A', 'B'])
})

test.each<[string, Layout['segments'], string]>([
  [
    'a ring',
    [
      { id: 'x', from: 'A', to: 'B', lengthMm: 1 },
      { id: 'y', from: 'B', to: 'A', lengthMm: 1 },
      { id: 'z', from: 'C', to: 'A', lengthMm: 1 },
    ],
    'runs-round',
  ],
  [
    'two pieces',
    [
      { id: 'x', from: 'A', to: 'B', lengthMm: 1 },
      { id: 'z', from: 'C', to: 'Q', lengthMm: 1 },
    ],
    'not-joined',
  ],
  ['an end left out', [{ id: 'x', from: 'A', to: 'B', lengthMm: 1 }], 'end-missing'],
  [
    'a name twice',
    [
      { id: 'x', from: 'A', to: 'B', lengthMm: 1 },
      { id: 'x', from: 'B', to: 'C', lengthMm: 1 },
    ],
    'segment-twice',
  ],
])('%s is no layout', (_what, segments, kind) => {
  const layout: Layout = { segments, keepOuts: [], held: 'ties', firstMm: 40, pitchMm: 100, laidShare: 0.1 }
  expect(layoutFaults(star, layout).map((fault) => fault.kind)).toContain(kind)
})

test('a wire that is shorter than its way is named, with what it lacks', () => {
  const layout: Layout = {
    segments: [
      { id: 'A', from: 'A', to: 'P', lengthMm: 500 },
      { id: 'B', from: 'B', to: 'P', lengthMm: 450 },
      { id: 'C', from: 'C', to: 'P', lengthMm: 550 },
    ],
    keepOuts: [],
    held: 'none',
    firstMm: 40,
    pitchMm: 100,
    laidShare: 0,
  }
  expect(tooShort(star, layout)).toEqual([{ wire: '1', shortMm: 50 }])
})

test('on the board every stretch is as long as it is, and the tiles cover all of it', () => {
  const trees = fc
    .array(fc.tuple(fc.nat(5), fc.integer({ min: 20, max: 900 })), { minLength: 1, maxLength: 8 })
    .map((rows): Layout => ({
      segments: rows.map(([onto, lengthMm], i) => ({
        id: `s${String(i)}`,
        from: `n${String(i === 0 ? 0 : Math.min(onto, i))}`,
        to: `n${String(i + 1)}`,
        lengthMm,
      })),
      keepOuts: [],
      held: 'ties',
      firstMm: 40,
      pitchMm: 100,
      laidShare: 0.1,
    }))
  fc.assert(
    fc.property(trees, (layout) => {
      const board = boardGeometry(layout)
      for (const { from, to, lengthMm } of layout.segments) {
        const [a, b] = [board.nodes.get(from), board.nodes.get(to)]
        if (!a || !b) throw new Error('node')
        expect(Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm)).toBeCloseTo(lengthMm)
      }
      const { columns, rows, tiles } = boardTiles(layout, board, 20)
      expect(columns * 190).toBeGreaterThanOrEqual(board.widthMm + 40)
      expect(rows * 277).toBeGreaterThanOrEqual(board.heightMm + 40)
      // every end and root lies on a sheet that is printed
      const printed = new Set(tiles.map(({ column, row }) => `${String(column)} ${String(row)}`))
      for (const { xMm, yMm } of board.nodes.values()) {
        const at = [(xMm - board.leftMm + 20) / 190, (yMm - board.topMm + 20) / 277].map((one) =>
          String(Math.floor(one)),
        )
        expect(printed).toContain(at.join(' '))
      }
    }),
  )
})

test('the tie goes round, and the sleeve is no narrower than what it holds', () => {
  expect(tieFor(6.4)).toBe('100 × 2.5')
  expect(tieFor(40)).toBe('200 × 4.8')
  expect(tieFor(500)).toBeUndefined()
  expect(sleeveFor(6.4)).toBe(8)
  expect(sleeveFor(8)).toBe(8)
})

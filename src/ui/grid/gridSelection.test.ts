import fc from 'fast-check'
import { expect, test } from 'vitest'
import { at, moved, rectangle } from './gridSelection'

const extent = { rows: 3, columns: 4 }

test('the hand moves by cells, to the empty row below the last and no further', () => {
  expect(moved(at(0, 0), extent, 1, 1, false)).toEqual(at(1, 1))
  expect(moved(at(2, 3), extent, 1, 1, false)).toEqual(at(3, 3))
  expect(moved(at(3, 3), extent, 1, 1, false)).toEqual(at(3, 3))
  expect(moved(at(1, 1), extent, -9, -9, false)).toEqual(at(0, 0))
})

test('with the far end moved, the cell in hand stays, and the empty row is never part of it', () => {
  const reach = moved(at(1, 1), extent, 9, 9, true)
  expect(reach).toEqual({ row: 1, column: 1, toRow: 2, toColumn: 3 })
  expect(rectangle(reach)).toEqual({ top: 1, bottom: 2, left: 1, right: 3 })
  expect(rectangle(moved(reach, extent, -9, -9, true))).toEqual({ top: 0, bottom: 1, left: 0, right: 1 })
})

test('wherever it is moved, a selection lies in the grid, and a move without a reach ends one', () => {
  const move = fc.record({
    rows: fc.integer({ min: -5, max: 5 }),
    columns: fc.integer({ min: -5, max: 5 }),
    extend: fc.boolean(),
  })
  fc.assert(
    fc.property(fc.array(move), fc.integer({ min: 0, max: 6 }), (moves, rows) => {
      let now = at(0, 0)
      for (const { rows: byRows, columns, extend } of moves) {
        const before = now
        now = moved(now, { rows, columns: 4 }, byRows, columns, extend)
        const { top, bottom, left, right } = rectangle(now)
        expect(top).toBeGreaterThanOrEqual(0)
        expect(bottom).toBeLessThanOrEqual(rows)
        expect(left).toBeGreaterThanOrEqual(0)
        expect(right).toBeLessThanOrEqual(3)
        if (extend) expect([now.row, now.column]).toEqual([before.row, before.column])
        else expect([now.toRow, now.toColumn]).toEqual([now.row, now.column])
      }
    }),
  )
})

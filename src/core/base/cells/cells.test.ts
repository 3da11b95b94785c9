import fc from 'fast-check'
import { expect, test } from 'vitest'
import { type CellRow, cellOf, copyBlock, countOn, fillDown, pasteBlock, removeRows, setCells } from './cells'

type Id = 'part' | 'bore' | 'note'
type Row = CellRow<Id>
const columns: readonly Id[] = ['part', 'bore', 'note']
const row = (key: string, text: Row['text'] = {}): Row => ({ key, text: { part: key, bore: '2.4', ...text } })
const newRow = (text: Row['text']): Row => ({ key: `new ${text.part ?? ''}`, text })
const upper = (_column: Id, text: string) => text.toUpperCase()

test('a block is pasted over what is seen, to the right and down, and makes new rows below', () => {
  const after = pasteBlock([row('a'), row('b')], {
    seen: ['b', 'a'],
    columns,
    at: { row: 1, column: 'bore' },
    block: [
      ['x', 'y', 'beyond the last column'],
      ['z', ''],
    ],
    newRow,
    tidy: upper,
  })
  expect(after.map((one) => columns.map((column) => cellOf(one, column)).join('|'))).toEqual(['a|X|Y', 'b|2.4|', '|Z|'])
})

test('fill down puts the top cell over the ones below, counted on where the column says so', () => {
  const after = fillDown(
    [row('P09'), row('x'), row('y', { bore: '' })],
    ['P09', 'x', 'y'],
    ['part', 'bore'],
    (column, text, by) => (column === 'part' ? countOn(text, by) : text),
  )
  expect(after.map((one) => `${cellOf(one, 'part')} ${cellOf(one, 'bore')}`)).toEqual(['P09 2.4', 'P10 2.4', 'P11 2.4'])
  expect(countOn('A', 1)).toBe('A')
})

test('what is copied is a spreadsheet’s text: tabs between, quotes round what holds a tab, a line or a quote', () => {
  const rows = [row('a', { note: 'say "so"\tnow' }), row('b')]
  expect(copyBlock(rows, ['b', 'a'], ['part', 'bore'])).toBe('b\t2.4\na\t2.4')
  expect(copyBlock(rows, ['a'], ['note'])).toBe('"say ""so""\tnow"')
})

test('a cell that is set to what it says leaves its row the same object; others stay untouched', () => {
  const keys = fc.constantFrom('a', 'b', 'c')
  const edits = fc.array(
    fc.record({ key: keys, column: fc.constantFrom(...columns), text: fc.constantFrom('', '2.4', 'x') }),
  )
  fc.assert(
    fc.property(edits, (some) => {
      const rows = ['a', 'b', 'c'].map((key) => row(key))
      const after = setCells(rows, some)
      for (const [i, one] of after.entries()) {
        const before = rows[i]
        const last = (column: Id) =>
          some.findLast((edit) => edit.key === one.key && edit.column === column)?.text ?? cellOf(before, column)
        for (const column of columns) expect(cellOf(one, column)).toBe(last(column))
        if (
          columns.every((column) => cellOf(before, column) === last(column)) &&
          !some.some((edit) => edit.key === one.key)
        )
          expect(one).toBe(before)
      }
    }),
  )
})

test('rows are taken out by their keys', () => {
  expect(removeRows([row('a'), row('b')], new Set(['a'])).map((one) => one.key)).toEqual(['b'])
})

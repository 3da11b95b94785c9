import { expect, test } from 'vitest'
import { contactSheet } from './contactSheet'
import { placardSheet } from './familySheets'
import { layPasted, pasteIntoSheet, readSheetCell, type SheetColumn } from './sheet'

const column = (id: string): SheetColumn => {
  const found = [...contactSheet, ...placardSheet].find((one) => one.id === id)
  if (!found) throw new Error(id)
  return found
}

test.each<[string, string, unknown]>([
  ['minMm2', '0.5 mm2', 0.5],
  ['minMm2', '0,35', 0.35],
  ['overallMm', '0.5 in', 12.7],
  ['ratedA', '750 mA', 0.75],
  ['maxC', '125 °C', 125],
  ['construction', 'open barrel', 'open-barrel'],
  ['gender', 'Sock', 'socket'],
  ['twoWires', 'yes', true],
  ['reachMm', '0', 0],
  ['ratedA', 'n/a', undefined],
  ['ratedA', '–', undefined],
])('%s reads “%s” as %j', (id, said, value) => {
  expect(readSheetCell(said, column(id))).toEqual(value === undefined ? {} : { value })
})

test.each<[string, string, string]>([
  ['id', '', 'missing'],
  ['id', 'A B', 'bad-id'],
  ['minMm2', 'thin', 'quantity'],
  ['minMm2', '-1', 'quantity'],
  ['overallMm', '-3 mm', 'quantity'],
  ['gender', 'male', 'no-choice'],
  ['selector', '99', 'not-whole'],
  ['maxC', 'hot', 'no-number'],
])('%s cannot read “%s”: %s', (id, said, code) => {
  expect(readSheetCell(said, column(id)).problem?.kind).toBe(code)
})

test('a block with headings is put by name, in any order; without headings from the cell in hand', () => {
  expect(
    pasteIntoSheet(
      contactSheet,
      [
        ['Plating', 'Part number', 'Colour of the box'],
        ['tin', 'X-1', 'green'],
      ],
      'id',
    ),
  ).toEqual({ rows: [{ plating: 'tin', id: 'X-1' }], ignored: ['Colour of the box'], byHeadings: true })
  expect(
    pasteIntoSheet(
      contactSheet,
      [
        ['X-1', 'a contact'],
        ['', ''],
      ],
      'id',
    ),
  ).toEqual({ rows: [{ id: 'X-1', name: 'a contact' }], ignored: [], byHeadings: false })
})

test('what is pasted is laid over the rows as they are seen, in whatever order, and goes on below', () => {
  const rows = [{ id: 'B', size: '2' }, { id: 'A' }, { id: 'C', size: '3' }]
  const over = (seen: readonly number[], from: number) =>
    layPasted(rows, [{ size: '8' }, { size: '9' }], seen, from).map(({ id = '', size = '' }) => `${id}${size}`)
  expect(over([0, 1, 2], 0)).toEqual(['B8', 'A9', 'C3'])
  // sorted by their ids: A, B, C
  expect(over([1, 0, 2], 0)).toEqual(['B9', 'A8', 'C3'])
  // filtered to B alone: the second is a row of its own
  expect(over([0], 0)).toEqual(['B8', 'A', 'C3', '9'])
  expect(over([0, 1, 2], 3)).toEqual(['B2', 'A', 'C3', '8', '9'])
  expect(layPasted([{ id: '' }, { id: 'A' }], [{ size: '8' }], [0, 1], 1)).toEqual([{ id: 'A', size: '8' }])
})

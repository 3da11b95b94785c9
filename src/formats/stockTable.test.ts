import { expect, test } from 'vitest'
import { readStockTable } from './stockTable'

const knows = (part: string) => part.startsWith('CM')

test('counts are read with their reorder level, or without', () => {
  expect(readStockTable('Part,Count,Reorder\nCM-1,38,20\nCM-2,0,\n', knows)).toEqual({
    lines: [
      { part: 'CM-1', count: 38, reorderLevel: 20 },
      { part: 'CM-2', count: 0 },
    ],
    faults: [],
  })
})

test.each([
  ['part,count\nXX,3', 2, 'part', 'unknown'],
  ['part,count\n,3', 2, 'part', 'missing'],
  ['part,count\nCM-1,3\nCM-1,4', 3, 'part', 'twice'],
  ['part,count\nCM-1,-3', 2, 'count', 'below-nought'],
  ['part,count\nCM-1,many', 2, 'count', 'no-number'],
  ['part,count\nCM-1,', 2, 'count', 'missing'],
])('%j: row %i, %s: %s', (text, row, column, kind) => {
  expect(readStockTable(text, knows).faults).toEqual([expect.objectContaining({ row, column, kind })])
})

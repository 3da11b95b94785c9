import { expect, test } from 'vitest'
import type { Preview } from './preview'
import { partRows } from './partRows'

const row = (at: number, cells: Record<string, string>, read = true) => ({ row: at, cells, read })
const preview: Preview = {
  rows: [
    row(2, { wire: 'W1', type: 'TW-0.5', fromEnd: 'A', fromCavity: '1', fromHousing: 'CM-3P', signal: 'a, b' }),
    row(3, { wire: 'W2', type: 'none', fromEnd: 'A', fromCavity: '2', length: 'long' }, false),
    row(4, { wire: 'W3', fromEnd: 'A', fromCavity: '1' }),
  ],
  ends: [],
  faults: [
    { row: 3, column: 'length', message: 'no length' },
    { row: 4, column: 'from cavity', message: 'taken' },
  ],
  understood: [],
  ignored: [],
  valid: false,
}

test('rows that can be read make a pinout of their own; the others wait as cells of the grid', () => {
  const { sound, faulty } = partRows(preview)
  expect(sound?.trim().split(/\r?\n/)).toEqual([
    'wire,type,colour,from end,from cavity,to end,to cavity,length,signal,current,group,note,from housing,to housing',
    'W1,TW-0.5,,A,1,,,,"a, b",,,,CM-3P,',
  ])
  expect(faulty).toMatchObject([
    { id: 'W2', type: 'none', from: 'A.2', length: 'long' },
    { id: 'W3', from: 'A.1' },
  ])
})

test('a fault of the file as a whole, or of every row, parts nothing', () => {
  expect(partRows({ ...preview, faults: [{ message: 'no heading' }] }).sound).toBeUndefined()
  expect(partRows({ ...preview, rows: preview.rows.slice(1) }).sound).toBeUndefined()
})

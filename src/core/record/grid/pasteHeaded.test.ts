import { expect, test } from 'vitest'
import { newRow } from './draft'
import { pasteHeaded } from './pasteHeaded'

const row = (key: string, id: string) => newRow(key, { id, type: 'TW-0.5', from: 'A.1', length: '300' })
const rows = [row('a', 'W1'), row('b', 'W2')]
let made = 0
const paste = (block: readonly (readonly string[])[], from = 0) =>
  pasteHeaded(
    rows,
    block,
    { seen: ['b', 'a'], from },
    { newRow: (text) => newRow(`n${++made}`, text), tidy: (_c, text) => text.trim() },
  )

test('cells go under their headings, over the rows as they are seen, and what is left over comes below', () => {
  const after = paste([
    ['Signal', 'Colour', 'From end', 'From cavity'],
    ['beacon', ' RD ', 'B', '7'],
    ['return', 'BK', '', ''],
    ['spare', 'WH', 'C', '2'],
  ])
  expect(after?.map(({ text }) => [text.id, text.signal, text.colour, text.from, text.length])).toEqual([
    ['W1', 'return', 'BK', 'open', '300'],
    ['W2', 'beacon', 'RD', 'B.7', '300'],
    ['', 'spare', 'WH', 'C.2', ''],
  ])
})

test('from the last row seen, the rest comes below; a block without headings is not for it', () => {
  const after = paste(
    [
      ['Net', 'Len'],
      ['a', '1'],
      ['b', '2'],
    ],
    1,
  )
  expect(after?.map(({ text }) => [text.id, text.signal, text.length])).toEqual([
    ['W1', 'a', '1'],
    ['W2', '', '300'],
    ['', 'b', '2'],
  ])
  expect(
    paste([
      ['W5', 'TW-0.5'],
      ['W6', 'TW-0.5'],
    ]),
  ).toBeUndefined()
  expect(paste([['Net', 'Len']])).toBeUndefined()
})

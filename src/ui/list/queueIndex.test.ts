import fc from 'fast-check'
import { expect, test } from 'vitest'
import { QueueIndex } from './queueIndex'

const section = (id: string, ...keys: string[]) => ({ id, items: keys.map((key) => ({ key })) })

interface Row {
  readonly key: string
}
const keyOf = (row: Row) => row.key
const indexOf = (sections: readonly ReturnType<typeof section>[]) =>
  new QueueIndex<Row, ReturnType<typeof section>>(sections)

test('a heading stands before the rows of its section, also where it has none', () => {
  const index = indexOf([section('a', 'W1', 'W2'), section('b'), section('c', 'W3')])
  expect([index.lineCount, index.rowCount]).toEqual([6, 3])
  const lines = Array.from({ length: 6 }, (_, i) => index.at(i))
  expect(
    lines.map((line) => (line?.kind === 'row' ? `${line.item.key}@${String(line.place)}` : line?.section.id)),
  ).toEqual(['a', 'W1@0', 'W2@1', 'b', 'c', 'W3@2'])
  expect([0, 1, 2, 3, 4, 5].filter((line) => index.isHeading(line))).toEqual([0, 3, 4])
  expect(index.at(6)).toBeUndefined()
})

test('a row is found by its key; what is not there is not', () => {
  const index = indexOf([section('a', 'W1', 'W2'), section('b'), section('c', 'W3')])
  expect(index.find('W3', keyOf)).toEqual({ place: 2, line: 5 })
  expect(index.find('W9', keyOf)).toBeUndefined()
  expect(index.find(undefined, keyOf)).toBeUndefined()
})

test('a hand that moves past an end stays at it; an empty queue has no row', () => {
  const index = indexOf([section('a'), section('b', 'W1', 'W2')])
  expect([-5, 0, 1, 7].map((place) => index.rowAt(place)?.key)).toEqual(['W1', 'W1', 'W2', 'W2'])
  expect(indexOf([section('a')]).rowAt(0)).toBeUndefined()
  expect(indexOf([]).at(0)).toBeUndefined()
})

test('whatever its sections: lines, places and keys say the same', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(5), { maxLength: 8 }), (sizes) => {
      let made = 0
      const sections = sizes.map((size, s) =>
        section(String(s), ...Array.from({ length: size }, () => `W${String(made++)}`)),
      )
      const index = indexOf(sections)
      const rows = sections.flatMap((one) => one.items)
      expect([index.rowCount, index.lineCount]).toEqual([rows.length, rows.length + sizes.length])
      for (const [place, row] of rows.entries()) {
        const found = index.find(row.key, keyOf)
        expect(found?.place).toBe(place)
        expect(index.rowAt(place)).toBe(row)
        expect(index.at(found?.line ?? -1)).toEqual({
          kind: 'row',
          item: row,
          section: sections.find((one) => one.items.includes(row)),
          place,
        })
        expect(index.isHeading(found?.line ?? -1)).toBe(false)
      }
    }),
  )
})

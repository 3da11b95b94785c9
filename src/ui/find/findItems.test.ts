import { expect, test } from 'vitest'
import { findMatches, type FindItem } from './findItems'

const item = (id: string, words: string): FindItem => ({ id, words, kind: 'wire', href: `/${id}` })
const items = [item('A.7', 'W07a, wake'), item('W07', 'grey, wake'), item('W17', 'pump supply')]

test('what begins with the question comes first', () => {
  expect(findMatches(items, 'w07').map((one) => one.id)).toEqual(['W07', 'A.7'])
})

test('all words must be there, in any order and case', () => {
  expect(findMatches(items, 'SUPPLY pump').map((one) => one.id)).toEqual(['W17'])
  expect(findMatches(items, 'supply wake')).toEqual([])
})

test('an empty question offers the first ones', () => {
  expect(findMatches(items, '  ', 2)).toHaveLength(2)
})

import { expect, test } from 'vitest'
import { freeEndId } from './freeEndId'

const ends = (ids: string) => Array.from(ids, (id) => ({ id }))

test.each([
  ['no end', '', 'A'],
  ['the first letters', 'ABC', 'D'],
  ['a gap is filled', 'ABD', 'C'],
  ['I and O are left out, they look like figures', 'ABCDEFGH', 'J'],
  ['all letters are taken', 'ABCDEFGHJKLMNPRSTUVWXYZ', 'P24'],
])('%s', (_what, taken, next) => {
  expect(freeEndId(ends(taken))).toBe(next)
})

test('after the letters it counts on past what is taken', () => {
  expect(freeEndId([...ends('ABCDEFGHJKLMNPRSTUVWXYZ'), { id: 'P24' }, { id: 'P25' }])).toBe('P26')
})

import { expect, test } from 'vitest'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { findParts } from './findParts'

const shelf = demoShelf()
const binOf = (id: string) => {
  const contact = shelf.contacts.get(id)
  return contact && 'bin' in contact ? (contact.bin ?? '') : ''
}

test.each([
  ['a part number', 'RK-SK-B', 'RK-SK-B', '/shelf?family=raku'],
  ['small letters', 'rk-sk-b', 'RK-SK-B', '/shelf?family=raku'],
  ['another number of it', 'RKSKB', 'RK-SK-B', '/shelf?family=raku'],
  ['words of its name', 'raku socket 0.8', 'RK-SK-C', '/shelf?family=raku'],
  ['a wire by its gauge', 'AWG22', 'TW-22', '/shelf?show=wires'],
  ['the bin number that its bands spell', binOf('RK-SK-B'), 'RK-SK-B', '/shelf?family=raku'],
  ['a terminal', 'RG-1-4', 'RG-1-4', '/shelf?family=terracotta'],
])('%s finds the part and where it stands', (_what, question, id, href) => {
  expect(findParts(shelf, question)[0]).toMatchObject({ id, href })
})

test('one letter finds nothing, and no question more than a list holds', () => {
  expect(findParts(shelf, 'r')).toEqual([])
  expect(findParts(shelf, 'nothing of that name')).toEqual([])
  expect(findParts(shelf, 'ce').length).toBeLessThanOrEqual(12)
})

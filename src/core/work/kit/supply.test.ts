import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import type { KitLine } from './kitList'
import { cheapestOrder, supplyOf } from './supply'

const shelf = demoShelf()
const line = (part: string, need: number, more: Partial<KitLine> = {}): KitLine => ({
  kind: 'contact',
  part,
  name: part,
  need,
  testPieces: 0,
  spares: 0,
  unit: 'pcs',
  ...more,
})

test('what is short is bought in the packs that cost least', () => {
  const order = (short: number) => cheapestOrder(shelf.packsByPart.get('SC-03-08') ?? [], 'SC-03-08', short)
  // strips of 100 at 11, a reel of 2,000 at 120
  expect(order(250)).toMatchObject({ pack: 'SC-03-08/100', packs: 3, price: 33 })
  expect(order(1500)).toMatchObject({ pack: 'SC-03-08/2000', packs: 1, price: 120 })
  expect(cheapestOrder([], 'X', 3)).toBeUndefined()
})

test('free is what no other job has taken; a part that was never counted is wholly short', () => {
  const stock = new Map([['CM-SK-N', { count: 20, reserved: 12 }]])
  const [contact, seal] = supplyOf(
    [line('CM-SK-N', 10, { testPieces: 1, spares: 1 }), line('SL-18', 4)],
    stock,
    new Map([['CM-SK-N', 2]]),
    shelf,
  )
  expect(contact).toMatchObject({ total: 12, free: 10, taken: 2, short: 2, order: { pack: 'CM-SK-N/50', packs: 1 } })
  expect(seal).toMatchObject({ total: 4, short: 4 })
  expect(seal?.free).toBeUndefined()
})

test('wire is counted in millimetres and bought by the metre', () => {
  const [wire] = supplyOf(
    [line('TW-0.5', 61_000, { kind: 'wire', unit: 'mm' })],
    new Map([['TW-0.5', { count: 9000, reserved: 0 }]]),
    new Map(),
    shelf,
  )
  expect(wire).toMatchObject({ short: 52_000, order: { pack: 'TW-0.5/50m', packs: 2 } })
})

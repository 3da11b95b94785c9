import fc from 'fast-check'
import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { firstEntries } from '../kit/firstEntries'
import { begun, newId, pinout } from '../rework/rework.testing'
import { openTurns, turnsWith } from './seatTurns'
import { seatOrder } from './seatOrder'

const catalogue = demoShelf()
const housing = (id: string) => {
  const found = catalogue.housings.get(id)
  if (!found) throw new Error(id)
  return found
}
const ids = (...args: Parameters<typeof seatOrder>) =>
  seatOrder(...args)
    .map((turn) => turn.cavity.id)
    .join(' ')

test.each([
  ['CM-10P', '1 2 3 4 5 6 7 8 9 10'],
  // centre, then ring by ring
  ['RK-7P', 'A B C D E F G'],
])('%s without groups: %s', (id, order) => {
  expect(ids(housing(id))).toBe(order)
})

test('the wires of one group follow each other, within their row', () => {
  const groups: Readonly<Record<string, string>> = { 1: 'bus', 3: 'bus', 4: 'bus', 7: 'bus' }
  const order = seatOrder(housing('CM-10P'), (cavity) => groups[cavity])
  expect(order.map((turn) => turn.cavity.id).join(' ')).toBe('1 3 2 4 7 5 6 8 9 10')
  expect(order.map((turn) => turn.reason.kind).slice(0, 3)).toEqual(['far-row', 'with-group', 'far-row'])
})

test('what a hand has put in order comes first, and the rest as computed', () => {
  const order = seatOrder(housing('CM-10P'), undefined, ['9', '2', 'no such cavity'])
  expect(order.map((turn) => turn.cavity.id).join(' ')).toBe('9 2 1 3 4 5 6 7 8 10')
  expect(order[0]?.reason).toEqual({ kind: 'by-hand' })
})

test('whatever the groups and the hand say, every cavity has one turn, and no near row comes before a far one by itself', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('CM-10P', 'LU-27P', 'RK-20P', 'SW-7P'),
      fc.array(fc.constantFrom('a', 'b', undefined), { minLength: 27, maxLength: 27 }),
      fc.uniqueArray(fc.nat(26), { maxLength: 5 }),
      (id, groups, hand) => {
        const { cavities } = housing(id)
        const groupOf = (cavity: string) => groups[cavities.findIndex((one) => one.id === cavity)]
        const order = seatOrder(
          housing(id),
          groupOf,
          hand.flatMap((i) => cavities[i]?.id ?? []),
        )
        expect(order.map((turn) => turn.cavity.id).sort()).toEqual(cavities.map((cavity) => cavity.id).sort())
        const rows = order.filter((turn) => turn.reason.kind !== 'by-hand').map((turn) => turn.cavity.row)
        expect(rows).toEqual([...rows].sort((a, b) => a - b))
      },
    ),
  )
})

test('a cavity that is put at the place of another: the rest keeps its order, the filled ones have none', () => {
  const plan = pinout('sonde-pigtail', {})
  const folded = begun(firstEntries(catalogue, plan, '2026-11-25', newId))
  const open = openTurns(folded.state, 1, 'S')
  expect(open.length).toBeGreaterThan(5)
  fc.assert(
    fc.property(fc.nat({ max: open.length - 1 }), fc.nat({ max: open.length - 1 }), (i, j) => {
      const [cavity, to] = [open[i] ?? '', open[j] ?? '']
      const turned = turnsWith(folded.state, 1, 'S', cavity, to)
      expect(turned?.[j]).toBe(i === j ? undefined : cavity)
      if (turned) expect(turned.filter((id) => id !== cavity)).toEqual(open.filter((id) => id !== cavity))
    }),
  )
  expect(turnsWith(folded.state, 1, 'S', 'ZZ', open[0] ?? '')).toBeUndefined()
})

import { expect, test } from 'vitest'
import { driversFor, tighteningAt } from './tightening'
import { leadsUnder, refusedNow } from './crimpRules.testing'
import type { HouseRules } from '../../parts/rules/houseRules'
import type { Tool } from '../../parts/catalogue/types'

/** A lead between two clamp blocks, its ferrules crimped: the first goes into its clamp. */
const atClamp = (rules: Partial<HouseRules> = {}) =>
  leadsUnder(
    { uncalibratedTools: 'recorded', overdueTools: 'warn', ...rules },
    (_, step) => step.kind === 'seat' && step.task.kind === 'insert',
    { from: 'TB-6', to: 'TB-6' },
  )
const seat = {
  kind: 'seated',
  term: '1/W1/a',
  end: 'A',
  cavity: '1',
  checked: ['screw-open', 'no-solder', 'into-clamp', 'none-outside', 'tighten', 'tug'],
  tug: 'by-hand',
} as const
const seatWith = (more: object) => ({ ...seat, checked: [...seat.checked], ...more })

test('a clamp says its torque; a cavity that a contact snaps into has none', () => {
  expect(tighteningAt(atClamp().state, '1/W1/a', 'A', '1')).toEqual({ what: 'screw', torqueNm: 0.5, by: 'place' })
  const snapped = leadsUnder({}, (_, step) => step.kind === 'seat')
  expect(tighteningAt(snapped.state, '1/W1/a', 'A', '1')).toBeUndefined()
})

test.each<[string, object, Partial<HouseRules>, string | undefined]>([
  ['nothing said of its screw', {}, {}, 'not-tightened'],
  ['set to what is asked', { tightened: { askedNm: 0.5, setNm: 0.5, tool: 'TD-5' } }, {}, undefined],
  ['set within 6 %', { tightened: { askedNm: 0.5, setNm: 0.52 } }, {}, undefined],
  ['set beyond that', { tightened: { askedNm: 0.5, setNm: 0.55 } }, {}, 'torque-off'],
  [
    'said to be asked otherwise than the sheet asks',
    { tightened: { askedNm: 0.8, setNm: 0.8 } },
    {},
    'torque-not-asked',
  ],
  ['by hand, which strict rules forbid', { tightened: { askedNm: 0.5 } }, {}, 'torque-missing'],
  ['by hand, where it is recorded', { tightened: { askedNm: 0.5 } }, { handTightening: 'recorded' }, undefined],
])('%s', (_what, more, rules, refused) => {
  expect(refusedNow(atClamp(rules), seatWith(more))?.kind).toBe(refused)
})

test('a driver is one whose range has the torque, the finest first', () => {
  const tool = (id: string, minNm: number, maxNm: number) => ({ id, torque: { minNm, maxNm } }) as unknown as Tool
  const drivers = driversFor([tool('B', 1, 20), tool('A', 0.2, 5), { id: 'C' } as Tool], 1.2)
  expect(drivers.map(({ id }) => id)).toEqual(['A', 'B'])
  expect(driversFor([tool('A', 0.2, 5)], 6)).toEqual([])
})

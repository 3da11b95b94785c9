import fc from 'fast-check'
import { expect, test } from 'vitest'
import { benchDay, daysAfter, isZone } from './benchDay'

test.each([
  ['2026-11-27T22:30:00Z', 'UTC', '2026-11-27'],
  ['2026-11-27T23:30:00Z', 'Europe/Berlin', '2026-11-28'],
  ['2026-11-27T23:30:00Z', 'America/New_York', '2026-11-27'],
  // the clocks go back at one in the morning UTC
  ['2026-10-24T22:30:00Z', 'Europe/Berlin', '2026-10-25'],
  ['2026-10-25T23:30:00Z', 'Europe/Berlin', '2026-10-26'],
  ['2026-11-27T10:30:00Z', 'Pacific/Kiritimati', '2026-11-28'],
  ['2026-11-27T10:30:00+02:00', 'Pacific/Pago_Pago', '2026-11-26'],
])('%s at %s is %s', (iso, zone, day) => {
  expect(benchDay(iso, zone)).toBe(day)
  expect(benchDay(new Date(iso), zone)).toBe(day)
})

test('days are counted by the calendar, over months, years and leap days', () => {
  expect([daysAfter('2026-12-31', 1), daysAfter('2028-02-28', 1), daysAfter('2026-03-01', -1)]).toEqual([
    '2027-01-01',
    '2028-02-29',
    '2026-02-28',
  ])
  fc.assert(
    fc.property(fc.integer({ min: -4000, max: 4000 }), (days) => {
      expect(daysAfter(daysAfter('2026-11-27', days), -days)).toBe('2026-11-27')
    }),
  )
})

test('a zone is one that the machine knows', () => {
  expect(['Europe/Berlin', 'UTC', 'Kiln/Seven', ''].map(isZone)).toEqual([true, true, false, false])
})

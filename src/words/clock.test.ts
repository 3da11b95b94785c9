import { expect, test } from 'vitest'
import { clockOf } from './clock'

test.each([
  ['Europe/Berlin', '2026-11-28', '28 Nov 2026', '28 Nov 2026, 00:05', '00:05', 'Saturday'],
  ['America/New_York', '2026-11-27', '27 Nov 2026', '27 Nov 2026, 18:05', '18:05', 'Friday'],
  ['Asia/Kathmandu', '2026-11-28', '28 Nov 2026', '28 Nov 2026, 04:50', '04:50', 'Saturday'],
])('a bench in %s says its own day and time', (zone, day, date, dayTime, time, weekday) => {
  const clock = clockOf(zone)
  const at = '2026-11-27T23:05:00.000Z'
  expect([clock.dayOf(at), clock.date(at), clock.dayTime(at), clock.timeOfDay(at), clock.weekday(at)]).toEqual([
    day,
    date,
    dayTime,
    time,
    weekday,
  ])
})

test('every month has three letters, midnight is 00:00', () => {
  const clock = clockOf('UTC')
  const months = Array.from(
    { length: 12 },
    (_, i) => clock.date(new Date(Date.UTC(2026, i, 3)).toISOString()).split(' ')[1],
  )
  expect(months.join(' ')).toBe('Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec')
  expect(clock.timeOfDay('2026-11-27T00:00:00Z')).toBe('00:00')
})

import { expect, test } from 'vitest'
import { typedDay } from './DayInput'

test.each([
  ['2 May 2026', '2026-05-02'],
  ['2026-05-02', '2026-05-02'],
  ['2.5.2026', '2026-05-02'],
  [' 27 February 2027 ', '2027-02-27'],
])('%j is %s', (said, day) => {
  expect(typedDay(said)).toBe(day)
})

test.each(['05/02/2026', '31 Feb 2026', '2026-13-02', 'soon', '', '2.5.26'])('%j is no day', (said) => {
  expect(typedDay(said)).toBeNull()
})

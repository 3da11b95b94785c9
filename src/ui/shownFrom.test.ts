import { expect, test } from 'vitest'
import { shownFrom } from './shownFrom'

test.each([
  ['what is seen stays where it is', 100, { start: 120, end: 160 }, 100],
  ['what fills it stays too', 100, { start: 100, end: 300 }, 100],
  ['what lies above comes to its upper edge', 100, { start: 60, end: 110 }, 60],
  ['what lies below comes to its lower edge', 100, { start: 290, end: 330 }, 130],
])('%s', (_what, standsAt, stretch, then) => {
  expect(shownFrom(standsAt, 200, stretch)).toBe(then)
})

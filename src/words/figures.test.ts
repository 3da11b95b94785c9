import { expect, test } from 'vitest'
import { amps, day, figure, list, metres, mm, ohms, plural, range, areaRangeSaid } from './figures'
import { refusalWords } from './refusals'

test.each([
  [figure(5.85, 1), '5.9'],
  [figure(-5.85, 1), '-5.9'],
  [figure(1.5, 2), '1.5'],
  [figure(0, 2), '0'],
  [mm(2.05), '2.05 mm'],
  [amps(0.02), '20 mA'],
  [amps(4.5), '4.5 A'],
  [ohms(0.0752), '75.2 mΩ'],
  [ohms(12.3456), '12.346 Ω'],
  [metres(960), '960 mm'],
  [metres(2350), '2.35 m'],
  [range(5.5, 6.2, 1), '5.5 to 6.2'],
  [range(2, 2), '2'],
  [plural(1, 'wire'), '1 wire'],
  [plural(3, 'wire'), '3 wires'],
  [list(['a', 'b', 'c'], 2), 'a, b and 1 more'],
  [day('2026-11-03'), '3 Nov 2026'],
])('%s is said as %s', (said, wanted) => {
  expect(said).toBe(wanted)
})

test('a refusal says what is wrong and what would be right', () => {
  expect(
    refusalWords({
      kind: 'strip-outside',
      verdict: { kind: 'long', byMm: 0.62, limit: 'gap-too-large' },
      minMm: 5.5,
      maxMm: 6.2,
    }),
  ).toBe('Too long by 0.6 mm to the middle: the gap is too large. The window is 5.5 to 6.2 mm.')
  expect(refusalWords({ kind: 'not-home', contacts: ['W1a → A.1', 'W2a → A.2'] })).toContain(
    'Not home yet: W1a → A.1, W2a → A.2.',
  )
  expect(refusalWords({ kind: 'stands-on-it', later: [{ seq: 9, kind: 'crimped', about: 'W1a' }] })).toBe(
    'Later work stands on it: crimped W1a. Take that back first.',
  )
  expect(refusalWords({ kind: 'not-threaded', items: ['seal'] })).toBe(
    'First: wire seal on, small end toward the contact.',
  )
})

test.each([
  [0.2, 0.5, '24 to 20 AWG'],
  [0.52, 1.31, '20 to 16 AWG'],
  // a sheet that rounds a gauge’s area loses no gauge by it
  [0.5, 0.5, '20 AWG'],
  [0.518, 0.75, '20 to 18 AWG'],
])('from %d to %d mm² is %s', (minMm2, maxMm2, words) => {
  expect(areaRangeSaid(minMm2, maxMm2).other).toBe(words)
})

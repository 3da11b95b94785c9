import { expect, test } from 'vitest'
import { spelt, spokenCavity, spokenColour, spokenCrimp } from './spoken'

test.each([
  ['W07a', 'W 0 7 a'],
  ['QP-2', 'QP-2'],
  ['D1', 'D 1'],
  ['K', 'K'],
  ['18', '1 8'],
])('%s is read out as %s', (id, said) => {
  expect(spelt(id)).toBe(said)
})

test('colours are said in whole words', () => {
  expect([spokenColour('WH/BU'), spokenColour('GNYE'), spokenColour('??')]).toEqual([
    'white with blue',
    'green with yellow',
    '??',
  ])
})

test('a cavity is said wire first, then where', () => {
  expect(
    spokenCavity({
      label: 'Into cavity',
      cavity: '18',
      place: 'Bottom row, first from the chamfer',
      wire: 'P11a',
      colour: 'OG',
    }),
  ).toBe('Wire P 1 1 a, orange. Into cavity 1 8. Bottom row, first from the chamfer')
  expect(spokenCavity({ label: 'Plug cavity', cavity: 'K' })).toBe('Plug cavity K')
})

test('a crimp is said with what is dialled', () => {
  expect(spokenCrimp('W03a', 'YE', 5.05, { tool: 'QF-5', positioner: 'QP-3', selector: 6 })).toBe(
    'Wire W 0 3 a, yellow. strip 5.1. positioner QP-3. selector 6',
  )
})

import { expect, test } from 'vitest'
import { houseRules } from '../../parts/rules/houseRules'
import { helpsAt, refusedHelp } from './helps'

test.each([
  ['sheet-strict', []],
  ['field-repair', ['rod-through-front', 'cut-tip', 'lubricant']],
] as const)('%s offers at a cavity', (rules, ids) => {
  expect(helpsAt('seat', houseRules[rules]).map(({ id }) => id)).toEqual(ids)
})

test('what rules forbid is refused as forbidden, what nobody knows as unknown', () => {
  expect(refusedHelp(['lubricant'], 'seat', houseRules['sheet-strict'])).toEqual({ id: 'lubricant', why: 'forbidden' })
  expect(refusedHelp(['hammer'], 'release', houseRules['field-repair'])).toEqual({ id: 'hammer', why: 'unknown' })
  expect(refusedHelp(['cut-tip', 'lubricant'], 'release', houseRules['field-repair'])).toBeUndefined()
})

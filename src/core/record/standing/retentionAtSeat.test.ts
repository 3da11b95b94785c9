import { expect, test } from 'vitest'
import type { HouseRules } from '../../parts/rules/houseRules'
import { leadsUnder, refusedNow } from './crimpRules.testing'
import { retentionAtSeat } from './retentionAtSeat'
import { retentionN } from './tug'

const at = (rules: Partial<HouseRules>) => leadsUnder(rules, (_, step) => step.kind === 'seat')

test.each<[string, Partial<HouseRules>, boolean]>([
  ['after each click', { retentionTest: true, retentionWhen: 'after-click' }, true],
  ['at Prove', { retentionTest: true, retentionWhen: 'at-prove' }, false],
  ['not at all', { retentionTest: false, retentionWhen: 'after-click' }, false],
])('retention is tested %s', (_, rules, isAsked) => {
  const { state } = at(rules)
  expect(retentionAtSeat(state, 'A', '1')).toBe(isAsked ? retentionN(state, 'A', '1') : undefined)
  expect(retentionN(state, 'A', '1')).toBeGreaterThan(0)
})

test('a help that these rules forbid is refused with the seating, one that they allow is kept with it', () => {
  const seat = {
    kind: 'seated',
    term: '1/W1/a',
    end: 'A',
    cavity: '1',
    checked: ['straight-in', 'click', 'tug'],
    tug: 'by-hand',
    helps: ['lubricant'],
  } as const
  const said = { ...seat, checked: [...seat.checked], helps: [...seat.helps] }
  const strict = leadsUnder({}, (_, step) => step.kind === 'seat' && step.task.kind === 'insert')
  expect(refusedNow(strict, said)).toEqual({ kind: 'improvised-forbidden', how: 'lubricant' })
  const field = leadsUnder({ lubricant: 'approved' }, (_, step) => step.kind === 'seat' && step.task.kind === 'insert')
  expect(refusedNow(field, said)).toBeUndefined()
})

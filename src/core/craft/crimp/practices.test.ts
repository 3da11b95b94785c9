import { expect, test } from 'vitest'
import { houseRules } from '../../parts/rules/houseRules'
import { practices, practicesAt, refusedPractice, savesFrom } from './practices'
import type { PracticeId } from '../../parts/catalogue/practiceIds'

const strict = houseRules['sheet-strict']
const field = houseRules['field-repair']

test('the strict school allows none of it, the field school writes all of it down', () => {
  for (const practice of Object.values(practices)) {
    expect(practice.allowance(strict)).toBe('forbidden')
    expect(practice.allowance(field)).toBe('recorded')
  }
})

test.each<[string, Parameters<typeof practicesAt>[1], 'prep' | 'crimp', PracticeId[]]>([
  ['a machined contact at the crimp', 'closed-barrel', 'crimp', ['straightening']],
  [
    'a stamped contact at the crimp',
    'open-barrel',
    'crimp',
    ['easing-wings', 'second-stroke', 'finishing-squeeze', 'straightening', 'brush-trimming', 'solder'],
  ],
  [
    'a sealed one is never soldered',
    'open-barrel-sealed',
    'crimp',
    ['easing-wings', 'second-stroke', 'finishing-squeeze', 'straightening', 'brush-trimming'],
  ],
  ['a sleeve at Prep', 'sleeve', 'prep', ['side-cutters', 'fold-back']],
])('%s', (_what, construction, at, open) => {
  expect(practicesAt(at, construction, field).open.map((one) => one.id)).toEqual(open)
  expect(practicesAt(at, construction, strict)).toMatchObject({ open: [], forbidden: open.map((id) => ({ id })) })
})

test('what saves a crimp depends on the defect and on the school', () => {
  expect(savesFrom('bent', 'open-barrel', field).map((one) => one.id)).toEqual(['straightening'])
  expect(savesFrom('wings-open', 'open-barrel', field).map((one) => one.id)).toEqual([
    'second-stroke',
    'finishing-squeeze',
  ])
  expect(savesFrom('wings-open', 'open-barrel', strict)).toEqual([])
  expect(savesFrom('cracked', 'closed-barrel', field)).toEqual([])
})

test('a practice that is forbidden, does not belong there, or is none is refused', () => {
  expect(refusedPractice(['straightening'], 'crimp', 'open-barrel', field)).toBeUndefined()
  expect(refusedPractice(['straightening'], 'crimp', 'open-barrel', strict)).toEqual({
    practice: 'straightening',
    why: 'forbidden',
  })
  expect(refusedPractice(['side-cutters'], 'crimp', 'open-barrel', field)).toEqual({
    practice: 'side-cutters',
    why: 'unknown',
  })
  expect(refusedPractice(['glue'], 'crimp', 'open-barrel', field)).toEqual({ practice: 'glue', why: 'unknown' })
})

import { expect, test } from 'vitest'
import { lockOfHousing, type LockId } from '../../parts/catalogue/secondaryLocks'
import type { SecondLock } from '../../parts/catalogue/types'
import { openedTo, openSteps } from './openSteps'

const lockOf = (lock: LockId, said?: SecondLock) => lockOfHousing({ lock }, said && { secondLock: said })
const what = (lock: LockId, said?: SecondLock) => {
  const whole = lockOf(lock, said)
  return openSteps(whole, whole.covers).map((step) => [step.cover, step.what].filter(Boolean).join(' '))
}

test.each<[string, LockId, SecondLock | undefined, readonly string[]]>([
  ['a wedge goes in after the contacts: nothing is opened', 'wedge', undefined, []],
  ['no lock, nothing to open', 'none', undefined, []],
  ['a comb is raised to its stop', 'comb', undefined, ['comb reach', 'comb to-stop', 'clear']],
  [
    'a comb whose one end alone would tear its strap goes up by turns',
    'comb',
    { byTurnsMm: 1, opensFirst: 'the notch end' },
    ['comb reach', 'comb first-end', 'comb other-end', 'comb to-stop', 'clear'],
  ],
  ['a cap comes off', 'cap', undefined, ['cap reach', 'cap off', 'clear']],
  [
    'two covers, one after the other',
    'gate',
    undefined,
    ['front-cover reach', 'front-cover off', 'rear-gate reach', 'rear-gate off', 'clear'],
  ],
  [
    'a tail cover that stands at its stop while contacts go in, by fingers',
    'tail-cover',
    { whileInserting: 'at-stop', partWayMm: 3 },
    ['tail-cover to-stop', 'clear'],
  ],
])('%s', (_, lock, said, steps) => {
  expect(what(lock, said)).toEqual(steps)
})

test('each step has a name of its own: it is ticked by it', () => {
  const gate = lockOf('gate')
  const ids = openSteps(gate, gate.covers).map(({ id }) => id)
  expect(new Set(ids).size).toBe(ids.length)
})

test('the record has it part-way only where its sheet says that it stands at its stop', () => {
  expect(openedTo(lockOf('comb'))).toBe('open')
  expect(openedTo(lockOf('wedge', { whileInserting: 'at-stop' }))).toBe('part-way')
})

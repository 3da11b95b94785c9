import { expect, test } from 'vitest'
import type { NextStep } from '@/core/views/steps'
import type { EndTask } from '@/core/work/seat/endTasks'
import { stepWords, taskWords, termName } from './steps'

const task = (more: object): EndTask => ({ unit: 1, end: 'A', done: false, ...more }) as EndTask

test.each<[NextStep, string, string | undefined]>([
  [{ station: 'plan', kind: 'plan-wires' }, 'Plan the wires', undefined],
  [{ station: 'kit', kind: 'unblock', term: '1/W10/b', blocked: 2 }, 'Unblock W10b', 'no set works for 2 terminations'],
  [{ station: 'prep', kind: 'strip', term: '1/W1/a', left: 4 }, 'Strip W1a', '4 left in this setup'],
  [
    {
      station: 'crimp',
      kind: 'mount',
      setup: 'x',
      changes: [
        { field: 'selector', from: 7, to: 9 },
        { field: 'notchMm', from: 1.1, to: 1.5 },
      ],
    },
    'Change the setup',
    'selector 7 → 9, notch 1.1 mm → 1.5 mm',
  ],
  [
    { station: 'crimp', kind: 'mount', setup: 'x', changes: [{ field: 'tool', from: undefined, to: 'QF-5' }] },
    'Change the setup',
    'frame QF-5',
  ],
  [
    {
      station: 'crimp',
      kind: 'mount',
      setup: 'x',
      changes: [
        { field: 'tool', from: undefined, to: 'PF-10' },
        { field: 'die', from: undefined, to: 'D1' },
        { field: 'wireStopMm', from: undefined, to: 3.8 },
        { field: 'notchMm', from: undefined, to: 1.3 },
      ],
    },
    'Change the setup',
    'frame PF-10, die D1, 2 more',
  ],
  [
    { station: 'crimp', kind: 'first-piece', setup: 'x', term: '1/W7/a', left: 1 },
    'Make a first piece',
    'like W7a: inspect it, pull it, then release',
  ],
  [{ station: 'crimp', kind: 'verify-tool', setup: 'x', tool: 'QF-5' }, 'Gauge QF-5', 'its adjuster was turned'],
  [{ station: 'crimp', kind: 'pull-sample', setup: 'x', every: 25 }, 'Pull a sample', 'one in 25 to destruction'],
  [{ station: 'crimp', kind: 'release', setup: 'x' }, 'Release the setup', 'the first piece is good'],
  [{ station: 'crimp', kind: 'crimp', term: '1/W7/a', left: 6 }, 'Crimp W7a', '6 left in this setup'],
  [
    { station: 'seat', kind: 'seat', task: task({ kind: 'insert', term: '1/W7/a', cavity: '7' }), left: 3 },
    'Seat W7a in A.7',
    '3 left at A',
  ],
  [{ station: 'prove', kind: 'probe', unit: 1, wire: 'W7', nets: 1, pairs: 0 }, 'Probe 1 net', 'to prove'],
  [{ station: 'prove', kind: 'put-net-right', unit: 1, wire: 'W7', focus: '1/W7' }, 'Put W7 right', 'it did not prove'],
  [
    {
      station: 'prove',
      kind: 'probe-apart',
      task: { key: '1/A.1|~.W3b', unit: 1, red: 'A.1', black: '~.W3b', done: false },
      pairs: 2,
    },
    'Probe 2 pairs',
    'that must be apart',
  ],
  [
    { station: 'prove', kind: 'move', task: { unit: 1, askedS: 30, done: false }, focus: '' },
    'Move the harness',
    '30 s, while it is watched',
  ],
  [{ station: 'close', kind: 'count-tray' }, 'Count the tray', undefined],
  [{ station: 'close', kind: 'sign' }, 'Sign', undefined],
  [{ station: 'close', kind: 'closed' }, 'Closed', 'signed and in the ledger'],
])('%j in words', (step, main, then) => {
  expect(stepWords(step)).toEqual({ main, ...(then !== undefined && { then }) })
})

test.each<[EndTask, string]>([
  [task({ kind: 'put-right', term: '1/W1/b', cavity: '1', found: '4', why: 'wrong-cavity' }), 'Take W1b out of A.4'],
  [task({ kind: 'plug', cavity: '3', part: 'CP-M' }), 'Plug A.3'],
  [task({ kind: 'lock' }), 'Close the lock of A'],
  [task({ kind: 'fit-part', part: 'IS-M3' }), 'Fit the interface seal of A'],
  [task({ kind: 'look-over' }), 'Look A over from both sides'],
])('%j as the hand does it', (one, words) => {
  expect(taskWords(one)).toBe(words)
})

test('where a job has several units, each is named', () => {
  expect(termName('2/W1/a', 3)).toBe('W1a #2')
  expect(taskWords(task({ kind: 'plug', unit: 2, cavity: '3', part: 'CP-M' }), 3)).toBe('Plug A #2.3')
})

import { constants } from 'node:os'
import { expect, test } from 'vitest'
import { giveWay } from './giveWay'

test('the thread that asks goes behind the others, and nothing else does', () => {
  const set: [number, number][] = []
  expect(
    giveWay(
      () => '812/task/815',
      (...said) => void set.push(said),
    ),
  ).toBe(true)
  expect(set).toEqual([[815, constants.priority.PRIORITY_BELOW_NORMAL]])
})

test.each([
  [
    'no such file',
    () => {
      throw new Error('ENOENT')
    },
  ],
  ['another name', () => 'self'],
])('where the system names no threads (%s) all go alike', (_what, thread) => {
  const set: number[] = []
  expect(giveWay(thread, (id) => void set.push(id))).toBe(false)
  expect(set).toEqual([])
})

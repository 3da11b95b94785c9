import { expect, test } from 'vitest'
import { lockMotion } from './lockMotion'
import { lockOfHousing } from './secondaryLocks'
import type { SecondLock } from './types'

const motion = (lock: Parameters<typeof lockOfHousing>[0]['lock'], secondLock?: SecondLock) =>
  lockMotion(lockOfHousing({ lock }, secondLock && { secondLock }))

test.each<[string, ReturnType<typeof motion>, object]>([
  ['a wedge comes from its side, by the slot there', motion('wedge'), { from: 'side', stop: 0.5, turns: false }],
  ['a wedge pushed in from the front', motion('wedge', { access: 'front' }), { from: 'front' }],
  ['a tail cover comes over the wires', motion('tail-cover'), { from: 'rear' }],
  ['a cap turns', motion('cap'), { turns: true, stop: undefined }],
  [
    'stop and home are to scale where both are measured',
    motion('wedge', { partWayMm: 7, homeMm: 14 }),
    { stop: 0.5, stopMm: 7, homeMm: 14 },
  ],
  ['a stop close to home', motion('wedge', { partWayMm: 13, homeMm: 10 }), { stop: 0.95 }],
  [
    'at its stop while contacts go in',
    motion('wedge', { whileInserting: 'at-stop', partWayMm: 3, homeMm: 12 }),
    { whileInserting: 0.25 },
  ],
  ['out while contacts go in', motion('wedge', { whileInserting: 'out' }), { whileInserting: 0 }],
])('%s', (_what, found, expected) => {
  expect(found).toMatchObject(expected)
})

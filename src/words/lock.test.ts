import { expect, test } from 'vitest'
import { isSetBeforeFirst, lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { SecondLock } from '@/core/parts/catalogue/types'
import { coverActs, lockHowWords, lockWayWords } from './lock'

const half = (secondLock?: SecondLock) => lockOfHousing({ lock: 'wedge' }, secondLock && { secondLock })

test('a wedge that goes in from the front and is hooked out again is said so, with its figures', () => {
  const lock = half({
    access: 'front',
    madeAs: 'separate',
    leads: 'the two tongues',
    partWayMm: 7,
    homeMm: 14.2,
    out: 'hooked',
    tool: 'RL-H',
    toolEnd: 'hook end',
  })
  expect(coverActs('wedge', lock)).toEqual({
    name: 'wedge',
    close:
      'Push the wedge in from the front, the two tongues first, past its stop at 7 mm, until it is home, 14.2 mm in',
    open: 'Hook the wedge out from the front, with RL-H, hook end',
  })
  expect(lockWayWords('wedge', lock)).toBe('one way round: the two tongues first')
  expect(lockHowWords(lock)).toBe('It moves after the last contact; with RL-H, hook end from the front.')
  // what takes hold of a lost tab is known for the slot at the side alone
  expect(lock.fallback).toBeUndefined()
})

test('a half whose sheet says nothing is as its kind', () => {
  expect(coverActs('wedge', half()).close).toMatch(/^Slide the wedge in from the side/)
  expect(half()).toMatchObject({ access: 'side-slot', tool: 'hook', fallback: 'blade-in-slot', said: undefined })
  expect(lockWayWords('wedge', half())).toBe('one way: its thin end leads')
})

test.each<[string, SecondLock, object]>([
  ['a hinged one is a part of its housing', { madeAs: 'hinged' }, { part: 'captive' }],
  ['another kind than its family’s', { kind: 'comb' }, { id: 'comb', moves: 'before-and-after' }],
  ['none at all', { kind: 'none' }, { present: false }],
  ['prised out with a blade', { out: 'prised' }, { tool: 'flat-blade' }],
  ['a stop where its kind has one', { partWayMm: 3 }, { states: ['open', 'part-way', 'closed'] }],
  ['either way round', { way: 'reversible' }, { way: 'reversible' }],
])('%s', (_what, said, expected) => {
  expect(half(said)).toMatchObject(expected)
})

test('a cover that slides on from behind must be on the wires first; from the front it need not', () => {
  const tail = (said?: SecondLock) => lockOfHousing({ lock: 'tail-cover' }, said && { secondLock: said })
  expect(tail().threadedFirst).toBe(true)
  expect(tail({ access: 'front' }).threadedFirst).toBe(false)
  expect(tail({ madeAs: 'hinged' }).threadedFirst).toBe(false)
})

test('what stands in a place of its own before the first contact: a comb up, a cap off, a wedge at its stop', () => {
  expect(isSetBeforeFirst(half())).toBe(false)
  expect(isSetBeforeFirst(half({ whileInserting: 'at-stop' }))).toBe(true)
  expect(isSetBeforeFirst(lockOfHousing({ lock: 'comb' }, undefined))).toBe(true)
  expect(isSetBeforeFirst(lockOfHousing({ lock: 'none' }, undefined))).toBe(false)
})

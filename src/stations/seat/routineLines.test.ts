import { expect, test } from 'vitest'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import { lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { FamilyFacts } from '@/core/parts/catalogue/types'
import { beforeFirstLines, coverLines, routineLines } from './routineLines'

const family = (release: FamilyFacts['release']) =>
  ({ release, orientation: 'the finger to the notch' }) as unknown as FamilyFacts

test.each(Object.values(releaseMechanisms).map(({ id }) => [id] as const))(
  'the way in past a %s is ticked step by step; a tug only where a click can be tugged',
  (id) => {
    const mechanism = releaseMechanisms[id]
    const lines = routineLines(family(id), 9)
    expect(lines.map((line) => line.id)).toEqual([
      ...mechanism.insert,
      ...(mechanism.tugMeans === 'when-in' ? ['tug'] : []),
    ])
    // nothing is ticked that says nothing
    for (const line of lines) expect(line.words).toBeTruthy()
    // which way up is said once, where the hand turns the contact
    expect(lines.filter((line) => line.hint === 'the finger to the notch').length).toBeLessThanOrEqual(1)
  },
)

test('a retention that is not on the sheet asks for a light tug without a figure', () => {
  const click = Object.values(releaseMechanisms).find((one) => one.tugMeans === 'when-in')
  if (!click) throw new Error('no click')
  const tug = routineLines(family(click.id), undefined).at(-1)
  expect(tug?.id).toBe('tug')
  expect(tug?.words).toBeTypeOf('string')
})

test('covers in the way are opened first, each a line', () => {
  const gate = lockOfHousing({ lock: 'gate' }, undefined)
  expect(coverLines(['front-cover'], gate).map(({ id, seen }) => [id, seen])).toEqual([['front-cover', 'It is open']])
})

test('where a cover stands before the first contact is a line, as the half’s own sheet says', () => {
  const said = (of: Parameters<typeof lockOfHousing>[0]['lock'], secondLock?: object) =>
    beforeFirstLines(['wedge'], lockOfHousing({ lock: of }, secondLock && { secondLock })).map((line) => line.words)
  expect(said('comb')).toEqual(['The wedge up, at its stop'])
  expect(said('cap')).toEqual(['The wedge off, out of the way'])
  expect(said('wedge', { whileInserting: 'at-stop', partWayMm: 7 })).toEqual([
    'The wedge at its part-way stop, 7 mm in',
  ])
})

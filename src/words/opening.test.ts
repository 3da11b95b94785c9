import { expect, test } from 'vitest'
import { openSteps } from '@/core/craft/release/openSteps'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { coversInOrder, lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { Housing } from '@/core/parts/catalogue/types'
import { houseRules } from '@/core/parts/rules/houseRules'
import { openStepWords } from './opening'

const shelf = demoShelf()

/** What the hands are told to open a half, line by line. */
function linesOf(id: string, more: Partial<NonNullable<Housing['secondLock']>> = {}): readonly string[] {
  const housing = shelf.housings.get(id)
  const family = housing && shelf.families.get(housing.family)
  if (!housing || !family) throw new Error(id)
  const said = Object.fromEntries(
    Object.entries({ ...housing.secondLock, ...more }).filter(([, value]) => value !== ''),
  )
  const lock = lockOfHousing(family, { ...housing, secondLock: said })
  return openSteps(lock, coversInOrder(lock, houseRules['sheet-strict']).toReversed()).map(
    (step) => openStepWords(step, lock, housing.cavities.length).line,
  )
}

test('a comb is raised by turns, with its tool, to its stop', () => {
  expect(linesOf('MJ-21P')).toEqual([
    'RL-H, hook toward the mating face in the slot at the side',
    'The notch end first: 1 mm',
    'The other end: 1 mm',
    'Up to the stop, 2.1 mm, level',
    '21 holes clear, nothing broken',
  ])
})

test.each([
  [{ opensFirst: '', opensAt: 'mark' }, 'The end at the mark first: 1 mm'],
  [{ opensFirst: '', opensAt: 'far' }, 'The end away from the mark first: 1 mm'],
  [{ opensFirst: '', opensAt: '' }, 'One end first: 1 mm'],
] as const)('%j says which end goes first', (said, line) => {
  expect(linesOf('MJ-21P', said as object)[1]).toBe(line)
})

test('a line begins as a sentence, whatever takes hold', () => {
  for (const line of linesOf('CK-4P')) expect(line).toMatch(/^[A-Z0-9]/)
})

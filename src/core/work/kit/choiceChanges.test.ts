import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setKey } from '../../record/plan/keys'
import { choiceChanges } from './choiceChanges'
import { randomProblem, realisticProblem } from './kitGroups.testing'
import type { KitProblem } from './kitProblem'

const choose = (options: readonly number[]) => ({ options, goals: [], unpriced: 0 })

/** The sets of a job in which each group has its option so-and-so. */
function setsOf({ groups }: KitProblem, options: readonly number[]): Map<string, ChosenSet> {
  const sets = new Map<string, ChosenSet>()
  groups.forEach((group, g) => {
    const option = group.options[options[g] ?? 0]
    // the setup of a set is told by its tool here
    if (option) for (const { wire, side } of group.sides) sets.set(setKey(wire, side), option.set)
  })
  return sets
}

test('a job without sets gets one at every side; what was fixed is left alone', () => {
  const problem = realisticProblem(40, 6, 3)
  const first = problem.groups.map(() => 0)
  expect(choiceChanges(problem, choose(first), new Map())).toHaveLength(40)
  const [one, ...others] = problem.groups
  if (!one) throw new Error('no group')
  const fixed = { ...problem, groups: [{ ...one, fixed: 'by-hand' as const }, ...others] }
  const changed = choiceChanges(fixed, choose(first), new Map())
  expect(changed).toHaveLength(40 - one.sides.length)
  expect(changed.some(({ wire, side }) => one.sides.some((at) => at.wire === wire && at.side === side))).toBe(false)
})

test('what is chosen already is no change, and what is left out has no seal', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 9999 }), fc.nat(7), (seed, pick) => {
      const problem = randomProblem(12, 4, seed)
      const options = problem.groups.map(({ options: ways }) => pick % Math.max(1, ways.length))
      const changes = choiceChanges(problem, choose(options), setsOf(problem, options))
      // only a setup that its tool alone does not tell can differ
      for (const change of changes) {
        const group = problem.groups.findIndex(({ sides }) =>
          sides.some(({ wire, side }) => wire === change.wire && side === change.side),
        )
        const option = problem.groups[group]?.options[options[group] ?? 0]
        expect(change).toMatchObject({ contact: option?.set.contact, setup: option?.setup })
        expect('seal' in change).toBe(option?.set.seal !== undefined)
      }
    }),
    { numRuns: 40 },
  )
})

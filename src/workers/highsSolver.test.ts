import highsLoader from 'highs'
import { expect, test } from 'vitest'
import { yesNo, type Milp, type MilpRow } from '@/core/base/milp/milp'
import { highsSolver } from './highsSolver'

const solve = highsSolver(await highsLoader())
const row = (lower: number, upper: number, ...terms: MilpRow['terms']): MilpRow => ({ lower, upper, terms })
/** If one of these is taken, so is that. */
const needs = (thing: number, ...picks: readonly number[]) =>
  row(-1, 0, ...picks.map((pick): readonly [number, number] => [pick, 1]), [thing, -1])
const oneOf = (...picks: readonly number[]) => row(1, 1, ...picks.map((pick): readonly [number, number] => [pick, 1]))

const costs = (...of: readonly number[]) => of.map(yesNo)

/**
 * Fewest part numbers with no more than two setups; the first five variables are setups, then parts, then picks. Part 5 serves
 * all three groups. An unsound reduction of presolve fails on it, or finds two parts and calls them best.
 */
const onePart: Milp = {
  variables: costs(0, 0, 0, 0, 0, 1, 1, 0, 0, 0, 0, 0, 0, 0),
  rows: [
    oneOf(7, 8, 9),
    needs(0, 7, 9),
    needs(1, 8),
    needs(5, 7, 8),
    needs(6, 9),
    oneOf(10, 11, 12),
    needs(2, 10),
    needs(3, 11),
    needs(4, 12),
    needs(5, 10, 11),
    needs(6, 12),
    oneOf(13),
    needs(1, 13),
    needs(5, 13),
    row(0, 2, [0, 1], [1, 1], [2, 1], [3, 1], [4, 1]),
  ],
}

/** Four groups, two parts: with the reduction it was three, and its bound said three as well. */
const twoParts: Milp = {
  variables: costs(0, 0, 0, 0, 0, 1, 1, 1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0),
  rows: [
    oneOf(8, 9, 10),
    needs(0, 8, 9),
    needs(1, 10),
    needs(5, 8, 10),
    needs(6, 9),
    oneOf(11, 12, 13),
    needs(2, 11),
    needs(3, 12),
    needs(4, 13),
    needs(5, 11, 12, 13),
    oneOf(14, 15),
    needs(1, 14, 15),
    needs(6, 14),
    needs(7, 15),
    oneOf(16, 17),
    needs(1, 16),
    needs(3, 17),
    needs(7, 16),
    needs(6, 17),
    row(0, 2, [0, 1], [1, 1], [2, 1], [3, 1], [4, 1]),
  ],
}

test.each<[string, Milp, number, readonly number[] | undefined]>([
  ['one part, from nothing', onePart, 1, undefined],
  ['one part, from a worse answer', onePart, 1, [0, 1, 0, 0, 1, 1, 1, 0, 1, 0, 0, 0, 1, 1]],
  ['two parts, from nothing', twoParts, 2, undefined],
  ['two parts, from a worse answer', twoParts, 2, [0, 1, 1, 0, 0, 1, 1, 1, 0, 0, 1, 1, 0, 0, 1, 0, 1, 0]],
])('what is called best is best: %s', (_what, problem, best, start) => {
  const answer = solve(problem, { timeLimitS: 5, start })
  expect(answer).toMatchObject({ status: 'solved', value: best, bound: best })
  if (answer.status !== 'solved') return
  for (const { lower, upper, terms } of problem.rows) {
    const sum = terms.reduce((so, [variable, coefficient]) => so + coefficient * (answer.values[variable] ?? 0), 0)
    expect(sum).toBeGreaterThanOrEqual(lower - 1e-6)
    expect(sum).toBeLessThanOrEqual(upper + 1e-6)
  }
})

test('what cannot be is infeasible, not an error', () => {
  expect(solve({ variables: [yesNo(1)], rows: [row(2, 3, [0, 1])] }, { timeLimitS: 5 }).status).toBe('infeasible')
})

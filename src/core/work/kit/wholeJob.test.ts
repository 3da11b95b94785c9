import fc from 'fast-check'
import highsLoader from 'highs'
import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../../record/plan/pinoutOf.testing'
import { highsSolver } from '@/workers/highsSolver'
import { firstEntries } from './firstEntries'
import { emptyPlan } from '../../record/plan/plan'
import { stripsAhead, workThrough } from '../../views/workThrough.testing'
import type { MilpSolver } from '../../base/milp/milp'
import { greedyChoice } from './greedyChoice'
import { randomProblem, realisticProblem } from './kitGroups.testing'
import { kitProblem, type KitGroup, type KitProblem } from './kitProblem'
import { chooseWholeJob, totalPrice, usedParts, usedSetups } from './wholeJob'

const solve = highsSolver(await highsLoader())
const run = { solve, setupsS: 5, laterS: 5, clock: () => 0 }

/** Every choice there is, for small problems. */
function* allChoices(groups: readonly KitGroup[], at = 0, so: readonly number[] = []): Generator<readonly number[]> {
  if (at === groups.length) {
    yield so
    return
  }
  for (let i = 0; i < (groups[at]?.options.length ?? 0); i++) yield* allChoices(groups, at + 1, [...so, i])
}

function bruteForce(problem: KitProblem): readonly [setups: number, parts: number, price: number] {
  let best: readonly [number, number, number] = [Infinity, Infinity, Infinity]
  for (const options of allChoices(problem.groups)) {
    const now = [
      usedSetups(problem.groups, options).size,
      usedParts(problem.groups, options).size,
      totalPrice(problem, options),
    ] as const
    const d = now[0] - best[0] || now[1] - best[1] || now[2] - best[2]
    if (d < -1e-9) best = now
  }
  return best
}

test('on every small job the choice is what trying all of them finds: setups first, then parts, then price', () => {
  const options = fc.array(
    fc.record({
      setup: fc.integer({ min: 0, max: 4 }),
      part: fc.integer({ min: 0, max: 4 }),
      price: fc.integer({ min: 1, max: 9 }),
    }),
    { minLength: 1, maxLength: 4 },
  )
  fc.assert(
    fc.property(
      fc.array(fc.record({ options, size: fc.integer({ min: 1, max: 4 }) }), { minLength: 1, maxLength: 5 }),
      (raw) => {
        const shape = randomProblem(1, 1, 1).groups[0]?.options[0]
        if (!shape) throw new Error('shape')
        const groups = raw.map((group, g): KitGroup => ({
          id: `g${String(g)}`,
          sides: Array.from({ length: group.size }, (_, i) => ({
            wire: `W${String(g)}-${String(i)}`,
            side: 'a' as const,
          })),
          options: group.options.map((one) => ({
            ...shape,
            setup: `s${String(one.setup)}`,
            parts: [`p${String(one.part)}`],
            price: one.price,
          })),
        }))
        const problem: KitProblem = { groups, blocked: [], quantity: 1 }
        const choice = chooseWholeJob(problem, run)
        const [setups, parts, price] = bruteForce(problem)
        expect(choice.goals.map((goal) => goal.goal)).toEqual(['setups', 'parts', 'price'])
        expect(choice.goals[0]?.value).toBe(setups)
        expect(choice.goals[1]?.value).toBe(parts)
        expect(choice.goals[2]?.value).toBeCloseTo(price, 6)
        expect(choice.goals.every((goal) => goal.proven)).toBe(true)
      },
    ),
    { numRuns: 60 },
  )
}, 60_000)

test('a job like a real one is proven in all three goals, and never worse than the greedy start', () => {
  const problem = realisticProblem(200, 25, 7)
  const choice = chooseWholeJob(problem, run)
  expect(choice.goals.map((goal) => goal.proven)).toEqual([true, true, true])
  expect(choice.goals[0]?.value).toBeLessThanOrEqual(usedSetups(problem.groups, greedyChoice(problem.groups)).size)
  expect(choice.options.every((option, g) => problem.groups[g]?.options[option] !== undefined)).toBe(true)
}, 60_000)

test('a solver that finds nothing leaves the greedy choice, with a gap that is said', () => {
  const helpless: MilpSolver = () => ({ status: 'nothing-found', bound: 1 })
  const problem = randomProblem(40, 12, 3)
  const choice = chooseWholeJob(problem, { ...run, solve: helpless })
  expect(choice.options).toEqual(greedyChoice(problem.groups))
  expect(choice.goals[0]).toMatchObject({ bound: 1, proven: false })
})

test('infeasible is said', () => {
  expect(
    solve(
      { variables: [{ cost: 1, lower: 0, upper: 1, whole: true }], rows: [{ lower: 2, upper: 2, terms: [[0, 1]] }] },
      { timeLimitS: 1 },
    ),
  ).toEqual({ status: 'infeasible' })
})

const shelf = demoShelf()
const csv = `wire,type,colour,from end,from cavity,to end,to cavity,length,current
W1,TW-0.75,RD,A,1,B,1,620,0.8
W2,TW-0.75,BK,A,2,B,2,620,0.8
W3,TW-0.5,YE,A,3,B,3,620,0.02
W4,RW-1.5,YE,A,4,B,4,620,2`
function job(until: Parameters<typeof workThrough>[1]['until']) {
  const plan = pinoutOf(csv, { A: 'CM-5P', B: 'SW-5P' })
  let made = 0
  const newId = () => `kit-${String(++made).padStart(6, '0')}`
  return workThrough(
    firstEntries(shelf, { ...emptyPlan, ends: [...plan.ends], wires: [...plan.wires] }, '2026-11-25', newId),
    {
      newId,
      stamp: () => ({ at: '2026-11-25T09:00:00.000Z', by: 'ansa' }),
      stepOf: stripsAhead,
      ...(until && { until }),
    },
  ).folded.state
}

test('like terminations are one group, what nothing fits is named, a choice by hand and work that has begun stay', () => {
  const state = job((_state, step) => step.kind === 'strip')
  const fresh = kitProblem(shelf, state, '2026-11-25')
  expect(fresh.groups.map((group) => group.sides.map((one) => `${one.wire}${one.side}`).join(' '))).toEqual([
    'W1a W2a',
    'W1b W2b',
    'W3a',
    'W3b',
    'W4a',
  ])
  expect(fresh.blocked).toEqual([{ wire: 'W4', side: 'b' }])
  const set = state.sets.get('W1/a')
  if (!set) throw new Error('set')
  state.sets.set('W1/a', { ...set, byHand: true })
  const byHand = kitProblem(shelf, state, '2026-11-25')
  expect(byHand.groups.find((group) => group.fixed === 'by-hand')).toMatchObject({
    sides: [{ wire: 'W1', side: 'a' }],
    options: [{ set: { byHand: true } }],
  })
  expect(kitProblem(shelf, state, '2026-11-25', false).groups.some((group) => group.fixed)).toBe(false)
  const begun = kitProblem(
    shelf,
    job((_state, step) => step.kind === 'mount'),
    '2026-11-25',
    false,
  )
  expect(begun.groups.filter((group) => group.fixed === 'begun').flatMap((group) => group.sides)).toHaveLength(1)
})

test('no option of the demo shelf is weaker than another of its group, and each has its price from the cheapest pack', () => {
  const { groups } = kitProblem(
    shelf,
    job((_state, step) => step.kind === 'strip'),
    '2026-11-25',
  )
  for (const group of groups) expect(new Set(group.options.map((option) => option.set.estimate)).size).toBe(1)
  // 21 for 50 nickel sockets
  expect(groups[0]?.options[0]?.price).toBeCloseTo(21 / 50, 9)
})

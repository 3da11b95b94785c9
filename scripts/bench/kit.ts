import highsLoader from 'highs'
import { greedyChoice } from '../../src/core/work/kit/greedyChoice'
import { randomProblem, realisticProblem } from '../../src/core/work/kit/kitGroups.testing'
import type { KitProblem } from '../../src/core/work/kit/kitProblem'
import { chooseWholeJob, usedSetups } from '../../src/core/work/kit/wholeJob'
import { highsSolver } from '../../src/workers/highsSolver'

/** Choice for whole jobs: like real ones (src/core/kit/kitGroups.testing.ts makes them), and without any structure. */
const solve = highsSolver(await highsLoader())
const clock = () => performance.now() / 1000

function measure(name: string, problem: KitProblem, setupsS: number): void {
  const greedy = usedSetups(problem.groups, greedyChoice(problem.groups)).size
  const { goals } = chooseWholeJob(problem, { solve, setupsS, laterS: 15, clock })
  console.log(`${name}: greedy ${String(greedy)} setups`)
  for (const goal of goals) {
    const gap = goal.value - goal.bound
    console.log(
      `  ${goal.goal.padEnd(7)} ${goal.value.toFixed(goal.goal === 'price' ? 2 : 0).padStart(8)}  ${goal.proven ? 'proven' : `not proven, at least ${goal.bound.toFixed(goal.goal === 'price' ? 2 : 0)} (${((100 * gap) / goal.value).toFixed(1)} %)`}  ${goal.seconds.toFixed(2)} s`,
    )
  }
}

for (const seed of [1, 2, 3])
  measure(`200 terminations in 25 groups, seed ${String(seed)}`, realisticProblem(200, 25, seed), 5)
for (const seed of [1, 2, 3])
  measure(`1,000 terminations in 60 groups, seed ${String(seed)}`, realisticProblem(1000, 60, seed), 30)
measure('1,000 terminations by chance among 200 setups', randomProblem(1000, 200, 1), 30)

import { groupBy } from '../../base/collections'
import { yesNo, type Milp, type MilpProgress, type MilpRow, type MilpSolver } from '../../base/milp/milp'
import { greedyChoice } from './greedyChoice'
import type { KitGroup, KitProblem } from './kitProblem'

export type KitGoal = 'setups' | 'parts' | 'price'

/** How far one goal got: what was found, and below what nothing can be. */
export interface GoalResult {
  readonly goal: KitGoal
  readonly value: number
  readonly bound: number
  readonly proven: boolean
  readonly seconds: number
}

export interface WholeJobChoice {
  /** for each group, by its place, which of its options */
  readonly options: readonly number[]
  readonly goals: readonly GoalResult[]
  /** pieces whose parts have no price on the shelf: they count as nothing */
  readonly unpriced: number
}

export interface WholeJobRun {
  readonly solve: MilpSolver
  /** time for the first goal, and for all that follow together, s */
  readonly setupsS: number
  readonly laterS: number
  /** the time in seconds, from anywhere: to share it out */
  readonly clock: () => number
  readonly onProgress?: ((goal: KitGoal, progress: MilpProgress) => void) | undefined
}

const NEAR = 1e-6

/**
 * The choice for a whole job: fewest setups, then with no more setups the fewest part numbers, then with no more of either
 * the least price. Each goal is a linear problem of its own; where time runs out the bound says how far from best it may be.
 */
export function chooseWholeJob(problem: KitProblem, run: WholeJobRun): WholeJobChoice {
  const { groups } = problem
  let options: readonly number[] = greedyChoice(groups)
  const goals: GoalResult[] = []
  const setups = fewestSetups(groups, options, run)
  options = setups.options
  goals.push(setups.result)
  const begun = run.clock()
  for (const goal of ['parts', 'price'] as const) {
    const timeLimitS = goal === 'parts' ? run.laterS * 0.6 : Math.max(0.5, run.laterS - (run.clock() - begun))
    const stage = laterGoal(problem, goal, options, goals, timeLimitS, run)
    options = stage.options
    goals.push(stage.result)
  }
  return {
    options,
    goals,
    unpriced: options.reduce(
      (sum, option, g) =>
        sum + (groups[g]?.options[option]?.price === undefined ? (groups[g]?.sides.length ?? 0) * problem.quantity : 0),
      0,
    ),
  }
}

export const usedSetups = (groups: readonly KitGroup[], options: readonly number[]): ReadonlySet<string> =>
  new Set(options.flatMap((option, g) => groups[g]?.options[option]?.setup ?? []))
export const usedParts = (groups: readonly KitGroup[], options: readonly number[]): ReadonlySet<string> =>
  new Set(options.flatMap((option, g) => groups[g]?.options[option]?.parts ?? []))
export const totalPrice = ({ groups, quantity }: KitProblem, options: readonly number[]): number =>
  options.reduce(
    (sum, option, g) => sum + (groups[g]?.options[option]?.price ?? 0) * (groups[g]?.sides.length ?? 0) * quantity,
    0,
  )

/** The first goal needs the setups alone: every group must find one of its own among those that are used. */
function fewestSetups(
  groups: readonly KitGroup[],
  start: readonly number[],
  run: WholeJobRun,
): { readonly options: readonly number[]; readonly result: GoalResult } {
  const begun = run.clock()
  const needs = smallestNeeds(groups)
  const setups = [...new Set(needs.flat())]
  const place = new Map(setups.map((setup, i) => [setup, i]))
  const inUse = usedSetups(groups, start)
  const greedy = setups.filter((setup) => inUse.has(setup)).length
  const problem: Milp = {
    variables: setups.map(() => yesNo(1)),
    rows: needs.map((need): MilpRow => ({
      lower: 1,
      upper: need.length,
      terms: need.map((setup) => [place.get(setup) ?? 0, 1]),
    })),
  }
  const forced = new Set(needs.filter((need) => need.length === 1).flat()).size
  // nothing to choose: as few as are forced
  if (greedy === forced)
    return {
      options: start,
      result: { goal: 'setups', value: inUse.size, bound: inUse.size, proven: true, seconds: run.clock() - begun },
    }
  const answer = run.solve(problem, {
    timeLimitS: run.setupsS,
    start: setups.map((setup) => Number(inUse.has(setup))),
    onProgress: (at) => run.onProgress?.('setups', at),
  })
  const found =
    answer.status === 'solved' && answer.value < greedy - NEAR
      ? new Set(setups.filter((_setup, i) => (answer.values[i] ?? 0) > 0.5))
      : inUse
  const options = start.map((option, g) => {
    const group = groups[g]
    const now = group?.options[option]
    return now && found.has(now.setup)
      ? option
      : Math.max(0, group?.options.findIndex((one) => found.has(one.setup)) ?? 0)
  })
  const value = usedSetups(groups, options).size
  const bound = answer.status === 'infeasible' ? value : Math.ceil(answer.bound - NEAR)
  return {
    options,
    result: {
      goal: 'setups',
      value,
      bound: Math.min(bound, value),
      proven: bound >= value,
      seconds: run.clock() - begun,
    },
  }
}

/** What each group needs one of; a need that holds another one whole says nothing more. */
function smallestNeeds(groups: readonly KitGroup[]): readonly (readonly string[])[] {
  const sets = [
    ...new Map(
      groups.map((group) => {
        const need = [...new Set(group.options.map((option) => option.setup))].sort()
        return [need.join('\n'), need]
      }),
    ).values(),
  ].sort((a, b) => a.length - b.length)
  const kept: (readonly string[])[] = []
  for (const need of sets) if (!kept.some((smaller) => smaller.every((setup) => need.includes(setup)))) kept.push(need)
  return kept
}

/** The variables of a later goal: which setups and parts are used, and which option each group takes. */
interface GoalModel {
  readonly model: Model
  readonly setups: ReadonlyMap<string, number>
  readonly parts: ReadonlyMap<string, number>
  readonly picks: readonly (readonly number[])[]
}

function goalModel({ groups, quantity }: KitProblem, goal: 'parts' | 'price'): GoalModel {
  const model = new Model()
  const setups = model.named(new Set(groups.flatMap((group) => group.options.map((option) => option.setup))), () => 0)
  const parts = model.named(new Set(groups.flatMap((group) => group.options.flatMap((option) => option.parts))), () =>
    goal === 'parts' ? 1 : 0,
  )
  const picks = groups.map((group) =>
    group.options.map((option) =>
      model.variable(goal === 'price' ? (option.price ?? 0) * group.sides.length * quantity : 0),
    ),
  )
  groups.forEach((group, g) => {
    const mine = picks[g] ?? []
    model.row(
      1,
      1,
      mine.map((pick) => [pick, 1]),
    )
    const at = (i: number) => mine[i] ?? 0
    // picks of one group are one or none, so all that need the same thing share one row: that keeps the bound tight
    for (const [setup, list] of groupBy(
      group.options.map((option, i) => ({ option, i })),
      ({ option }) => option.setup,
    ))
      model.row(-1, 0, [...list.map(({ i }) => [at(i), 1] as const), [setups.get(setup) ?? 0, -1]])
    for (const [part, list] of groupBy(
      group.options.flatMap((option, i) => option.parts.map((one) => ({ one, i }))),
      ({ one }) => one,
    ))
      model.row(-1, 0, [...list.map(({ i }) => [at(i), 1] as const), [parts.get(part) ?? 0, -1]])
  })
  return { model, setups, parts, picks }
}

/** What the goals before have reached is held fast. */
function holdGoals({ model, setups, parts }: GoalModel, before: readonly GoalResult[]): void {
  for (const [goal, variables] of [
    ['setups', setups],
    ['parts', parts],
  ] as const) {
    const reached = before.find((result) => result.goal === goal)?.value
    if (reached !== undefined)
      model.row(
        0,
        reached,
        [...variables.values()].map((one) => [one, 1]),
      )
  }
}

/** Where the solver begins: what is chosen already. */
function startValues(
  { model, setups, parts, picks }: GoalModel,
  groups: readonly KitGroup[],
  start: readonly number[],
): number[] {
  const inUse = usedSetups(groups, start)
  const partsInUse = usedParts(groups, start)
  const values = new Array<number>(model.size).fill(0)
  for (const [setup, i] of setups) values[i] = Number(inUse.has(setup))
  for (const [part, i] of parts) values[i] = Number(partsInUse.has(part))
  start.forEach((option, g) => {
    const pick = picks[g]?.[option]
    if (pick !== undefined) values[pick] = 1
  })
  return values
}

/** Fewest part numbers, or least price, with what the goals before it have reached held fast. */
function laterGoal(
  problem: KitProblem,
  goal: 'parts' | 'price',
  start: readonly number[],
  before: readonly GoalResult[],
  timeLimitS: number,
  run: WholeJobRun,
): { readonly options: readonly number[]; readonly result: GoalResult } {
  const begun = run.clock()
  const { groups } = problem
  const built = goalModel(problem, goal)
  holdGoals(built, before)
  const answer = run.solve(built.model.problem(), {
    timeLimitS,
    start: startValues(built, groups, start),
    onProgress: (at) => run.onProgress?.(goal, at),
  })
  const measure = (options: readonly number[]) =>
    goal === 'parts' ? usedParts(groups, options).size : totalPrice(problem, options)
  const found =
    answer.status === 'solved'
      ? built.picks.map((mine) =>
          Math.max(
            0,
            mine.findIndex((pick) => (answer.values[pick] ?? 0) > 0.5),
          ),
        )
      : start
  const options = measure(found) <= measure(start) + NEAR ? found : start
  const value = measure(options)
  const low = answer.status === 'infeasible' ? value : answer.bound
  const bound = Math.min(value, goal === 'parts' ? Math.ceil(low - NEAR) : low)
  return {
    options,
    result: {
      goal,
      value,
      bound,
      proven: value - bound <= 1e-4 * Math.max(1, Math.abs(value)),
      seconds: run.clock() - begun,
    },
  }
}

/** A problem while it is put together. */
class Model {
  private readonly variables: Milp['variables'][number][] = []
  private readonly rows: MilpRow[] = []

  get size(): number {
    return this.variables.length
  }

  variable(cost: number): number {
    return this.variables.push(yesNo(cost)) - 1
  }

  named(names: ReadonlySet<string>, cost: (name: string) => number): ReadonlyMap<string, number> {
    return new Map([...names].map((name) => [name, this.variable(cost(name))]))
  }

  row(lower: number, upper: number, terms: MilpRow['terms']): void {
    this.rows.push({ lower, upper, terms })
  }

  problem(): Milp {
    return { variables: this.variables, rows: this.rows }
  }
}

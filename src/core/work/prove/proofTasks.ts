import { type Count, countDone, sumCounts } from '../../base/count'
import { throughTasks } from './throughTasks'
import type { HoldTest } from '../../craft/crimp/holdTests'
import { likelyPairs, type ProbedEnd } from '../../craft/probing/likelyPairs'
import { housingOf } from '../../record/plan/facts'
import { pairKey } from '../../record/plan/keys'
import { LOOSE, plannedNets } from '../../record/plan/nets'
import { type Termination, planIndex, termKeyOf } from '../../record/plan/plan'
import { rulesOf } from '../../record/rules/rulesOf'
import { isHome } from '../../record/standing/home'
import { retentionN } from '../../record/standing/tug'
import { derivedOf } from '../../record/state/derivedOf'
import type { AnalysedState, ApartState, Held, MovedState } from '../../record/state/proofRecords'
import { type JobState, termState } from '../../record/state/state'
import { sidesOfBlock, units, wireBlocks, wiresOfBlock } from '../../record/state/wireBlocks'

/** Two nets that must not ring, by one point of each. */
export interface ApartTask {
  /** `1/A.3|A.4` */
  readonly key: string
  readonly unit: number
  readonly red: string
  readonly black: string
  readonly found?: ApartState
  /** probed by hand, or within a run over all pairs that found nothing astray */
  readonly done: boolean
}

/** A contact that is pulled. */
export interface HoldTask {
  /** `retention 1/W07/a` */
  readonly key: string
  readonly test: HoldTest
  readonly termination: Termination
  /** what the cavity is made to hold; undefined for a pull by hand */
  readonly askedN?: number
  readonly found?: Held
  readonly done: boolean
  readonly ready: boolean
}

/** The harness moved while it is watched. */
export interface MoveTask {
  readonly unit: number
  readonly askedS: number
  readonly found?: MovedState
  readonly done: boolean
}

/** All pairs, which only an analyser goes through. */
export interface AnalyseTask {
  readonly unit: number
  readonly found?: AnalysedState
  readonly done: boolean
}

/** Where the points of a plan are on their faces; what is in no cavity stands in a row, as it is clamped. */
export const probedEnds = derivedOf(({ plan, facts }): readonly ProbedEnd[] => {
  const loose = [...plannedNets({ plan, facts }).netAt.keys()].filter((point) => point.startsWith(`${LOOSE}.`))
  const faces = plan.ends.flatMap(({ id }): ProbedEnd[] => {
    const housing = housingOf(facts, plan, id)
    return housing
      ? [{ id, cavities: housing.cavities.map(({ id: cavity, xMm, yMm }) => ({ id: cavity, xMm, yMm })) }]
      : []
  })
  return loose.length === 0
    ? faces
    : [
        ...faces,
        {
          id: LOOSE,
          cavities: loose.map((point, i) => ({ id: point.slice(LOOSE.length + 1), xMm: 0, yMm: i * CLAMP_PITCH_MM })),
        },
      ]
})
/** Clamps of a terminal block, about; only which are neighbours counts. */
const CLAMP_PITCH_MM = 5

/** Pairs of nets that a wrong hole or a stray strand could join: neighbours, mirror images, clamps beside each other. */
const likely = derivedOf((state): readonly (readonly [string, string])[] =>
  likelyPairs(
    probedEnds(state),
    plannedNets(state).nets.map(({ points }) => points),
  ),
)

/** The pairs that a walk with two probes shows to be apart, where the rules ask for it, by their keys in the first unit. */
export const walkPairs = derivedOf((state) =>
  rulesOf(state).isolation === 'likely'
    ? likely(state).map(([red, black]) => ({ key: pairKey(1, red, black), red, black }))
    : [],
)

/** What is shown to be apart, where the rules ask for it. */
export const apartTasks = derivedOf((state, unit: number): readonly ApartTask[] => {
  const whole = state.analysed.get(String(unit))
  return walkPairs(state).map(({ red, black }) => {
    const key = pairKey(unit, red, black)
    const found = state.apart.get(key)
    return {
      key,
      unit,
      red,
      black,
      done: found ? found.result === 'pass' : whole?.apart === true,
      ...(found && { found }),
    }
  })
})

const homeOfBlock = derivedOf((state, unit: number, block: number): readonly string[] =>
  wiresOfBlock(state, block).flatMap((wire) =>
    (['a', 'b'] as const).every((side) => {
      const key = termKeyOf(state.plan, unit, wire, side)
      return key === undefined || isHome(state, key)
    })
      ? [wire.id]
      : [],
  ),
)

/** Wires of a unit with nothing at either side that is not home. */
const wiresHome = derivedOf(
  (state, unit: number): ReadonlySet<string> =>
    new Set(wireBlocks(state).flatMap((block) => homeOfBlock(state, unit, block))),
)

/** Says of pairs, however many are asked about, whether all contacts of both nets are home. */
export function apartReadiness(state: JobState): (task: ApartTask) => boolean {
  const { netAt } = plannedNets(state)
  const homes = new Map(units(state).map((unit) => [unit, wiresHome(state, unit)]))
  return ({ unit, red, black }) => {
    const home = homes.get(unit)
    return [red, black].every((point) => (netAt.get(point)?.wires ?? []).every(({ id }) => home?.has(id)))
  }
}

/** How many of the pairs of all nets a walk by hand leaves out. */
export function pairsSaved(state: JobState): { readonly all: number; readonly probed: number } {
  const { nets } = plannedNets(state)
  return { all: (nets.length * (nets.length - 1)) / 2, probed: likely(state).length }
}

/** How contacts are pulled, where the rules ask for it. */
const holdTests = derivedOf((state): readonly HoldTest[] => {
  const rules = rulesOf(state)
  return [
    ...(rules.retentionTest ? (['retention'] as const) : []),
    ...(rules.handPull === 'each' ? (['hand-pull'] as const) : []),
  ]
})

/** The contacts that are pulled, where the rules ask for it. */
export const holdTasks = derivedOf((state, unit: number): readonly HoldTask[] =>
  holdTests(state).flatMap((test) => wireBlocks(state).flatMap((block) => holdTasksOf(state, unit, block, test))),
)

const holdTasksOf = derivedOf((state, unit: number, block: number, test: HoldTest): readonly HoldTask[] =>
  sidesOfBlock(state, unit, block).flatMap(({ key }): HoldTask[] => {
    const termination = planIndex(state.plan).byKey.get(key)
    if (!termination) return []
    const { at } = termination
    const now = termState(state, key)
    const askedN = test === 'retention' && at.kind === 'cavity' ? retentionN(state, at.end, at.cavity) : undefined
    // where no sheet says what holds it there is nothing to pull against
    if (test === 'retention' && askedN === undefined) return []
    const found = test === 'retention' ? now.seat?.retention : now.crimp?.handPull
    return [
      {
        key: `${test} ${key}`,
        test,
        termination,
        ready: isHome(state, key),
        done: found?.held === true,
        ...(askedN !== undefined && { askedN }),
        ...(found && { found }),
      },
    ]
  }),
)

/** The moving of a unit, where the rules ask for it. */
export function moveTask(state: JobState, unit: number): MoveTask | undefined {
  const askedS = rulesOf(state).wiggleS
  if (askedS === 0 || state.plan.wires.length === 0) return undefined
  const found = state.moved.get(String(unit))
  return {
    unit,
    askedS,
    done: found !== undefined && found.all && found.seconds >= askedS && found.events.length === 0,
    ...(found && { found }),
  }
}

/** The run over all pairs, where the rules ask for it. */
export function analyseTask(state: JobState, unit: number): AnalyseTask | undefined {
  if (rulesOf(state).isolation !== 'all-pairs' || plannedNets(state).nets.length < 2) return undefined
  const found = state.analysed.get(String(unit))
  return { unit, done: found?.apart === true, ...(found && { found }) }
}

const apartCount = derivedOf((state, unit: number) => countDone(apartTasks(state, unit)))

const holdCountOf = derivedOf((state, unit: number, block: number, test: HoldTest) =>
  countDone(holdTasksOf(state, unit, block, test)),
)

/** Everything of a unit that is proved besides its nets. */
export const proofCount = derivedOf((state, unit: number): Count =>
  sumCounts([
    apartCount(state, unit),
    countDone(throughTasks(state, unit)),
    ...holdTests(state).flatMap((test) => wireBlocks(state).map((block) => holdCountOf(state, unit, block, test))),
    countDone([moveTask(state, unit), analyseTask(state, unit)].flatMap((task) => task ?? [])),
  ]),
)

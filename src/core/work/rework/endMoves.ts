import { pushTo } from '../../base/collections'
import type { Point } from '../../base/face/arrangement'
import { planIndex } from '../../record/plan/plan'
import { type JobState, termState } from '../../record/state/state'
import { derivedOf } from '../../record/state/derivedOf'
import { sidesOfBlock, wireBlocks } from '../../record/state/wireBlocks'
import { termOf } from '../../record/plan/keys'
import { benchEnds, housingAt } from '../../record/standing/benchEnds'
import { strayTerms } from '../../record/standing/strayTerms'
import { plugFor } from '../../record/standing/plugFor'
import { movePlan } from './movePlan'
import { reaches, simulateMoves } from './simulateMoves'
import type { MovePlan, MoveProblem, MoveStep } from './moveTypes'
import type { CavityState, TermState } from '../../record/state/records'

/** The moves of one unit: from where its contacts stand to where the plan wants them. */
export interface UnitMoves {
  readonly problem: MoveProblem
  readonly plan: MovePlan
  /** by `do place`, the number of a step in the plan */
  readonly order: ReadonlyMap<string, number>
}

/** What a step is told apart by. */
export const stepKey = (step: Pick<MoveStep, 'do'> & { readonly place?: string }): string =>
  `${step.do === 'park' || step.do === 'retire' ? 'extract' : step.do} ${step.place ?? ''}`

interface Held {
  readonly key: string
  readonly place: string
  readonly cavity: CavityState
}

/** What the cavities hold, by unit. */
const heldByUnit = derivedOf((state): ReadonlyMap<string, readonly Held[]> => {
  const units = new Map<string, Held[]>()
  for (const [key, cavity] of state.cavities) {
    const slash = key.indexOf('/')
    pushTo(units, key.slice(0, slash), { key, place: key.slice(slash + 1), cavity })
  }
  return units
})

const isOut = ({ crimp, seat, extractions }: TermState) => crimp !== undefined && !seat && extractions > 0

/** Was a contact of a unit taken out that is not in again? One that the plan has no more counts too. */
const hangs = derivedOf(
  (state, unit: number): boolean =>
    wireBlocks(state).some((block) => blockHangs(state, unit, block)) ||
    strayTerms(state).some((key) => termOf(key).unit === unit && isOut(termState(state, key))),
)

const blockHangs = derivedOf((state, unit: number, block: number): boolean =>
  sidesOfBlock(state, unit, block).some(({ key }) => isOut(termState(state, key))),
)

/**
 * The move plan of a unit, while any of its contacts stands in a cavity where it does not belong, or hangs out. Places are `end.cavity`.
 * It is made from whatever the state is, so that work that was interrupted, or went another way, goes on from there.
 */
export const unitMoves = derivedOf((state, unit: number): UnitMoves | undefined =>
  makeMoves(state, unit, heldByUnit(state).get(String(unit)) ?? [], hangs(state, unit)),
)

function makeMoves(state: JobState, unit: number, held: readonly Held[], hanging: boolean): UnitMoves | undefined {
  const index = planIndex(state.plan)
  const now = new Map<string, string>()
  const plugged = new Set<string>()
  const emptied = new Set<string>()
  const takesPlug = (place: string) => plugFor(state, endOf(place), cavityOf(place)) !== undefined
  let misplaced = false
  for (const {
    key,
    place,
    cavity: { term, plug, passes = 0 },
  } of held) {
    if (plug !== undefined) plugged.add(place)
    if (term === undefined && plug === undefined && passes > 0 && takesPlug(place)) emptied.add(place)
    if (term === undefined) continue
    now.set(place, term)
    if (index.byCavity.get(key)?.key !== term) misplaced = true
  }
  if (!misplaced && !hanging) return undefined
  const seated = new Set(now.values())
  const wanted = new Map<string, string>()
  const loose = new Set<string>()
  const from = state.lastPlace.get(String(unit))
  let inHand: string | undefined
  const prefix = `${unit}/`
  for (const [key, termination] of index.byCavity) {
    if (!key.startsWith(prefix)) continue
    const place = key.slice(prefix.length)
    const { crimp, extractions, outOf } = termState(state, termination.key)
    // what has never been in is a part of the moves only where another must leave for it, or where it was to be a rework from the start
    if (!seated.has(termination.key) && extractions === 0 && !now.has(place) && state.plan.kind === 'build') continue
    wanted.set(place, termination.key)
    if (!crimp || seated.has(termination.key)) continue
    loose.add(termination.key)
    if (outOf !== undefined && outOf === from) inHand = termination.key
  }
  const problem: MoveProblem = {
    now,
    wanted,
    loose,
    plugged,
    emptied,
    takesPlug,
    at: placeOf(state, unit),
    from,
    inHand,
  }
  const plan = movePlan(problem)
  // shown only when it leads, step by step, to what is wanted
  const end = plan.ok ? simulateMoves(problem, plan.value.steps) : undefined
  return plan.ok && end?.ok && reaches(problem, end.value)
    ? { problem, plan: plan.value, order: new Map(plan.value.steps.map((step, i) => [stepKey(step), i])) }
    : undefined
}

/** An end's id holds no dot after its last one: cavities have none. */
export const endOf = (place: string): string => place.slice(0, place.lastIndexOf('.'))
export const cavityOf = (place: string): string => place.slice(place.lastIndexOf('.') + 1)

/** Between the faces of two ends the hands have this far to go, mm. */
const END_APART_MM = 300

/** Where a place lies: on the face of its end, the ends side by side. */
function placeOf(state: JobState, unit: number): (place: string) => Point | undefined {
  const faces = new Map(
    benchEnds(state, unit).map((end, i) => {
      const cavities = housingAt(state, unit, end)?.cavities ?? []
      return [
        end,
        new Map(cavities.map((cavity) => [cavity.id, { xMm: cavity.xMm + i * END_APART_MM, yMm: cavity.yMm }])),
      ] as const
    }),
  )
  return (place) => faces.get(endOf(place))?.get(cavityOf(place))
}

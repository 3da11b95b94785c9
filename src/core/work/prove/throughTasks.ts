import { pairKey } from '../../record/plan/keys'
import { mateOf } from '../../record/plan/plan'
import { type ThroughCircuit, throughCircuits } from '../../record/plan/throughCircuits'
import { rulesOf } from '../../record/rules/rulesOf'
import { isMated } from '../../record/standing/home'
import { derivedOf } from '../../record/state/derivedOf'
import type { ThroughState } from '../../record/state/proofRecords'

/** A circuit that is probed through two halves which are together. */
export interface ThroughTask extends ThroughCircuit {
  /** `through 1/A.3|D.2` */
  readonly key: string
  readonly unit: number
  /** the two halves */
  readonly a: string
  readonly b: string
  readonly found?: ThroughState
  readonly done: boolean
}

/** The pairs of ends that are made to be put together, each once, and the circuits through them. */
const pairs = derivedOf(({ plan, facts }) =>
  plan.ends.flatMap(({ id: a }, i) => {
    const b = mateOf(plan, a)
    const isFirst = b !== undefined && plan.ends.findIndex(({ id }) => id === b) > i
    return isFirst ? [{ a, b, circuits: throughCircuits(plan, facts, a, b) }] : []
  }),
)

/** The circuits through halves that are together; where the rules do not ask, those that somebody probed all the same. */
export const throughTasks = derivedOf((state, unit: number): readonly ThroughTask[] => {
  const asked = rulesOf(state).throughPairs === 'each-circuit'
  return pairs(state).flatMap(({ a, b, circuits }) =>
    !isMated(state, unit, a)
      ? []
      : circuits.flatMap((circuit): ThroughTask[] => {
          const points = pairKey(unit, circuit.red, circuit.black)
          const found = state.through.get(points)
          return asked || found
            ? [
                {
                  ...circuit,
                  key: `through ${points}`,
                  unit,
                  a,
                  b,
                  done: found?.result === 'pass',
                  ...(found && { found }),
                },
              ]
            : []
        }),
  )
})

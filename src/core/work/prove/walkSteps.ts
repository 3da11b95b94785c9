import type { Touch, Touched } from '../../craft/probing/walk'
import { wireKey } from '../../record/plan/keys'
import { pointOf } from '../../record/plan/nets'
import { derivedOf } from '../../record/state/derivedOf'
import { probedEnds, walkPairs } from './proofTasks'

/** One stop of a walk with two probes: the key of its net or pair without the unit, and where the probes touch. */
export interface WalkStep {
  readonly key: string
  readonly touched: Touched
}

/** What a walk goes over in any unit: every net, and the pairs that must be apart. It follows from the plan and its rules alone. */
export const walkSteps = derivedOf((state): readonly WalkStep[] => {
  const { plan } = state
  const touches = new Map(
    probedEnds(state).flatMap(({ id, cavities }) =>
      cavities.map((cavity): [string, Touch] => [`${id}.${cavity.id}`, { end: id, xMm: cavity.xMm, yMm: cavity.yMm }]),
    ),
  )
  const nets = plan.wires.map((wire) => ({
    key: wireKey(1, wire.id),
    red: pointOf(plan, wire, 'a'),
    black: pointOf(plan, wire, 'b'),
  }))
  return [...nets, ...walkPairs(state)].flatMap(({ key, red, black }) => {
    const [a, b] = [touches.get(red), touches.get(black)]
    return a && b ? [{ key: key.slice(2), touched: [a, b] as Touched }] : []
  })
})

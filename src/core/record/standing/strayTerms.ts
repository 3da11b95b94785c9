import { planIndex } from '../plan/plan'
import { derivedOf } from '../state/derivedOf'

/** Terminations with work on them that the plan has no more. */
export const strayTerms = derivedOf((state): readonly string[] => {
  const { byKey } = planIndex(state.plan)
  return [...state.terms.keys()].filter((key) => !byKey.has(key))
})

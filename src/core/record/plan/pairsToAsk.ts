import { type Facts, housingOf } from './facts'
import { mateOf, type Plan } from './plan'

/** Two ends whose halves are made for each other, and of which nobody has said whether they meet. */
export interface PairToAsk {
  readonly a: string
  readonly b: string
}

/** Pairs of ends that fit each other and may be meant to meet: each is asked about once. */
export function pairsToAsk(plan: Plan, facts: Facts): readonly PairToAsk[] {
  const open = plan.ends.filter((end) => mateOf(plan, end.id) === undefined)
  return open.flatMap((a, i) =>
    open.slice(i + 1).flatMap((b) => {
      if (a.meetsNot?.includes(b.id) || b.meetsNot?.includes(a.id)) return []
      const [one, other] = [housingOf(facts, plan, a.id), housingOf(facts, plan, b.id)]
      if (!one || !other) return []
      return one.mates?.includes(other.id) || other.mates?.includes(one.id) ? [{ a: a.id, b: b.id }] : []
    }),
  )
}

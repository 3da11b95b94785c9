import { groupBy, sortedBy } from '../../base/collections'
import type { Housing } from '../../parts/catalogue/types'
import type { Facts } from './facts'
import type { Plan } from './plan'

/** Two ends whose halves are made for each other, and of which nobody has said whether they meet. */
export interface PairToAsk {
  readonly a: string
  readonly b: string
}

/** Pairs of ends that fit each other and may be meant to meet: each is asked about once. */
export function pairsToAsk(plan: Plan, facts: Facts): readonly PairToAsk[] {
  const taken = new Set(plan.ends.flatMap(({ id, mate }) => (mate === undefined ? [] : [id, mate])))
  const open = plan.ends.filter(({ id }) => !taken.has(id))
  const places = new Map(open.map(({ id }, place) => [id, place]))
  const placeOf = ({ id }: Plan['ends'][number]) => places.get(id) ?? -1
  const byHousing = groupBy(open, ({ housing }) => housing)
  const takes = (housing: Housing, other: string) => housing.mates?.includes(other) === true
  const fit = (a: string, b: string) => {
    const [one, other] = [facts.housings[a], facts.housings[b]]
    return one !== undefined && other !== undefined && (takes(one, b) || takes(other, a))
  }
  // a harness has far fewer kinds of housing than ends
  const partners = new Map(
    [...byHousing.keys()].map((one) => {
      const ends = [...byHousing].flatMap(([other, those]) => (fit(one, other) ? those : []))
      return [one, sortedBy(ends, placeOf)] as const
    }),
  )
  return open.flatMap((a, place) =>
    (partners.get(a.housing) ?? []).flatMap((b) => {
      const isLater = placeOf(b) > place
      const isAnswered = a.meetsNot?.includes(b.id) === true || b.meetsNot?.includes(a.id) === true
      return isLater && !isAnswered ? [{ a: a.id, b: b.id }] : []
    }),
  )
}

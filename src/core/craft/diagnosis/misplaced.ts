import { pushTo } from '../../base/collections'
import { componentsOf, type Distance, type Groups, keyOf } from './partition'
import { doubledOf, place, type Placement, swapOf } from './placements'

/** The fewest misplaced contents, opens and shorts that lead from one partition to the other. */
export interface Misplaced {
  readonly placements: readonly Placement[]
  readonly groups: Groups
  /** the placements, and what parts and touches besides */
  readonly cost: number
}

/** One change of places rights four pieces at most: two contents leave a wrong group each, and come into a right one. */
const MOST_RIGHTED = 4
/** So many states are looked at until the best so far is taken. */
const MOST_STATES = 1_500
/** Of more points than this the straight way is taken: each change rights something, none is tried against another. */
const MOST_POINTS = 36

/** Points that hang together by what is and what was found, and what is asked of them again and again. */
interface Knot {
  readonly points: readonly number[]
  readonly found: Groups
  /** the end of each point */
  readonly endOf: readonly number[]
  readonly distance: Distance
}

const leftOf = ({ points, found, distance }: Knot, groups: Groups): number => distance.between(groups, found, points)

/**
 * What single contents stand in the wrong pin, for points that hang together: a search over changes of places that right more
 * than they cost, bounded by the best so far; of many points the straight way. For contents that only stand in each other's
 * pins that way is the shortest too: each change closes a cycle by one.
 */
function misplacedIn(knot: Knot, is: Groups, limit: number): Misplaced {
  return knot.points.length > MOST_POINTS ? straight(knot, is, limit) : searched(knot, is)
}

function straight(knot: Knot, is: Groups, limit: number): Misplaced {
  let [groups, left] = [is, leftOf(knot, is)]
  const placements: Placement[] = []
  const step = () => {
    for (const placement of candidates(knot, groups)) {
      const next = place(groups, placement)
      const after = leftOf(knot, next)
      if (left - after < 2) continue
      placements.push(placement)
      groups = next
      left = after
      return true
    }
    return false
  }
  while (left > 1 && placements.length < limit && step());
  return { placements, groups, cost: placements.length + left }
}

function searched(knot: Knot, is: Groups): Misplaced {
  const off = leftOf(knot, is)
  let best: Misplaced = { placements: [], groups: is, cost: off }
  const seen = new Map<string, number>()
  let states = 0
  const search = (groups: Groups, left: number, placements: readonly Placement[]) => {
    if (placements.length + left < best.cost) best = { placements, groups, cost: placements.length + left }
    if (placements.length + Math.ceil(left / MOST_RIGHTED) >= best.cost || states++ > MOST_STATES) return
    const key = keyOf(Int32Array.from(knot.points, (point) => groups[point] ?? 0))
    if ((seen.get(key) ?? Infinity) <= placements.length) return
    seen.set(key, placements.length)
    const steps = [...candidates(knot, groups)]
      .map((placement) => {
        const next = place(groups, placement)
        return { placement, next, after: leftOf(knot, next) }
      })
      .filter(({ after }) => left - after > 1)
      .sort((a, b) => a.after - b.after)
    for (const { placement, next, after } of steps) search(next, after, [...placements, placement])
  }
  search(is, off, [])
  return best
}

/** Changes that bring a content to where something was found that belongs with it. */
function* candidates({ points, found, endOf }: Knot, groups: Groups): Generator<Placement> {
  const byGroup = new Map<number, number[]>()
  const byFound = new Map<number, number[]>()
  for (const point of points) {
    pushTo(byGroup, groups[point] ?? 0, point)
    pushTo(byFound, found[point] ?? 0, point)
  }
  const made = new Set<string>()
  const isNew = (name: string) => !made.has(name) && made.add(name)
  for (const here of points)
    for (const mate of byFound.get(found[here] ?? 0) ?? []) {
      if (mate === here) continue
      for (const from of byGroup.get(groups[mate] ?? 0) ?? []) {
        if (from === here) continue
        if (endOf[from] === endOf[here]) {
          const [a, b] = [Math.min(from, here), Math.max(from, here)]
          if (isNew(`${a} ${b}`)) yield swapOf(endOf[here] ?? 0, a, b)
        }
        // two contents in one hole join their nets at whichever end that is
        for (const to of byGroup.get(groups[here] ?? 0) ?? [])
          if (from !== to && endOf[from] === endOf[to] && isNew(`${from} on ${to}`))
            yield doubledOf(endOf[to] ?? 0, from, to)
      }
    }
}

/**
 * The same for all points: what does not hang together is looked at by itself.
 * @param limit what costs as much is of no use, and need not be the best of its kind
 */
export function misplaced(
  is: Groups,
  found: Groups,
  endOf: readonly number[],
  distance: Distance,
  limit = Infinity,
): Misplaced {
  let [groups, cost] = [is, 0]
  const placements: Placement[] = []
  for (const points of componentsOf(is, found)) {
    const one = misplacedIn({ points, found, endOf, distance }, groups, limit - cost)
    placements.push(...one.placements)
    groups = one.groups
    cost += one.cost
  }
  return { placements, groups, cost }
}

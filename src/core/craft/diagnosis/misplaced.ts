import { pushTo } from '../../base/collections'
import { componentsOf, type Groups, keyOf, numbered } from './partition'
import { doubledOf, place, type Placement, swapOf } from './placements'
import { Tally } from './tally'

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

/** Points that hang together by what is and what was found, by numbers of their own: all that is asked of them is small then. */
interface Knot {
  readonly is: Groups
  readonly found: Groups
  /** the end of each point */
  readonly endOf: readonly number[]
}

/**
 * What single contents stand in the wrong pin, for points that hang together: a search over changes of places that right more
 * than they cost, bounded by the best so far; of many points the straight way. For contents that only stand in each other's
 * pins that way is the shortest too: each change closes a cycle by one.
 */
function misplacedIn(knot: Knot, limit: number): Omit<Misplaced, 'groups'> {
  return knot.is.length > MOST_POINTS ? straight(knot, limit) : searched(knot)
}

function straight(knot: Knot, limit: number): Omit<Misplaced, 'groups'> {
  const tally = new Tally(knot.found)
  let groups = knot.is
  const placements: Placement[] = []
  const step = () => {
    for (const placement of candidates(knot, groups)) {
      if (tally.left - tally.leftAfter(placement) < 2) continue
      placements.push(placement)
      groups = place(groups, placement)
      tally.take(groups)
      return true
    }
    return false
  }
  tally.take(groups)
  while (tally.left > 1 && placements.length < limit && step());
  return { placements, cost: placements.length + tally.left }
}

function searched(knot: Knot): Omit<Misplaced, 'groups'> {
  const tally = new Tally(knot.found)
  tally.take(knot.is)
  let best: Omit<Misplaced, 'groups'> = { placements: [], cost: tally.left }
  const seen = new Map<string, number>()
  let states = 0
  const search = (groups: Groups, left: number, placements: readonly Placement[]) => {
    if (placements.length + left < best.cost) best = { placements, cost: placements.length + left }
    if (placements.length + Math.ceil(left / MOST_RIGHTED) >= best.cost || states++ > MOST_STATES) return
    const key = keyOf(groups)
    if ((seen.get(key) ?? Infinity) <= placements.length) return
    seen.set(key, placements.length)
    tally.take(groups)
    const steps: { readonly placement: Placement; readonly after: number }[] = []
    for (const placement of candidates(knot, groups)) {
      const after = tally.leftAfter(placement)
      if (left - after > 1) steps.push({ placement, after })
    }
    steps.sort((a, b) => a.after - b.after)
    for (const { placement, after } of steps) search(place(groups, placement), after, [...placements, placement])
  }
  search(knot.is, tally.left, [])
  return best
}

/** Changes that bring a content to where something was found that belongs with it. */
function* candidates({ found, endOf }: Knot, groups: Groups): Generator<Placement> {
  const byGroup = new Map<number, number[]>()
  const byFound = new Map<number, number[]>()
  groups.forEach((group, point) => {
    pushTo(byGroup, group, point)
    pushTo(byFound, found[point] ?? 0, point)
  })
  const count = groups.length
  const made = new Set<number>()
  const isNew = (name: number) => !made.has(name) && made.add(name)
  for (let here = 0; here < count; here++)
    for (const mate of byFound.get(found[here] ?? 0) ?? []) {
      if (mate === here) continue
      for (const from of byGroup.get(groups[mate] ?? 0) ?? []) {
        if (from === here) continue
        if (endOf[from] === endOf[here]) {
          const [a, b] = [Math.min(from, here), Math.max(from, here)]
          if (isNew(a * count + b)) yield swapOf(endOf[here] ?? 0, a, b)
        }
        // two contents in one hole join their nets at whichever end that is
        for (const to of byGroup.get(groups[here] ?? 0) ?? [])
          if (from !== to && endOf[from] === endOf[to] && isNew((count + from) * count + to))
            yield doubledOf(endOf[to] ?? 0, from, to)
      }
    }
}

/**
 * The same for all points: what does not hang together is looked at by itself.
 * @param limit what costs as much is of no use, and need not be the best of its kind
 */
export function misplaced(is: Groups, found: Groups, endOf: readonly number[], limit = Infinity): Misplaced {
  let [groups, cost] = [is, 0]
  const placements: Placement[] = []
  for (const points of componentsOf(is, found)) {
    const ofPoints = (one: Groups) => numbered(Int32Array.from(points, (point) => one[point] ?? 0))
    const knot = {
      is: ofPoints(groups),
      found: ofPoints(found),
      endOf: points.map((point) => endOf[point] ?? 0),
    }
    const one = misplacedIn(knot, limit - cost)
    for (const { moves, ...rest } of one.placements) {
      const placement = { ...rest, moves: moves.map(([from, to]) => [points[from] ?? -1, points[to] ?? -1] as const) }
      placements.push(placement)
      groups = place(groups, placement)
    }
    cost += one.cost
  }
  return { placements, groups, cost }
}

import { pushTo } from '../../base/collections'
import { Distance, type Groups, keyOf, sharing } from './partition'
import { type Misplaced, misplaced } from './misplaced'
import { doubledOf, place, type PlacedEnd, type Placement, rowPlacements, swapOf } from './placements'

/** So many ways of moving rows are followed at once, the nearest to what was found first; of few points all that there are. */
const BEAM = 10
const BEAM_OF_FEW = 200
const FEW_POINTS = 30
/** On so few points a single content may also have moved before its row did: what went off the end was then another one. */
const SINGLE_FIRST_POINTS = 16
/** So many moves of rows that promise most are tried from each state. */
const MOST_TRIED = 24
/** A row that moves more than two contents rights nothing where less than this is wrong. */
const LEAST_FOR_ROWS = 5
/** With more wrong than this rows are tried before single contents: what they cost is a bound for the rest. */
const MANY_WRONG = 40
/** Rows are moved so many times at most, one after the other. */
const MOST_ROWS = 4

interface Moved {
  readonly placements: readonly Placement[]
  readonly groups: Groups
  readonly cost: number
  readonly left: number
}

/** How many contents a placement brings to where something of theirs was found, less those that it takes away from there. */
function promises(groups: Groups, found: Groups): (placement: Placement) => number {
  const foundWith = new Map<number, number[]>()
  found.forEach((group, point) => pushTo(foundWith, group, point))
  const mates = Array.from(found, (group, point) =>
    (foundWith.get(group) ?? []).filter((mate) => mate !== point).map((mate) => groups[mate] ?? -1),
  )
  return ({ moves }) => {
    let score = 0
    for (const [from, to] of moves) {
      const group = groups[from] ?? -1
      if (to >= 0 && mates[to]?.includes(group)) score++
      if (mates[from]?.includes(group)) score--
    }
    return score
  }
}

/** What the rows of a harness come to, one after the other. */
class RowSearch {
  readonly #endOf: number[] = []
  readonly #rows: readonly Placement[]
  readonly #distance: Distance
  readonly #found: Groups
  readonly #isFew: boolean
  best: Misplaced

  constructor(ends: readonly PlacedEnd[], expected: Groups, found: Groups) {
    for (const { end, rows } of ends) for (const point of rows.flat()) this.#endOf[point] = end
    const filled = sharing(expected)
    this.#rows = ends.flatMap((end) => rowPlacements(end, (point) => filled.has(point)))
    this.#distance = new Distance(expected.length)
    this.#found = found
    this.#isFew = expected.length <= FEW_POINTS
    this.best = { placements: [], groups: expected, cost: this.left(expected) }
  }

  left = (groups: Groups) => this.#distance.between(groups, this.#found)

  /** Takes a state with its single contents, where nothing better is known. */
  finish = ({ placements, groups, cost, left }: Moved): void => {
    if (cost + Math.ceil(left / 4) >= this.best.cost) return
    const rest = misplaced(groups, this.#found, this.#endOf, this.best.cost - cost)
    if (cost + rest.cost < this.best.cost)
      this.best = { placements: [...placements, ...rest.placements], groups: rest.groups, cost: cost + rest.cost }
  }

  /** The states that one more row leads to, the nearest to what was found first. */
  step(from: readonly Moved[], seen: Set<string>): readonly Moved[] {
    const next = from.flatMap((state) => this.#moved(state)).sort((a, b) => a.left - b.left || a.cost - b.cost)
    const kept: Moved[] = []
    for (const one of next) {
      if (kept.length === (this.#isFew ? BEAM_OF_FEW : BEAM)) break
      const key = keyOf(one.groups)
      if (seen.has(key)) continue
      seen.add(key)
      kept.push(one)
    }
    return kept
  }

  /** States in which one content alone stands elsewhere, where a row that moves after it could still be the better answer. */
  singleFirst(begin: Moved, ends: readonly PlacedEnd[]): readonly Moved[] {
    if (begin.groups.length > SINGLE_FIRST_POINTS || this.best.cost <= 2) return []
    return ends.flatMap(({ end, rows }) => {
      const own = rows.flat()
      return own.flatMap((a) =>
        own.flatMap((b) => [
          ...(a < b ? [this.#after(begin, swapOf(end, a, b))] : []),
          ...(a === b ? [] : [this.#after(begin, doubledOf(end, a, b))]),
        ]),
      )
    })
  }

  #after(from: Moved, placement: Placement): Moved {
    const groups = place(from.groups, placement)
    return {
      placements: [...from.placements, placement],
      groups,
      cost: from.cost + placement.cost,
      left: this.left(groups),
    }
  }

  #moved(from: Moved): readonly Moved[] {
    if (!this.#isFew && from.left < LEAST_FOR_ROWS) return []
    // as many single mistakes are as good
    const affordable = this.#rows.filter((row) => from.cost + row.cost < this.best.cost)
    return this.#tried(from.groups, affordable).map((row) => this.#after(from, row))
  }

  #tried(groups: Groups, rows: readonly Placement[]): readonly Placement[] {
    if (this.#isFew) return rows
    const promise = promises(groups, this.#found)
    return rows
      .map((row) => ({ row, score: promise(row) }))
      .filter(({ score }) => score > 0)
      .sort((a, b) => b.score - a.score)
      .slice(0, MOST_TRIED)
      .map(({ row }) => row)
  }
}

/**
 * The fewest mistakes that lead from what belongs together to what was found together: rows that stand wrong as a whole, then
 * single contents, and what parts or touches. Rows are followed by a beam, on few points by all that there are; within each,
 * single contents by a bounded search.
 */
export function explain(ends: readonly PlacedEnd[], expected: Groups, found: Groups): Misplaced {
  const search = new RowSearch(ends, expected, found)
  const begin: Moved = { placements: [], groups: expected, cost: 0, left: search.left(expected) }
  if (begin.left < MANY_WRONG) search.finish(begin)
  const seen = new Set([keyOf(expected)])
  let states: readonly Moved[] = [begin]
  for (let round = 0; round < MOST_ROWS && states.length > 0; round++) {
    states = search.step(states, seen)
    states.forEach(search.finish)
  }
  search.step(search.singleFirst(begin, ends), new Set()).forEach(search.finish)
  if (begin.left >= MANY_WRONG) search.finish(begin)
  return search.best
}

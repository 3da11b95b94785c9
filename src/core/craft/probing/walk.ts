/** Where a probe touches: a place on the face of an end. */
export interface Touch {
  readonly end: string
  readonly xMm: number
  readonly yMm: number
}

/** Two points that are touched at once, one by each probe; which by which is free. */
export type Touched = readonly [Touch, Touch]

/** A hand that goes over to another end moves so far: faces have no place on the bench. */
export const ELSEWHERE_MM = 400

/** Up to so many steps every order is tried. */
export const EXACT_STEPS = 11
/** Above so many steps their order is left as it is: nobody walks them by hand. */
const MOST_STEPS = 1500
/** Longest part of a walk that is moved as a whole. */
const LONGEST_PART = 3
const ROUNDS = 40
const NOTHING_MM = 1e-9

const apart = (a: Touch, b: Touch): number =>
  a.end === b.end ? Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm) : ELSEWHERE_MM

/** A step of a walk, and whether its two points are touched the other way round. */
export interface Walked {
  readonly step: number
  readonly flipped: boolean
}

/** A step as it is walked, in a number: twice its place in the list, and one more with its points the other way round. */
type Way = number
const flip = (way: Way): Way => way ^ 1
const walkedOf = (way: Way): Walked => ({ step: way >> 1, flipped: (way & 1) === 1 })

/** How far both probes move from one step to the next, for each way round: asked for by the million, so worked out once. */
class Moves {
  readonly count: number
  readonly #alike: Float64Array
  readonly #crossed: Float64Array

  constructor(steps: readonly Touched[]) {
    this.count = steps.length
    this.#alike = new Float64Array(steps.length ** 2)
    this.#crossed = new Float64Array(steps.length ** 2)
    steps.forEach(([a, b], i) =>
      steps.forEach(([c, d], j) => {
        this.#alike[i * steps.length + j] = apart(a, c) + apart(b, d)
        this.#crossed[i * steps.length + j] = apart(a, d) + apart(b, c)
      }),
    )
  }

  /** 0 where one of them is not there: a walk begins and ends anywhere. */
  between(from: Way | undefined, to: Way | undefined): number {
    if (from === undefined || to === undefined) return 0
    const mm = (from ^ to) & 1 ? this.#crossed : this.#alike
    return mm[(from >> 1) * this.count + (to >> 1)] ?? 0
  }

  length(walk: readonly Way[]): number {
    let sum = 0
    for (let i = 1; i < walk.length; i++) sum += this.between(walk[i - 1], walk[i])
    return sum
  }
}

/** How far both probes move along a walk, mm. */
export const walkMm = (steps: readonly Touched[], walk: readonly Walked[]): number =>
  new Moves(steps).length(walk.map(({ step, flipped }) => 2 * step + Number(flipped)))

/**
 * An order of steps, and a way round for each, in which both probes together move little: the shortest of all for a few steps,
 * else from the nearest to the nearest, then parts turned round and moved until nothing gets shorter.
 */
export function shortWalk(steps: readonly Touched[]): readonly Walked[] {
  if (steps.length <= 1 || steps.length > MOST_STEPS) return steps.map((_, step) => ({ step, flipped: false }))
  const moves = new Moves(steps)
  return (steps.length <= EXACT_STEPS ? shortest(moves) : improved(moves)).map(walkedOf)
}

/** Every order, by what has been walked and where the walk ended (Held and Karp 1962). */
function shortest(moves: Moves): readonly Way[] {
  const ways = 2 * moves.count
  const size = 1 << moves.count
  const best = new Float64Array(size * ways).fill(Infinity)
  const before = new Int32Array(size * ways).fill(-1)
  for (let at = 0; at < ways; at++) best[(1 << (at >> 1)) * ways + at] = 0
  for (let done = 1; done < size; done++)
    for (let at = 0; at < ways; at++) {
      const far = best[done * ways + at] ?? Infinity
      if (far === Infinity) continue
      for (let to = 0; to < ways; to++) {
        const bit = 1 << (to >> 1)
        if (done & bit) continue
        const next = (done | bit) * ways + to
        const total = far + moves.between(at, to)
        if (total < (best[next] ?? Infinity)) {
          best[next] = total
          before[next] = at
        }
      }
    }
  let done = size - 1
  let at = 0
  for (let one = 1; one < ways; one++) if ((best[done * ways + one] ?? 0) < (best[done * ways + at] ?? 0)) at = one
  const walk: Way[] = []
  while (at >= 0) {
    walk.unshift(at)
    const from = before[done * ways + at] ?? -1
    done &= ~(1 << (at >> 1))
    at = from
  }
  return walk
}

function improved(moves: Moves): readonly Way[] {
  const { count } = moves
  const starts = [0, Math.floor(count / 3), Math.floor((2 * count) / 3), count - 1]
  let best: Way[] | undefined
  for (const start of count > 400 ? starts.slice(0, 1) : starts) {
    const walk = byNearest(start, moves)
    for (let round = 0; round < ROUNDS; round++) {
      const turned = turnParts(walk, moves)
      const moved = moveParts(walk, moves)
      if (!turned && !moved) break
    }
    if (!best || moves.length(walk) < moves.length(best)) best = walk
  }
  return best ?? []
}

function byNearest(start: number, moves: Moves): Way[] {
  let at: Way = 2 * start
  const walk = [at]
  const left = new Set(Array.from({ length: moves.count }, (_, step) => step).filter((step) => step !== start))
  while (left.size > 0) {
    let next = at
    let nearest = Infinity
    for (const step of left)
      for (let way = 2 * step; way <= 2 * step + 1; way++) {
        const far = moves.between(at, way)
        if (far < nearest) [nearest, next] = [far, way]
      }
    left.delete(next >> 1)
    walk.push(next)
    at = next
  }
  return walk
}

/** Turns a part of the walk round where that makes it shorter; its probes may change hands as well. */
function turnParts(walk: Way[], moves: Moves): boolean {
  let shorter = false
  for (let i = 0; i < walk.length; i++)
    for (let j = i; j < walk.length; j++) {
      const [before, first = 0, last = 0, after] = [walk[i - 1], walk[i], walk[j], walk[j + 1]]
      const now = moves.between(before, first) + moves.between(last, after)
      const asIs = moves.between(before, last) + moves.between(first, after)
      const flipped = moves.between(before, flip(last)) + moves.between(flip(first), after)
      const handed = moves.between(before, flip(first)) + moves.between(flip(last), after)
      const least = Math.min(asIs, flipped, handed)
      if (least > now - NOTHING_MM) continue
      const part = walk.slice(i, j + 1)
      const next = least === asIs ? part.reverse() : least === flipped ? part.reverse().map(flip) : part.map(flip)
      walk.splice(i, next.length, ...next)
      shorter = true
    }
  return shorter
}

/** Moves a short part of the walk to where it costs less, turned round and with its probes in the other hands if need be. */
function moveParts(walk: Way[], moves: Moves): boolean {
  let shorter = false
  for (let long = 1; long <= LONGEST_PART; long++)
    for (let i = 0; i + long <= walk.length; i++) {
      const part = walk.slice(i, i + long)
      const [before, after] = [walk[i - 1], walk[i + long]]
      const saved = moves.between(before, part[0]) + moves.between(part.at(-1), after) - moves.between(before, after)
      if (saved < NOTHING_MM) continue
      const rest = [...walk.slice(0, i), ...walk.slice(i + long)]
      const best = bestPlace(rest, part, saved, moves)
      if (!best) continue
      rest.splice(best.at, 0, ...best.part)
      walk.splice(0, walk.length, ...rest)
      shorter = true
    }
  return shorter
}

/** Where a part that was taken out of a walk goes in again, and which way round, so that most is gained; undefined for nothing. */
function bestPlace(rest: readonly Way[], part: readonly Way[], saved: number, moves: Moves) {
  let best: { readonly at: number; readonly part: readonly Way[] } | undefined
  let gain = NOTHING_MM
  for (const one of [part, part.toReversed(), part.map(flip), part.map(flip).reverse()]) {
    const [first, last] = [one[0], one.at(-1)]
    for (let at = 0; at <= rest.length; at++) {
      const [left, right] = [rest[at - 1], rest[at]]
      const added = moves.between(left, first) + moves.between(last, right) - moves.between(left, right)
      if (saved - added > gain) [best, gain] = [{ at, part: one }, saved - added]
    }
  }
  return best
}

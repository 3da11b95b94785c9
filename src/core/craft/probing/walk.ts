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

/** How far both probes move from one step to the next, for each way round of both. */
class Moves {
  readonly #steps: readonly Touched[]
  constructor(steps: readonly Touched[]) {
    this.#steps = steps
  }
  between(from: Walked, to: Walked): number {
    const [a, b] = this.#steps[from.step] ?? []
    const [c, d] = this.#steps[to.step] ?? []
    if (!a || !b || !c || !d) return 0
    return from.flipped === to.flipped ? apart(a, c) + apart(b, d) : apart(a, d) + apart(b, c)
  }
  length(walk: readonly Walked[]): number {
    let sum = 0
    walk.forEach((to, i) => {
      const from = walk[i - 1]
      if (from) sum += this.between(from, to)
    })
    return sum
  }
}

/** How far both probes move along a walk, mm. */
export const walkMm = (steps: readonly Touched[], walk: readonly Walked[]): number => new Moves(steps).length(walk)

/**
 * An order of steps, and a way round for each, in which both probes together move little: the shortest of all for a few steps,
 * else from the nearest to the nearest, then parts turned round and moved until nothing gets shorter.
 */
export function shortWalk(steps: readonly Touched[]): readonly Walked[] {
  const asGiven = steps.map((_, step) => ({ step, flipped: false }))
  if (steps.length <= 1 || steps.length > MOST_STEPS) return asGiven
  const moves = new Moves(steps)
  return steps.length <= EXACT_STEPS ? shortest(steps.length, moves) : improved(steps.length, moves)
}

/** Every order, by what has been walked and where the walk ended (Held and Karp 1962). */
function shortest(count: number, moves: Moves): readonly Walked[] {
  const ways = 2 * count
  const walkedOf = (at: number): Walked => ({ step: at >> 1, flipped: (at & 1) === 1 })
  const between = Array.from({ length: ways * ways }, (_, i) =>
    moves.between(walkedOf(Math.floor(i / ways)), walkedOf(i % ways)),
  )
  const size = 1 << count
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
        const total = far + (between[at * ways + to] ?? 0)
        if (total < (best[next] ?? Infinity)) {
          best[next] = total
          before[next] = at
        }
      }
    }
  let done = size - 1
  let at = 0
  for (let one = 1; one < ways; one++) if ((best[done * ways + one] ?? 0) < (best[done * ways + at] ?? 0)) at = one
  const walk: Walked[] = []
  while (at >= 0) {
    walk.unshift(walkedOf(at))
    const from = before[done * ways + at] ?? -1
    done &= ~(1 << (at >> 1))
    at = from
  }
  return walk
}

function improved(count: number, moves: Moves): readonly Walked[] {
  const starts = [0, Math.floor(count / 3), Math.floor((2 * count) / 3), count - 1]
  let best: Walked[] | undefined
  for (const start of count > 400 ? starts.slice(0, 1) : starts) {
    const walk = byNearest(count, start, moves)
    for (let round = 0; round < ROUNDS; round++) {
      const turned = turnParts(walk, moves)
      const moved = moveParts(walk, moves)
      if (!turned && !moved) break
    }
    if (!best || moves.length(walk) < moves.length(best)) best = walk
  }
  return best ?? []
}

function byNearest(count: number, start: number, moves: Moves): Walked[] {
  let at: Walked = { step: start, flipped: false }
  const walk = [at]
  const left = new Set(Array.from({ length: count }, (_, step) => step).filter((step) => step !== start))
  while (left.size > 0) {
    let next = at
    let nearest = Infinity
    for (const step of left)
      for (const flipped of [false, true]) {
        const far = moves.between(at, { step, flipped })
        if (far < nearest) [nearest, next] = [far, { step, flipped }]
      }
    left.delete(next.step)
    walk.push(next)
    at = next
  }
  return walk
}

const betweenAll = (moves: Moves, from: Walked | undefined, to: Walked | undefined): number =>
  from && to ? moves.between(from, to) : 0
const flip = ({ step, flipped }: Walked): Walked => ({ step, flipped: !flipped })

/** Turns a part of the walk round where that makes it shorter; its probes may change hands as well. */
function turnParts(walk: Walked[], moves: Moves): boolean {
  let shorter = false
  for (let i = 0; i < walk.length; i++)
    for (let j = i; j < walk.length; j++) {
      const [before, first, last, after] = [walk[i - 1], walk[i], walk[j], walk[j + 1]]
      if (!first || !last) continue
      const now = betweenAll(moves, before, first) + betweenAll(moves, last, after)
      const asIs = betweenAll(moves, before, last) + betweenAll(moves, first, after)
      const flipped = betweenAll(moves, before, flip(last)) + betweenAll(moves, flip(first), after)
      const handed = betweenAll(moves, before, flip(first)) + betweenAll(moves, flip(last), after)
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
function moveParts(walk: Walked[], moves: Moves): boolean {
  let shorter = false
  for (let long = 1; long <= LONGEST_PART; long++)
    for (let i = 0; i + long <= walk.length; i++) {
      const part = walk.slice(i, i + long)
      const [first, last] = [part[0], part.at(-1)]
      if (!first || !last) continue
      const [before, after] = [walk[i - 1], walk[i + long]]
      const saved = betweenAll(moves, before, first) + betweenAll(moves, last, after) - betweenAll(moves, before, after)
      if (saved < NOTHING_MM) continue
      const rest = [...walk.slice(0, i), ...walk.slice(i + long)]
      let best = { at: -1, part, gain: NOTHING_MM }
      for (const one of [part, [...part].reverse(), part.map(flip), part.map(flip).reverse()])
        for (let at = 0; at <= rest.length; at++) {
          const [left, right] = [rest[at - 1], rest[at]]
          const added =
            betweenAll(moves, left, one[0]) + betweenAll(moves, one.at(-1), right) - betweenAll(moves, left, right)
          if (saved - added > best.gain) best = { at, part: one, gain: saved - added }
        }
      if (best.at < 0) continue
      rest.splice(best.at, 0, ...best.part)
      walk.splice(0, walk.length, ...rest)
      shorter = true
    }
  return shorter
}

import type { Point } from '../../base/face/arrangement'
import type { MoveStep } from './moveTypes'

/** Steps that belong together: a chain from its end, or a cycle that may begin at any of its places. */
export interface Chain {
  readonly steps: readonly MoveStep[]
  /** it seats a wire that hangs out already: such chains come first, so that fewest hang out at one time */
  readonly hasLoose: boolean
  /** it seats what is in the hand right now: before anything else */
  readonly inHand: boolean
  readonly turned?: { readonly ways: number; readonly from: (first: number) => readonly MoveStep[] }
}

/** Every order is compared while there are at most so many chains, and so many pairs of ways to begin them. */
const CHAINS_COMPARED = 12
const PAIRS_COMPARED = 6_000_000
/** A longer cycle begins where it is given. */
const TURNS_TRIED = 40

interface Leg {
  /** its first place: equal ways are told apart by it, always the same way */
  readonly name: string
  readonly chain: Chain
  readonly from: Point | undefined
  readonly to: Point | undefined
  readonly mm: number
}

/**
 * Puts the chains in an order in which the hands walk little: what is in the hand first, then those that seat a wire which hangs out, then the rest.
 * @param start where the hands are; what is left of a plan keeps its order when it is made anew from there
 * @returns the chains, the way in mm, and whether every order was compared (a shorter way then does not exist)
 */
export function orderChains(
  chains: readonly Chain[],
  at: ((place: string) => Point | undefined) | undefined,
  start?: string,
): { readonly order: readonly Chain[]; readonly walkMm: number; readonly shortest: boolean } {
  const parts = [
    chains.filter((one) => one.inHand),
    chains.filter((one) => one.hasLoose && !one.inHand),
    chains.filter((one) => !one.hasLoose && !one.inHand),
  ]
  if (!at) return { order: parts.flat(), walkMm: 0, shortest: false }
  let where = start === undefined ? undefined : at(start)
  let walkMm = 0
  const order: Chain[] = []
  let shortest = true
  for (const part of parts) {
    const options = part.map((chain) => waysOf(chain, at)).sort((a, b) => (nameOf(a) < nameOf(b) ? -1 : 1))
    const ways = options.reduce((sum, option) => sum + option.length, 0)
    const compare = part.length <= CHAINS_COMPARED && 2 ** part.length * ways * ways <= PAIRS_COMPARED
    shortest &&= compare
    const walked = compare
      ? bestOrder(options, where)
      : nearestNext(
          options.map((option) => option.reduce((best, leg) => (leg.mm < best.mm ? leg : best))),
          where,
        )
    for (const leg of walked.legs) order.push(leg.chain)
    walkMm += walked.mm
    where = walked.legs.at(-1)?.to ?? where
  }
  return { order, walkMm, shortest }
}

const nameOf = (option: readonly Leg[]) => option[0]?.name ?? ''

/** A chain from its end; a cycle from each of its places, as long as it is not a long one. */
function waysOf(chain: Chain, at: (place: string) => Point | undefined): readonly Leg[] {
  const { turned } = chain
  if (!turned || turned.ways > TURNS_TRIED) return [legOf(chain, at)]
  return Array.from({ length: turned.ways }, (_, first) => legOf({ ...chain, steps: turned.from(first) }, at)).sort(
    (a, b) => (a.name < b.name ? -1 : 1),
  )
}

/**
 * The shortest way through all chains, each once, by what is left and where the hands are. What it says of a part that is left
 * is what it said of it as a tail of the whole.
 */
function bestOrder(
  options: readonly (readonly Leg[])[],
  start: Point | undefined,
): { readonly legs: readonly Leg[]; readonly mm: number } {
  interface Best {
    readonly mm: number
    readonly leg?: Leg
    readonly chain: number
  }
  const known = new Map<string, Best>()
  const best = (left: number, where: Point | undefined): Best => {
    if (left === 0) return { mm: 0, chain: -1 }
    const key = `${left} ${where?.xMm ?? ''} ${where?.yMm ?? ''}`
    const found = known.get(key)
    if (found) return found
    let least: Best = { mm: Infinity, chain: -1 }
    for (const [chain, option] of options.entries()) {
      if ((left & (1 << chain)) === 0) continue
      for (const leg of option) {
        const mm = apart(where, leg.from) + leg.mm + best(left & ~(1 << chain), leg.to ?? where).mm
        if (mm < least.mm - 1e-9) least = { mm, leg, chain }
      }
    }
    known.set(key, least)
    return least
  }
  const legs: Leg[] = []
  let left = 2 ** options.length - 1
  let where = start
  const { mm } = best(left, where)
  while (left > 0) {
    const { leg, chain } = best(left, where)
    if (!leg) break
    legs.push(leg)
    left &= ~(1 << chain)
    where = leg.to ?? where
  }
  return { legs, mm }
}

function nearestNext(
  legs: readonly Leg[],
  start: Point | undefined,
): { readonly legs: readonly Leg[]; readonly mm: number } {
  const left = [...legs]
  const order: Leg[] = []
  let where = start
  let mm = 0
  while (left.length > 0) {
    let next = 0
    let nearest = Infinity
    for (let i = 0; i < left.length; i++) {
      const from = left[i]?.from
      const square = where && from ? (where.xMm - from.xMm) ** 2 + (where.yMm - from.yMm) ** 2 : 0
      if (square >= nearest) continue
      nearest = square
      next = i
    }
    const [leg] = left.splice(next, 1)
    if (!leg) break
    order.push(leg)
    mm += Math.sqrt(nearest) + leg.mm
    where = leg.to ?? where
  }
  return { legs: order, mm }
}

function legOf(chain: Chain, at: (place: string) => Point | undefined): Leg {
  let from: Point | undefined
  let where: Point | undefined
  let mm = 0
  for (const step of chain.steps) {
    const point = step.do === 'bring' ? undefined : at(step.place)
    if (!point) continue
    from ??= point
    mm += apart(where, point)
    where = point
  }
  const first = chain.steps.find((step) => step.do !== 'bring')
  return { name: first && 'place' in first ? first.place : '', chain, from, to: where, mm }
}

const apart = (one: Point | undefined, other: Point | undefined): number =>
  one && other ? Math.hypot(one.xMm - other.xMm, one.yMm - other.yMm) : 0

import { fail, ok, type Result } from '../../base/result'
import type { MoveFault, MovePlan, MoveProblem, MoveStep } from './moveTypes'
import { parkedAtOnce } from './simulateMoves'
import { orderChains, type Chain } from './walkOrder'

/**
 * The move plan with the fewest extractions, then the fewest wires put aside, then the fewest that hang out at one time, then
 * the shortest way for the hands.
 *
 * Every contact in a wrong place must come out, and comes out once: that is the fewest. Who goes where makes chains and cycles
 * over the places. A chain ends in a place that is empty or is left for good, so it is worked from its end and needs no
 * parking. In a cycle no place is free until one wire is put aside: one, which is the fewest. Cycles are worked one after the
 * other, so that one wire more than hung out at the start hangs out at most.
 */
export function movePlan(problem: MoveProblem): Result<MovePlan, MoveFault> {
  const fault = faultIn(problem)
  if (fault) return fail(fault)
  const chains = chainsOf(problem)
  const { order, walkMm, shortest } = orderChains(chains, problem.at, problem.from)
  const steps = order.flatMap((chain) => chain.steps)
  return ok({
    steps,
    extractions: steps.filter((step) => step.do === 'extract' || step.do === 'park' || step.do === 'retire').length,
    parkings: steps.filter((step) => step.do === 'park').length,
    parkedAtOnce: parkedAtOnce(problem, steps),
    walk: { mm: walkMm, shortest },
  })
}

function faultIn({ now, wanted, loose, plugged }: MoveProblem): MoveFault | undefined {
  const seated = new Map<string, string>()
  for (const [place, contact] of now) {
    const other = seated.get(contact)
    if (other !== undefined) return { kind: 'contact-in-two-places', contact, places: [other, place], when: 'now' }
    seated.set(contact, place)
    if (loose?.has(contact)) return { kind: 'loose-and-seated', contact, place }
    if (plugged?.has(place)) return { kind: 'plugged-and-filled', contact, place }
  }
  const meant = new Map<string, string>()
  for (const [place, contact] of wanted) {
    const other = meant.get(contact)
    if (other !== undefined) return { kind: 'contact-in-two-places', contact, places: [other, place], when: 'wanted' }
    meant.set(contact, place)
  }
  return undefined
}

/** Chains from their ends, and cycles: which of each comes first is for the walk to say. */
function chainsOf(problem: MoveProblem): readonly Chain[] {
  const { now, wanted, loose } = problem
  const placeOf = new Map([...now].map(([place, contact]) => [contact, place]))
  const goes = new Set(wanted.values())
  const changes = (place: string) => now.get(place) !== wanted.get(place)
  const chains: Chain[] = []
  const done = new Set<string>()
  const follow = (from: string): Chain => {
    const steps: MoveStep[] = []
    let hasLoose = false
    const leaving = now.get(from)
    const inHand = leaving === undefined && problem.inHand !== undefined && wanted.get(from) === problem.inHand
    if (leaving !== undefined) steps.push({ do: 'retire', contact: leaving, place: from })
    let place = from
    for (;;) {
      done.add(place)
      const contact = wanted.get(place)
      if (contact === undefined) break
      if (problem.plugged?.has(place)) steps.push({ do: 'unplug', place })
      const source = placeOf.get(contact)
      if (source !== undefined) steps.push({ do: 'extract', contact, place: source })
      else if (loose?.has(contact)) hasLoose = true
      else steps.push({ do: 'bring', contact })
      steps.push({ do: 'insert', contact, place })
      if (source === undefined) return { steps, hasLoose, inHand }
      place = source
    }
    if (problem.takesPlug?.(place)) steps.push({ do: 'plug', place })
    return { steps, hasLoose, inHand }
  }
  for (const place of problem.emptied ?? [])
    if (!now.has(place) && !wanted.has(place))
      chains.push({ steps: [{ do: 'plug', place }], hasLoose: false, inHand: false })
  const places = new Set([...now.keys(), ...wanted.keys()])
  for (const place of places) {
    const inside = now.get(place)
    // the end of a chain: nothing in it has another place to go to
    if (changes(place) && (inside === undefined || !goes.has(inside))) chains.push(follow(place))
  }
  for (const place of places)
    if (changes(place) && !done.has(place)) chains.push(cycleFrom(place, problem, placeOf, done))
  return chains
}

/** The places of a closed cycle, in the order in which they are filled, the first one being emptied by parking. */
function cycleFrom(
  start: string,
  { now, wanted }: MoveProblem,
  placeOf: ReadonlyMap<string, string>,
  done: Set<string>,
): Chain {
  const places: string[] = []
  for (let place = start; !done.has(place); place = placeOf.get(wanted.get(place) ?? '') ?? start) {
    done.add(place)
    places.push(place)
  }
  const from = (first: number): readonly MoveStep[] => {
    const ring = [...places.slice(first), ...places.slice(0, first)]
    const parked = { contact: now.get(ring[0] ?? '') ?? '', place: ring[0] ?? '' }
    const steps: MoveStep[] = [{ do: 'park', ...parked }]
    for (const [i, place] of ring.entries()) {
      const contact = wanted.get(place) ?? ''
      if (i < ring.length - 1) steps.push({ do: 'extract', contact, place: ring[i + 1] ?? '' })
      steps.push({ do: 'insert', contact, place })
    }
    return steps
  }
  return { steps: from(0), hasLoose: false, inHand: false, turned: { ways: places.length, from } }
}

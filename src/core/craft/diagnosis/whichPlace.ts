import type { Deciding, PairReading, Point } from './diagnosisTypes'
import { type Groups, isSamePartition, sharing } from './partition'
import { place, type Placement, rowPlacements, swapOf } from './placements'
import type { Points } from './points'

/** A wire's resistance lies so much around what is computed, and contacts may have so much more than their usual. */
const TOLERANCE = 0.1
const CONTACTS_MORE_OHM = 0.02
/** What a good net may read: its wire 10 % off, two contacts from nothing to three times their 5 mΩ. */
export const windowOhm = (expectedOhm: number): readonly [number, number] => [
  expectedOhm * (1 - TOLERANCE) - CONTACTS_MORE_OHM / 2,
  expectedOhm * (1 + TOLERANCE) + CONTACTS_MORE_OHM,
]

/** Changes of places at other ends that come to the same. */
export function alternatives({ ends, endOf }: Points, groups: Groups, placement: Placement): readonly Placement[] {
  const target = place(groups, placement)
  const filled = sharing(groups)
  const moved = new Set(placement.moves.flat().filter((point) => point >= 0))
  const touched = new Set([...moved].map((point) => groups[point]))
  return ends.flatMap((one) => {
    if (one.end === placement.end) return []
    const [a, b, ...more] = [...groups.keys()].filter(
      (point) => endOf[point] === one.end && touched.has(groups[point] ?? -1),
    )
    const swap = a !== undefined && b !== undefined && more.length === 0 ? [swapOf(one.end, a, b)] : []
    const rows = moved.size > 2 ? rowPlacements(one, (point) => filled.has(point)) : []
    const same = [...swap, ...rows].find(
      (other) => other.cost <= placement.cost && isSamePartition(place(groups, other), target),
    )
    return same ? [same] : []
  })
}

/** What the resistances say: what a net should read, and what was read between two points. */
export class Readings {
  readonly #expectedOhm = new Map<number, number>()
  readonly #read = new Map<string, number>()

  constructor(
    { numbers }: Points,
    net: Groups,
    readings: readonly PairReading[],
    expected: readonly Pick<PairReading, 'pair' | 'expectedOhm'>[],
  ) {
    for (const { pair, expectedOhm } of [...expected, ...readings]) {
      const [a = -1, b = -1] = pair.map((one) => numbers.get(one) ?? -1)
      if (net[a] !== undefined && net[a] === net[b]) this.#expectedOhm.set(net[a], expectedOhm)
    }
    for (const { pair, ohm } of readings) {
      const [a = -1, b = -1] = pair.map((one) => numbers.get(one) ?? -1)
      this.#read.set(pairKey(a, b), ohm)
    }
  }

  expectedOhm = (net: number) => this.#expectedOhm.get(net)
  between = (a: number, b: number) => this.#read.get(pairKey(a, b))
}
const pairKey = (a: number, b: number) => `${String(Math.min(a, b))} ${String(Math.max(a, b))}`

interface Told {
  readonly pair: readonly [number, number]
  /** the net whose wire lies between the pair, by the place */
  readonly nets: readonly [number, number]
}

/**
 * Where a mistake was made, of the places that come to the same: told by the wire that lies between two points, which is another
 * one for each place. Where that was not read, the measurement that would tell best.
 * @param netAt the net whose content stands in a point before the mistake; undefined: none
 */
export function whichPlace(
  { names, ids, endOf }: Points,
  alike: readonly Placement[],
  found: Groups,
  netAt: (point: number) => number | undefined,
  readings: Readings,
  pointOf: (net: number) => Point,
): { readonly places: readonly Placement[]; readonly deciding?: Omit<Deciding, 'mistake'> } {
  const [first, second] = alike
  if (!first || !second) return { places: alike }
  const pairs = first.moves.flatMap(([from, to]): Told[] => {
    const mate = found.findIndex((group, point) => group === found[to] && endOf[point] === second.end)
    const [moved, own] = [netAt(from), netAt(to)]
    // moved here, its own wire lies there; moved at the other end, the wire of what belongs here
    return to < 0 || mate < 0 || moved === undefined || own === undefined
      ? []
      : [{ pair: [to, mate], nets: [moved, own] }]
  })
  for (const { pair, nets } of pairs) {
    const ohm = readings.between(...pair)
    const fits = nets.map((net) => {
      const expected = readings.expectedOhm(net)
      const [low, high] = expected === undefined ? [] : windowOhm(expected)
      return ohm === undefined || low === undefined || high === undefined ? undefined : ohm >= low && ohm <= high
    })
    if (fits[0] === true && fits[1] === false) return { places: [first] }
    if (fits[0] === false && fits[1] === true) return { places: [second] }
  }
  // wires that should read alike tell nothing; of those that nobody knows, one is as good as another
  const differ = ({ nets: [a, b] }: Told) => {
    const [x, y] = [readings.expectedOhm(a), readings.expectedOhm(b)]
    return x === undefined || y === undefined ? TOLERANCE * 2 : Math.abs(Math.log(x / y))
  }
  const best = pairs.filter((one) => differ(one) > TOLERANCE).sort((a, b) => differ(b) - differ(a))[0]
  if (!best) return { places: alike }
  return {
    places: alike,
    deciding: {
      pair: [names[best.pair[0]] ?? '', names[best.pair[1]] ?? ''],
      ifAt: [first, second].map(({ end }, i) => ({
        end: ids[end] ?? '',
        wireOf: pointOf(best.nets[i] ?? 0),
      })),
    },
  }
}

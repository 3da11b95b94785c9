import { fail, ok, type Result } from '../../base/result'
import type {
  Deciding,
  Diagnosis,
  DiagnosisFault,
  DiagnosisInput,
  Mistake,
  MistakePlace,
  PairReading,
  Point,
} from './diagnosisTypes'
import { explain } from './explain'
import { type Groups, groupsOf, sharing } from './partition'
import { parted, touching } from './partsAndTouches'
import { place, type Placement } from './placements'
import { namesOf, placesOf, type Points, pointsOf } from './points'
import { alternatives, Readings, whichPlace, windowOhm } from './whichPlace'

/**
 * The fewest mistakes that explain what was found together and apart, each with every place that would explain it alike.
 *
 * @param input points of the ends by their rows, what belongs together, what was found together, readings of pairs
 * @returns     mistakes, rows first; or what is wrong with the measurements: a point that no end has, one that belongs to two
 *              nets, a reading between points that were found apart
 */
export function diagnose(input: DiagnosisInput): Result<Diagnosis, DiagnosisFault> {
  const points = pointsOf(input)
  const resistances = input.resistances ?? []
  const fault = faultOf(input, points.numbers)
  if (fault) return fail(fault)
  const numbered = (nets: readonly (readonly Point[])[]) =>
    nets.map((net) => net.map((one) => points.numbers.get(one) ?? 0))
  const expected = groupsOf(points.names.length, numbered(input.expected))
  const found = groupsOf(points.names.length, numbered(input.measured))
  const against = resistances.find(
    ({ pair }) => new Set(pair.map((one) => found[points.numbers.get(one) ?? 0])).size > 1,
  )
  if (against) return fail({ kind: 'reading-contradicts', pair: against.pair })
  const explained = explain(points.ends, expected, found)
  const misplaced = placesTold(
    points,
    explained.placements,
    expected,
    found,
    new Readings(points, expected, resistances, input.expectedOhms ?? []),
  )
  const mistakes = [
    ...misplaced.mistakes,
    ...parted(points, explained.groups, found),
    ...touching(points, explained.groups, found),
    ...high(points, resistances),
  ]
  return ok({ mistakes, ...(misplaced.deciding && { deciding: misplaced.deciding }) })
}

function faultOf(
  { expected, measured, resistances }: DiagnosisInput,
  numbers: ReadonlyMap<Point, number>,
): DiagnosisFault | undefined {
  const lists = [
    ['expected', expected.flat()],
    ['measured', measured.flat()],
    ['resistances', (resistances ?? []).flatMap(({ pair }) => pair)],
  ] as const
  for (const [where, named] of lists) {
    const point = named.find((one) => !numbers.has(one))
    if (point !== undefined) return { kind: 'unknown-point', where, point }
  }
  const seen = new Set<Point>()
  for (const point of expected.flat()) {
    if (seen.has(point)) return { kind: 'point-twice', point }
    seen.add(point)
  }
  return undefined
}

/** The contents that stand elsewhere, mistake by mistake, each with the places that come to the same. */
function placesTold(
  points: Points,
  placements: readonly Placement[],
  expected: Groups,
  found: Groups,
  readings: Readings,
): { readonly mistakes: readonly Mistake[]; readonly deciding: Deciding | undefined } {
  const mistakes: Mistake[] = []
  let deciding: Deciding | undefined
  let groups = expected
  // the point whose content stands in each
  const filled = sharing(expected)
  let contents: readonly (number | undefined)[] = [...expected.keys()].map((point) =>
    filled.has(point) ? point : undefined,
  )
  const netAt = (point: number) => {
    const content = contents[point]
    return content === undefined ? undefined : expected[content]
  }
  const pointOf = (net: number) => points.names[expected.indexOf(net)] ?? ''
  for (const placement of placements) {
    const alike = [placement, ...alternatives(points, groups, placement)]
    const told = whichPlace(points, alike, found, netAt, readings, pointOf)
    if (told.deciding) deciding ??= { ...told.deciding, mistake: mistakes.length }
    const [first = placement] = told.places
    const places = told.places.flatMap((one) => placeTold(points, one, netAt))
    mistakes.push({ kind: first.kind, places, pins: places.flatMap(({ pins }) => pins) })
    contents = moved(contents, placement)
    groups = place(groups, placement)
  }
  return { mistakes, deciding }
}

/** A change of places at its end: the pins that it is about, and which contents it moves to where. */
function placeTold(
  points: Points,
  { kind, moves }: Placement,
  netAt: (point: number) => number | undefined,
): readonly MistakePlace[] {
  const at = [...new Set(moves.flat())].filter((point) => point >= 0).sort((a, b) => a - b)
  const contents = moves.flatMap(([from, to]) => {
    const [here = '', there = ''] = namesOf(points, [from, to])
    return to < 0 || netAt(from) === undefined ? [] : [{ from: here, to: there }]
  })
  return placesOf(points, kind, at).map((one) => ({ ...one, moved: contents }))
}

function moved(contents: readonly (number | undefined)[], { kind, moves }: Placement): readonly (number | undefined)[] {
  const next = [...contents]
  for (const [from] of moves) next[from] = undefined
  // what joins another changes nothing of what stood there
  if (kind !== 'doubled') for (const [from, to] of moves) if (to >= 0) next[to] = contents[from]
  return next
}

const high = (points: Points, resistances: readonly PairReading[]): readonly Mistake[] =>
  resistances
    .filter(({ ohm, expectedOhm, isHigh }) => isHigh ?? ohm > windowOhm(expectedOhm)[1])
    .map(({ pair }) => {
      const at = pair.map((point) => points.numbers.get(point) ?? 0)
      return { kind: 'high-resistance', places: placesOf(points, 'high-resistance', at), pins: [...pair] }
    })

import { pushTo } from '../../base/collections'
import { diagnose } from '../../craft/diagnosis/diagnose'
import type {
  Deciding,
  DiagnosedEnd,
  Diagnosis,
  DiagnosisInput,
  Mistake,
  MistakePlace,
  Point,
} from '../../craft/diagnosis/diagnosisTypes'
import type { Housing } from '../../parts/catalogue/types'
import { inCavity, planIndex } from '../../record/plan/plan'
import { cavityKey, unitAndId } from '../../record/plan/keys'
import { LOOSE, joinedInside, pointOf } from '../../record/plan/nets'
import { housingOf } from '../../record/plan/facts'
import type { JobState } from '../../record/state/state'
import { failures, readsHigh } from './failures'
import { netVerdict, netVerdicts } from './netVerdict'

/** The rows of a face, each from left to right as it is numbered on. */
function rowsOf({ cavities }: Housing): readonly (readonly string[])[] {
  const rows = new Map<number, string[]>()
  for (const { id, row } of cavities) pushTo(rows, row, id)
  return [...rows].sort(([a], [b]) => a - b).map(([, ids]) => ids)
}

export interface NetDiagnosis {
  readonly input: DiagnosisInput
  /** nets and pairs that are not as planned */
  readonly failed: number
  /** nets that nobody has probed yet: what explains the others may be another thing with them */
  readonly open: number
}

/** What the probes found of one unit, as what is to be explained. */
export function netDiagnosis(state: JobState, unit: number): NetDiagnosis {
  const nets = netVerdicts(state, unit)
  const probed = nets.flatMap(({ wire, probe, resistance }) => {
    const pair: readonly [Point, Point] = [pointOf(state.plan, wire, 'a'), pointOf(state.plan, wire, 'b')]
    return probe ? [{ pair, probe, resistance }] : []
  })
  const ends = state.plan.ends.flatMap((end): DiagnosedEnd[] => {
    const housing = housingOf(state.facts, state.plan, end.id)
    return housing ? [{ id: end.id, rows: rowsOf(housing) }] : []
  })
  const pairs = probed.map(({ pair }) => pair)
  const bars = joinedInside(state)
  const ringing = [...state.apart].flatMap(([key, { result }]) => {
    const { unit: of, id } = unitAndId(key)
    return of === unit && result === 'fail' ? [id.split('|')] : []
  })
  const loose = [...new Set([...pairs, ...ringing].flat().filter((point) => point.startsWith(`${LOOSE}.`)))]
  return {
    input: {
      ends: [...ends, ...(loose.length > 0 ? [{ id: LOOSE, rows: loose.map((point) => [point.slice(2)]) }] : [])],
      expected: joined([
        ...pairs,
        ...bars.flatMap((bar) => bar.slice(1).map((point) => [bar[0] ?? point, point] as const)),
      ]),
      measured: [
        ...probed.map(({ pair: [a, b], probe }) => {
          const [red, black] = probe.red === 'b' ? [b, a] : [a, b]
          return [red, ...(probe.result === 'pass' ? [black] : (probe.rings ?? []))]
        }),
        ...ringing,
        ...bars,
      ],
      resistances: probed.flatMap(({ pair, probe, resistance }) =>
        probe.result === 'pass' && resistance?.netOhm !== undefined && readsHigh(resistance)
          ? [{ pair, ohm: resistance.netOhm, expectedOhm: resistance.expectedOhm, isHigh: true as const }]
          : [],
      ),
      expectedOhms: probed.flatMap(({ pair, resistance }) =>
        resistance ? [{ pair, expectedOhm: resistance.expectedOhm }] : [],
      ),
    },
    failed: failures(state, unit),
    open: nets.length - probed.length,
  }
}

/** Wires that share a contact are one net. */
function joined(pairs: readonly (readonly [Point, Point])[]): readonly (readonly Point[])[] {
  const netOf = new Map<Point, Set<Point>>()
  for (const pair of pairs) {
    const net = new Set(pair.flatMap((point) => [...(netOf.get(point) ?? [point])]))
    for (const point of net) netOf.set(point, net)
  }
  return [...new Set(netOf.values())].map((net) => [...net])
}

/** The mistakes that explain what was found; a loose end is no place where contents change. */
export function netMistakes(input: DiagnosisInput): Diagnosis {
  const found = diagnose(input)
  if (!found.ok) return { mistakes: [] }
  const { mistakes, deciding } = found.value
  const isLoose = deciding?.ifAt.some(({ end }) => end === LOOSE)
  return {
    mistakes: mistakes.map((mistake) => {
      const places = mistake.places.filter(({ end }) => end !== LOOSE)
      return places.length === 0 ? mistake : { ...mistake, places, kind: places[0]?.kind ?? mistake.kind }
    }),
    ...(deciding && !isLoose && { deciding }),
  }
}

/** What one measurement would read, by the end at which a mistake was made. */
export interface DecidingReading {
  readonly pair: readonly [Point, Point]
  readonly ifAt: readonly {
    readonly end: string
    readonly wire: string
    readonly windowOhm: readonly [number, number]
  }[]
  /** where both windows overlap the reading cannot tell, Ω */
  readonly cannotTellOhm: readonly [number, number] | undefined
}

/** The windows of the measurement that tells two ends apart; undefined where a wire's resistance is not known. */
export function decidingReading(state: JobState, unit: number, { pair, ifAt }: Deciding): DecidingReading | undefined {
  const windows = ifAt.flatMap(({ end, wireOf }) => {
    const wire = state.plan.wires.find(
      (one) => pointOf(state.plan, one, 'a') === wireOf || pointOf(state.plan, one, 'b') === wireOf,
    )
    const figures = wire && netVerdict(state, unit, wire).resistance
    return wire && figures ? [{ end, wire: wire.id, windowOhm: figures.windowOhm }] : []
  })
  const [first, second] = windows
  if (!first || !second) return undefined
  const [low, high] = [
    Math.max(first.windowOhm[0], second.windowOhm[0]),
    Math.min(first.windowOhm[1], second.windowOhm[1]),
  ]
  return { pair, ifAt: windows, cannotTellOhm: low < high ? [low, high] : undefined }
}

/** A contact at a pin that a mistake is about, and what may be found wrong with it. */
export interface SuspectContact {
  readonly term: string
  readonly end: string
  readonly cavity: string
}

/** The contacts at the pins of a mistake that has moved nothing: what has parted, touches or reads too high lies at one of them, or between. */
export function suspectsOf(state: JobState, unit: number, { pins, places }: Mistake): readonly SuspectContact[] {
  if (places.some(({ moved }) => moved.length > 0)) return []
  const { byCavity } = planIndex(state.plan)
  return [...new Set(pins)].flatMap((pin) => {
    const dot = pin.indexOf('.')
    const [end, cavity] = [pin.slice(0, dot), pin.slice(dot + 1)]
    const termination = byCavity.get(cavityKey(unit, end, cavity))
    return termination && inCavity(termination) ? [{ term: termination.key, end, cavity }] : []
  })
}

/** Where a contact was found, as an entry says it. */
export interface FoundMisplaced {
  readonly kind: 'misplaced'
  readonly term: string
  readonly end: string
  readonly cavity: string
  readonly swapped?: string
}

/**
 * What is written down when somebody has looked and a mistake was made at this place: each contact where it stands, so that the
 * record is what the hands see, and Seat can lead them back. One entry puts two contacts right, or one and an empty cavity.
 */
export function misplacedBy(state: JobState, unit: number, { end, moved }: MistakePlace): readonly FoundMisplaced[] {
  const { byCavity } = planIndex(state.plan)
  const cavityOf = (point: Point) => point.slice(end.length + 1)
  const termIn = (cavity: string) => {
    const termination = byCavity.get(cavityKey(unit, end, cavity))
    return termination && inCavity(termination) ? termination.key : undefined
  }
  const holds = new Map<string, string | undefined>()
  for (const { from, to } of moved) {
    holds.set(cavityOf(from), termIn(cavityOf(from)))
    if (!holds.has(cavityOf(to))) holds.set(cavityOf(to), termIn(cavityOf(to)))
  }
  return moved.flatMap(({ from, to }): FoundMisplaced[] => {
    const term = termIn(cavityOf(from))
    const cavity = cavityOf(to)
    const now = [...holds].find(([, held]) => held === term)?.[0]
    if (term === undefined || now === undefined || now === cavity) return []
    const swapped = holds.get(cavity)
    holds.set(cavity, term)
    holds.set(now, swapped)
    return [{ kind: 'misplaced', term, end, cavity, ...(swapped !== undefined && { swapped }) }]
  })
}

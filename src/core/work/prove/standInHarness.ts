import { type HiddenFault, type HiddenFaultKind, termsOfFault } from '../../craft/practice/hiddenFault'
import { housingOf } from '../../record/plan/facts'
import { termKey, termOf } from '../../record/plan/keys'
import { LOOSE, joinedInside, plannedNets, pointOf } from '../../record/plan/nets'
import { type SideLetter, type Wire, inCavity, planIndex } from '../../record/plan/plan'
import { type JobState, termState } from '../../record/state/state'
import { netVerdicts } from './netVerdict'

/** Two points that something joins. */
export interface Joint {
  readonly red: string
  readonly black: string
  readonly ohm: number
}

/** The harness as it would lie on the analyser: what the record says of it, and what is hidden. */
export interface StandInHarness {
  readonly joints: readonly Joint[]
  /** joints that open when they are moved, and the place at which: `1/W3/b bend` */
  readonly loose: readonly { readonly red: string; readonly black: string; readonly at: string }[]
}

/** A stray strand. */
const SHORT_OHM = 0.08
/** A bar of a housing. */
const BAR_OHM = 0.0005
const UNKNOWN_OHM = 0.05

/** The points of a unit in the order in which they lie on the analyser: each end with all of its cavities, then what is in none. */
export function analyserPoints({ plan, facts }: JobState): readonly string[] {
  const loose = [...plannedNets({ plan, facts }).netAt.keys()].filter((point) => point.startsWith(`${LOOSE}.`))
  return [
    ...plan.ends.flatMap(({ id }) =>
      (housingOf(facts, plan, id)?.cavities ?? []).map((cavity) => `${id}.${cavity.id}`),
    ),
    ...loose,
  ]
}

/** Has nobody had a hand on its contacts since it was put in? */
const stands = (state: JobState, fault: HiddenFault): boolean =>
  termsOfFault(fault).every((key) => {
    const { seat, crimp } = termState(state, key)
    return crimp !== undefined && [seat?.at, crimp.at].every((at) => at === undefined || at <= fault.at)
  })

/** The hidden faults of a unit that nobody has put right. */
export const faultsLeft = (state: JobState, unit: number, hidden: readonly HiddenFault[]): readonly HiddenFault[] =>
  hidden.filter((fault) => termsOfFault(fault).every((key) => termOf(key).unit === unit) && stands(state, fault))

/** What a stand-in is told, since it cannot see: each wire between the places where its contacts stand, or would if a fault is hidden. */
export function standInHarness(state: JobState, unit: number, hidden: readonly HiddenFault[]): StandInHarness {
  const { plan } = state
  const faults = faultsLeft(state, unit, hidden)
  const swapped = new Map(
    faults.flatMap((fault) =>
      fault.kind === 'swap'
        ? [
            [fault.terms[0], fault.terms[1]],
            [fault.terms[1], fault.terms[0]],
          ]
        : [],
    ),
  )
  const stood = (key: string, wire: Wire, side: SideLetter) => {
    const { seat } = termState(state, key)
    return seat ? `${seat.end}.${seat.cavity}` : pointOf(plan, wire, side)
  }
  const pointAt = (wire: Wire, side: SideLetter): string => {
    const key = termKey(unit, wire.id, side)
    const other = planIndex(plan).byKey.get(swapped.get(key) ?? key)
    return other ? stood(other.key, other.wire, other.side) : pointOf(plan, wire, side)
  }
  const isAt = (wire: Wire, kind: HiddenFaultKind) =>
    faults.find((fault) => fault.kind === kind && termsOfFault(fault).some((key) => termOf(key).wire === wire.id))
  const joints: Joint[] = []
  const loose: { red: string; black: string; at: string }[] = []
  for (const { wire, resistance } of netVerdicts(state, unit)) {
    if (isAt(wire, 'open')) continue
    const [red, black] = [pointAt(wire, 'a'), pointAt(wire, 'b')]
    const high = isAt(wire, 'high-resistance')
    joints.push({
      red,
      black,
      ohm: (resistance?.expectedOhm ?? UNKNOWN_OHM) + (high?.kind === 'high-resistance' ? high.ohm : 0),
    })
    const now = isAt(wire, 'intermittent')
    if (now?.kind === 'intermittent') loose.push({ red, black, at: `${now.term} ${now.during}` })
  }
  for (const fault of faults) {
    if (fault.kind !== 'short') continue
    const [red, black] = fault.terms.map((key) => {
      const { wire, side } = termOf(key)
      const planned = planIndex(plan).wires.get(wire)
      return planned && pointAt(planned, side)
    })
    if (red !== undefined && black !== undefined) joints.push({ red, black, ohm: SHORT_OHM })
  }
  for (const bar of joinedInside(state))
    for (const black of bar.slice(1)) joints.push({ red: bar[0] ?? black, black, ohm: BAR_OHM })
  return { joints, loose }
}

/** A fault to be hidden in a unit, by chance; undefined where there is nothing that it could be at. */
export function faultToHide(
  state: JobState,
  unit: number,
  kind: HiddenFaultKind,
  chance: () => number,
  at: string,
  taken: readonly HiddenFault[],
): HiddenFault | undefined {
  const used = new Set(taken.flatMap(termsOfFault).map((key) => termOf(key).wire))
  const free = planIndex(state.plan).terminations.filter(
    (one) =>
      one.unit === unit && inCavity(one) && termState(state, one.key).seat !== undefined && !used.has(one.wire.id),
  )
  const pick = <T>(of: readonly T[]): T | undefined => of[Math.floor(chance() * of.length)]
  const one = pick(free)
  if (!one || !inCavity(one)) return undefined
  const { end, cavity: own } = one.at
  switch (kind) {
    case 'swap':
    case 'short': {
      // what a hand confuses or a strand bridges stands on the same face, in a cavity of the same size
      const housing = housingOf(state.facts, state.plan, end)
      const sizeOf = (cavity: string) => housing?.cavities.find(({ id }) => id === cavity)?.size
      const other = pick(
        free.filter(
          (each) =>
            inCavity(each) &&
            each.at.end === end &&
            each.wire.id !== one.wire.id &&
            sizeOf(each.at.cavity) === sizeOf(own),
        ),
      )
      return other && { kind, terms: [one.key, other.key], at }
    }
    case 'open':
      return { kind, term: one.key, at }
    case 'high-resistance':
      return { kind, term: one.key, ohm: Math.round((0.2 + chance() * 0.8) * 100) / 100, at }
    case 'intermittent':
      return { kind, term: one.key, during: chance() < 0.5 ? 'push-back' : 'bend', at }
  }
}

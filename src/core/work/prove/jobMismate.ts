import { carriedBy } from '../../craft/mismate/carriedBy'
import { type Clash, type KeyedItem, type ProposedKeyings, proposeKeyings } from '../../craft/mismate/keyings'
import { harmOf, mismate } from '../../craft/mismate/mismate'
import { type Carried, type Harm, harms, type Meeting, type MismateInput } from '../../craft/mismate/mismateTypes'
import { pushTo } from '../../base/collections'
import type { Housing } from '../../parts/catalogue/types'
import { housingOf } from '../../record/plan/facts'
import { cavityKey } from '../../record/plan/keys'
import { type End, mateOf, planIndex } from '../../record/plan/plan'
import type { JobState } from '../../record/state/state'

/** Why two halves could be joined wrongly. */
export type MismateWhy = 'no-key' | 'same-keying' | 'same-pitch'

/** One wrong way in which an end can be joined: with its own other half, or with that of another end. */
export interface JobMismate {
  /** `A turned`, `A into B` */
  readonly id: string
  readonly end: string
  /** whose other half it would go into; its own when left out */
  readonly into?: string
  readonly why: MismateWhy
  readonly how: 'turned' | 'shifted' | 'straight'
  /** cavities of the end, and those of the half that it meets */
  readonly meets: readonly Meeting[]
  readonly worst: Harm
}

/** What keeps a half from being turned, by its mark; a chamfer alone only marks. */
const KEYING_MARKS: ReadonlySet<string> = new Set(['notch', 'key', 'rib'])
/** Pitches are alike within so much, mm. */
const SAME_PITCH_MM = 0.15

const isKeyed = ({ keys, keyings, mark }: Housing): boolean =>
  (keys?.length ?? 0) > 0 || (keyings?.length ?? 0) > 0 || KEYING_MARKS.has(mark.kind)

const rowsOf = ({ cavities }: Housing): readonly (readonly string[])[] => {
  const rows = new Map<number, string[]>()
  for (const { id, row } of cavities) pushTo(rows, row, id)
  return [...rows].sort(([a], [b]) => a - b).map(([, ids]) => ids)
}

function pitchMm({ cavities }: Housing): number {
  const [one, ...others] = cavities
  if (!one || others.length === 0) return NaN
  return Math.min(...others.map((other) => Math.hypot(other.xMm - one.xMm, other.yMm - one.yMm)))
}

/** What each cavity of an end carries, by the names of its signals. */
export function carriedAt({ plan, facts }: JobState, end: string): Readonly<Record<string, Carried>> {
  const { byCavity } = planIndex(plan)
  return Object.fromEntries(
    (housingOf(facts, plan, end)?.cavities ?? []).flatMap(({ id }) => {
      const termination = byCavity.get(cavityKey(1, end, id))
      return termination ? [[id, carriedBy(termination.wire.signal)]] : []
    }),
  )
}

const worstOf = (meets: readonly Meeting[]): Harm =>
  harms.find((harm) => meets.some((one) => one.harm === harm)) ?? 'none'
const nothing: Carried = { kind: 'none' }

/** An end and its own other half, which carries the same, pin by pin. */
export function ownInput(state: JobState, end: string): MismateInput | undefined {
  const housing = housingOf(state.facts, state.plan, end)
  if (!housing) return undefined
  const half = { rows: rowsOf(housing), keyed: isKeyed(housing) }
  const carried = carriedAt(state, end)
  return { a: half, b: half, signals: { A: carried, B: carried }, ways: half.keyed ? [] : ['turned', 'shifted'] }
}

/** Every wrong way in which the ends of a job can be joined, the worst first. */
export function jobMismates(state: JobState): readonly JobMismate[] {
  const found = state.plan.ends.flatMap((end) => [...ownWays(state, end.id), ...otherWays(state, end)])
  const rank = ({ worst }: JobMismate) => harms.indexOf(worst)
  return found.sort((a, b) => rank(a) - rank(b))
}

function ownWays(state: JobState, end: string): readonly JobMismate[] {
  const input = ownInput(state, end)
  const study = input && mismate(input)
  if (!study?.ok) return []
  const pins = input?.a.rows.flat().length ?? 0
  return study.value.ways.flatMap(({ how, meets, worst }, i): JobMismate[] =>
    // turned, a half goes in only where each of its contacts finds a cavity
    how === 'turned' && meets.length < pins
      ? []
      : how === 'mirrored'
        ? []
        : [{ id: `${end} ${how} ${String(i)}`, end, why: 'no-key', how, meets, worst }],
  )
}

/** The other halves into which an end would go as well: of the same make and keying, or keyless with the same pitch and rows. */
function otherWays(state: JobState, end: End): readonly JobMismate[] {
  const own = housingOf(state.facts, state.plan, end.id)
  if (!own) return []
  const carried = carriedAt(state, end.id)
  return state.plan.ends.flatMap((other): JobMismate[] => {
    const housing = housingOf(state.facts, state.plan, other.id)
    // its mate is where it belongs
    if (!housing || other.id === end.id || mateOf(state.plan, end.id) === other.id) return []
    const why = confusable(own, end, housing, other)
    if (!why) return []
    const theirs = carriedAt(state, other.id)
    const meets = meeting(own, housing).map(([a, b]): Meeting => ({
      a,
      b,
      harm: harmOf(carried[a] ?? nothing, theirs[b] ?? nothing),
    }))
    return meets.length === 0
      ? []
      : [
          {
            id: `${end.id} into ${other.id}`,
            end: end.id,
            into: other.id,
            why,
            how: 'straight',
            meets,
            worst: worstOf(meets),
          },
        ]
  })
}

function confusable(a: Housing, endA: End, b: Housing, endB: End): MismateWhy | undefined {
  if (a.id === b.id) return endA.keying === endB.keying ? 'same-keying' : undefined
  const [rowsA, rowsB] = [rowsOf(a), rowsOf(b)]
  const isLoose = !isKeyed(a) && !isKeyed(b) && rowsA.length === rowsB.length
  return isLoose && a.role === b.role && Math.abs(pitchMm(a) - pitchMm(b)) <= SAME_PITCH_MM ? 'same-pitch' : undefined
}

/** Cavities that lie over each other when both halves lie in the first corner. */
function meeting(a: Housing, b: Housing): readonly (readonly [string, string])[] {
  const [rowsA, rowsB] = [rowsOf(a), rowsOf(b)]
  return rowsA.flatMap((row, r) =>
    row.flatMap((pin, i) => {
      const other = rowsB[r]?.[i]
      return other === undefined ? [] : [[pin, other] as const]
    }),
  )
}

/** How much a wrong way weighs: one of a worse harm more than any number of the next. */
const weights: Readonly<Record<Harm, number>> = {
  'supply-return': 1_000_000,
  'supply-supply': 10_000,
  'supply-signal': 100,
  none: 1,
}

/** Keyings over the whole job so that ends of one make are told apart; two that mate take one together. */
export function jobKeyings(state: JobState): ProposedKeyings {
  const { plan, facts } = state
  const leaderOf = (end: string) => {
    const mate = mateOf(plan, end)
    return mate !== undefined && mate < end ? mate : end
  }
  const items = plan.ends
    .filter(({ id }) => leaderOf(id) === id)
    .map((end): KeyedItem => {
      const mate = mateOf(plan, end.id)
      const own = housingOf(facts, plan, end.id)?.keyings ?? []
      const theirs = mate === undefined ? own : (housingOf(facts, plan, mate)?.keyings ?? [])
      return { id: end.id, options: own.filter((one) => theirs.includes(one)), now: end.keying }
    })
  const clashes = plan.ends.flatMap((a, i) =>
    plan.ends.slice(i + 1).flatMap((b): Clash[] => {
      const [one, other] = [housingOf(facts, plan, a.id), housingOf(facts, plan, b.id)]
      if (!one || one.id !== other?.id || leaderOf(a.id) === leaderOf(b.id)) return []
      const [carried, theirs] = [carriedAt(state, a.id), carriedAt(state, b.id)]
      const worst = worstOf(
        one.cavities.map(({ id }) => ({ a: id, b: id, harm: harmOf(carried[id] ?? nothing, theirs[id] ?? nothing) })),
      )
      return [{ a: leaderOf(a.id), b: leaderOf(b.id), weight: weights[worst] }]
    }),
  )
  return proposeKeyings(items, clashes)
}

import { fail, ok, type Result } from '../../base/result'
import { fillHarmless } from './harmless'
import {
  type Carried,
  type Harm,
  harms,
  type Meeting,
  type Mismate,
  type MismateFault,
  type MismateHalf,
  type MismateInput,
  type MismateWay,
  mismateWays,
  type WrongMating,
} from './mismateTypes'

/** A pin by its row, and by how far it stands from the middle of its row, in half pitches. */
interface Place {
  readonly row: number
  readonly half: number
}

const placesOf = ({ rows }: MismateHalf): ReadonlyMap<string, Place> =>
  new Map(rows.flatMap((pins, row) => pins.map((pin, i) => [pin, { row, half: 2 * i - (pins.length - 1) }] as const)))
const at = ({ row, half }: Place) => `${String(row)} ${String(half)}`

/** Where a pin of A stands when the halves are joined this way; a shift goes one hole or one row either way. */
const joins: Readonly<Record<MismateWay, readonly ((place: Place, rows: number) => Place)[]>> = {
  turned: [({ row, half }, rows) => ({ row: rows - 1 - row, half: -half })],
  shifted: [
    ({ row, half }) => ({ row, half: half + 2 }),
    ({ row, half }) => ({ row, half: half - 2 }),
    ({ row, half }) => ({ row: row + 1, half }),
    ({ row, half }) => ({ row: row - 1, half }),
  ],
  mirrored: [({ row, half }) => ({ row, half: -half })],
}

const nothing: Carried = { kind: 'none' }
const carriedBy = (signals: Readonly<Record<string, Carried>>, pin: string): Carried =>
  Object.hasOwn(signals, pin) ? (signals[pin] ?? nothing) : nothing

/** What it does when these two meet. */
export function harmOf(one: Carried, other: Carried): Harm {
  const kinds = [one.kind, other.kind]
  if (one.kind === 'supply' && other.kind === 'supply') return one.name === other.name ? 'none' : 'supply-supply'
  if (!kinds.includes('supply')) return 'none'
  if (kinds.includes('return')) return 'supply-return'
  return kinds.includes('signal') ? 'supply-signal' : 'none'
}

const worstOf = (meets: readonly Meeting[]): Harm =>
  harms.find((harm) => meets.some((one) => one.harm === harm)) ?? 'none'

/**
 * What meets what when two halves are joined wrongly, and pins for the signals so that none of it does harm, or the proof that
 * there are none. Where both halves carry the same, pin by pin, they mate, and are assigned together.
 */
export function mismate({ a, b, signals, ways }: MismateInput): Result<Mismate, MismateFault> {
  const [places, opposite] = [placesOf(a), placesOf(b)]
  for (const [half, known] of [
    ['A', places],
    ['B', opposite],
  ] as const) {
    const pin = Object.keys(signals[half]).find((one) => !known.has(one))
    if (pin !== undefined) return fail({ kind: 'unknown-pin', half, pin })
  }
  const pinAt = new Map([...opposite].map(([pin, place]) => [at(place), pin]))
  const studied = ways ?? (a.keyed && b.keyed ? [] : mismateWays)
  const wrong = studied.flatMap((how) =>
    joins[how].flatMap((join): WrongMating[] => {
      const meets = [...places].flatMap(([pin, place]): Meeting[] => {
        const other = pinAt.get(at(join(place, a.rows.length)))
        return other === undefined
          ? []
          : [{ a: pin, b: other, harm: harmOf(carriedBy(signals.A, pin), carriedBy(signals.B, other)) }]
      })
      return meets.length === 0 ? [] : [{ how, meets, worst: worstOf(meets) }]
    }),
  )
  if (wrong.every(({ worst }) => worst === 'none')) return ok({ ways: wrong })
  return ok({ ways: wrong, ...assigned({ a, b, signals }, places, pinAt, wrong) })
}

const nameOf = (carried: Carried) => (carried.kind === 'supply' ? `supply:${carried.name}` : carried.kind)

function assigned(
  { a, b, signals }: Pick<MismateInput, 'a' | 'b' | 'signals'>,
  places: ReadonlyMap<string, Place>,
  pinAt: ReadonlyMap<string, string>,
  wrong: readonly WrongMating[],
): Pick<Mismate, 'assignment' | 'proof'> {
  const pinsA = a.rows.flat()
  const pinsB = b.rows.flat()
  const ownA = pinsA.map((pin) => carriedBy(signals.A, pin))
  const ownB = pinsB.map((pin) => carriedBy(signals.B, pin))
  const mates = new Map(
    pinsA.flatMap((pin) => {
      const place = places.get(pin)
      const other = place && pinAt.get(at(place))
      return other === undefined ? [] : [[other, pin] as const]
    }),
  )
  const isMated =
    mates.size === pinsA.length &&
    mates.size === pinsB.length &&
    pinsB.every((pin, i) => nameOf(ownB[i] ?? nothing) === nameOf(carriedBy(signals.A, mates.get(pin) ?? '')))
  const kinds = [...new Map([...ownA, ...ownB].map((one) => [nameOf(one), one])).values()]
  const kindOf = (one: Carried) => kinds.findIndex((kind) => nameOf(kind) === nameOf(one))
  const counts = (own: readonly Carried[]) =>
    kinds.map((kind) => own.filter((one) => nameOf(one) === nameOf(kind)).length)
  const ofA = (pin: string) => pinsA.indexOf(pin)
  const ofB = (pin: string) => (isMated ? ofA(mates.get(pin) ?? '') : pinsA.length + pinsB.indexOf(pin))
  const all = isMated ? ownA : [...ownA, ...ownB]
  const filled = fillHarmless({
    groupOf: all.map((_, i) => (i < pinsA.length ? 0 : 1)),
    supply: isMated ? [counts(ownA)] : [counts(ownA), counts(ownB)],
    meets: wrong.flatMap(({ meets }) => meets.map((one) => [ofA(one.a), ofB(one.b)] as const)),
    mayMeet: (one, other) => harmOf(kinds[one] ?? nothing, kinds[other] ?? nothing) === 'none',
    now: all.map(kindOf),
  })
  if (filled.kind === 'impossible') return { proof: 'none-exists' }
  if (filled.kind === 'given-up') return {}
  const carried = (i: number) => kinds[filled.kinds[i] ?? 0] ?? nothing
  return {
    assignment: {
      A: Object.fromEntries(pinsA.map((pin) => [pin, carried(ofA(pin))])),
      B: Object.fromEntries(pinsB.map((pin) => [pin, carried(ofB(pin))])),
    },
  }
}

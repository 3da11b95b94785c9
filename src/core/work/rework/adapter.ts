import type { Catalogue } from '../../parts/catalogue/catalogue'
import type { Housing } from '../../parts/catalogue/types'
import { type Facts, housingOf } from '../../record/plan/facts'
import { type End, type Plan, type Wire, emptyPlan, planIndex } from '../../record/plan/plan'
import { type Result, fail, ok } from '../../base/result'
import { cavityKey } from '../../record/plan/keys'

export type AdapterFault =
  | { readonly kind: 'no-housing'; readonly end: string }
  /** nothing on the shelf mates with it */
  | { readonly kind: 'no-mate'; readonly end: string; readonly housing: string }
  | { readonly kind: 'no-signal-in-common'; readonly a: string; readonly b: string }

export interface Adapter {
  readonly plan: Plan
  /** cavities whose signal the other side does not have, or has more than once */
  readonly left: readonly { readonly end: string; readonly cavity: string; readonly signal: string }[]
}

/** Lengths of an adapter's wires that make sense, mm: shorter and no hand can crimp the second end. */
export const ADAPTER_LENGTH_MM = { min: 20, max: 10_000 } as const

/**
 * An adapter between two ends that would mate but are wired differently: its own two halves under the names of those that
 * they mate with, and a wire of `lengthMm` from each signal's cavity on the one side to the same signal's cavity on the
 * other. Types and colours are those of the first side.
 */
export function adapterPlan(
  catalogue: Pick<Catalogue, 'housings'>,
  plan: Plan,
  facts: Facts,
  aId: string,
  bId: string,
  lengthMm: number,
): Result<Adapter, AdapterFault> {
  const halves: End[] = []
  const signals: ReadonlyMap<string, Side>[] = []
  const left: { end: string; cavity: string; signal: string }[] = []
  for (const id of [aId, bId]) {
    const housing = housingOf(facts, plan, id)
    if (!housing) return fail({ kind: 'no-housing', end: id })
    const end = planIndex(plan).ends.get(id)
    const mate = mateFor(catalogue, housing)
    if (!mate) return fail({ kind: 'no-mate', end: id, housing: housing.name })
    const keying = end?.keying
    halves.push({
      id,
      housing: mate.id,
      note: `mates with ${id} of ${plan.title}`.slice(0, 200),
      ...(keying !== undefined && mate.keyings?.includes(keying) && { keying }),
    })
    signals.push(signalsOf(plan, id, housing, left))
  }
  const [ofA, ofB] = signals
  const wires: Wire[] = []
  for (const [key, one] of ofA ?? []) {
    const other = ofB?.get(key)
    if (!other) {
      left.push({ end: aId, cavity: one.cavity, signal: one.signal })
      continue
    }
    wires.push({
      id: `A${String(wires.length + 1).padStart(2, '0')}`,
      type: one.wire.type,
      colour: one.wire.colour,
      lengthMm,
      signal: one.signal,
      from: { kind: 'cavity', end: aId, cavity: one.cavity },
      to: { kind: 'cavity', end: bId, cavity: other.cavity },
      ...(one.wire.currentA !== undefined && { currentA: one.wire.currentA }),
    })
  }
  for (const [key, one] of ofB ?? [])
    if (!ofA?.has(key)) left.push({ end: bId, cavity: one.cavity, signal: one.signal })
  if (wires.length === 0) return fail({ kind: 'no-signal-in-common', a: aId, b: bId })
  return ok({
    plan: {
      ...emptyPlan,
      title: `Adapter ${aId} to ${bId}, ${plan.title}`.slice(0, 120),
      rules: plan.rules,
      ambientC: plan.ambientC,
      ends: halves,
      wires,
    },
    left,
  })
}

interface Side {
  readonly cavity: string
  readonly signal: string
  readonly wire: Wire
}

/** The signals of an end by their cavity; one that stands there twice cannot be told apart, and is left. */
function signalsOf(
  plan: Plan,
  end: string,
  housing: Housing,
  left: { end: string; cavity: string; signal: string }[],
): ReadonlyMap<string, Side> {
  const found = new Map<string, Side[]>()
  for (const { id } of housing.cavities) {
    const wire = planIndex(plan).byCavity.get(cavityKey(1, end, id))?.wire
    const signal = wire?.signal?.trim() ?? ''
    if (!wire || signal === '') continue
    const key = signal.toLowerCase()
    found.set(key, [...(found.get(key) ?? []), { cavity: id, signal, wire }])
  }
  const once = new Map<string, Side>()
  for (const [key, sides] of found) {
    const [one] = sides
    if (one && sides.length === 1) once.set(key, one)
    else for (const side of sides) left.push({ end, cavity: side.cavity, signal: side.signal })
  }
  return once
}

/** What mates with a housing, by what either of them says. */
function mateFor(catalogue: Pick<Catalogue, 'housings'>, housing: Housing): Housing | undefined {
  for (const id of housing.mates ?? []) {
    const mate = catalogue.housings.get(id)
    if (mate) return mate
  }
  return [...catalogue.housings.values()].find((other) => other.mates?.includes(housing.id))
}

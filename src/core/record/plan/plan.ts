import type { z } from 'zod'
import { pushTo } from '../../base/collections'
import { cavityKey, endKey, setKey, termKey } from './keys'
import type { endSchema, planChangeSchema, planSchema, wireSchema } from './schema'

export type Plan = Readonly<z.infer<typeof planSchema>>
export type PlanChange = z.infer<typeof planChangeSchema>
export type End = z.infer<typeof endSchema>
export type Wire = z.infer<typeof wireSchema>
export type WireSide = Wire['from']
export type SideLetter = 'a' | 'b'

export const emptyPlan: Plan = {
  title: 'New job',
  rev: 'A',
  kind: 'build',
  quantity: 1,
  rules: 'sheet-strict',
  ambientC: 20,
  ends: [],
  wires: [],
}

/** The side of a wire by its letter: a is from, b is to. */
export const sideOf = (wire: Wire, side: SideLetter): WireSide => (side === 'a' ? wire.from : wire.to)

/** A side that gets a contact of its own: in a cavity, a terminal, or its half of a splice. */
export type WorkedSide = Exclude<WireSide, { kind: 'open' | 'with' }>

/** One end of one wire of one unit: the unit of work. */
export interface Termination {
  /** `1/W07/a` */
  readonly key: string
  readonly unit: number
  readonly wire: Wire
  readonly side: SideLetter
  readonly at: WorkedSide
  /** a second wire that shares the contact */
  readonly also?: { readonly wire: Wire; readonly side: SideLetter }
}

/** A termination that goes into a cavity. */
export type CavityTermination = Termination & { readonly at: Extract<WireSide, { kind: 'cavity' }> }
export const inCavity = (termination: Termination): termination is CavityTermination => termination.at.kind === 'cavity'

/** What is looked up in a plan again and again, built once for each version of it. */
export interface PlanIndex {
  readonly wires: ReadonlyMap<string, Wire>
  readonly ends: ReadonlyMap<string, End>
  readonly terminations: readonly Termination[]
  readonly byKey: ReadonlyMap<string, Termination>
  /** by `unit/end` */
  readonly byEnd: ReadonlyMap<string, readonly CavityTermination[]>
  /** by `unit/end.cavity` */
  readonly byCavity: ReadonlyMap<string, CavityTermination>
}

const indexes = new WeakMap<Plan, PlanIndex>()

/** The index of a plan; a plan is never changed in place, so it is built once. */
export function planIndex(plan: Plan): PlanIndex {
  const known = indexes.get(plan)
  if (known) return known
  const wires = new Map(plan.wires.map((wire) => [wire.id, wire]))
  const sharers = new Map<string, { readonly wire: Wire; readonly side: SideLetter }>()
  for (const wire of plan.wires) {
    for (const side of ['a', 'b'] as const) {
      const at = sideOf(wire, side)
      if (at.kind === 'with') sharers.set(setKey(at.wire, at.side), { wire, side })
    }
  }
  const terminations: Termination[] = []
  const byEnd = new Map<string, CavityTermination[]>()
  const byCavity = new Map<string, CavityTermination>()
  for (let unit = 1; unit <= plan.quantity; unit++) {
    for (const wire of plan.wires) {
      for (const side of ['a', 'b'] as const) {
        const at = sideOf(wire, side)
        if (at.kind === 'open' || at.kind === 'with') continue
        const also = sharers.get(setKey(wire.id, side))
        const termination: Termination = {
          key: termKey(unit, wire.id, side),
          unit,
          wire,
          side,
          at,
          ...(also && { also }),
        }
        terminations.push(termination)
        if (!inCavity(termination)) continue
        pushTo(byEnd, endKey(unit, termination.at.end), termination)
        byCavity.set(cavityKey(unit, termination.at.end, termination.at.cavity), termination)
      }
    }
  }
  const index: PlanIndex = {
    wires,
    ends: new Map(plan.ends.map((end) => [end.id, end])),
    terminations,
    byKey: new Map(terminations.map((termination) => [termination.key, termination])),
    byEnd,
    byCavity,
  }
  indexes.set(plan, index)
  return index
}

/** The end that an end mates with in this job, whichever of the two says so. */
export const mateOf = (plan: Plan, end: string): string | undefined =>
  planIndex(plan).ends.get(end)?.mate ?? plan.ends.find((one) => one.mate === end)?.id

/** Where a side really ends: one that shares another wire's contact ends where that one does. */
export function placeOf(plan: Plan, wire: Wire, side: SideLetter): WireSide {
  const at = sideOf(wire, side)
  if (at.kind !== 'with') return at
  const main = planIndex(plan).wires.get(at.wire)
  return main ? sideOf(main, at.side) : { kind: 'open' }
}

/** The key of the termination that a side is part of, its own or the one whose contact it shares; undefined for an open end. */
export function termKeyOf(plan: Plan, unit: number, wire: Wire, side: SideLetter): string | undefined {
  const at = sideOf(wire, side)
  if (at.kind === 'open') return undefined
  return at.kind === 'with' ? termKey(unit, at.wire, at.side) : termKey(unit, wire.id, side)
}

/** The plan after a change: puts replace by id and keep their place, new ones go to the end. */
export function changePlan(plan: Plan, change: PlanChange): Plan {
  return {
    ...plan,
    ...(change.meta &&
      (Object.fromEntries(Object.entries(change.meta).filter(([, value]) => value !== undefined)) as Partial<Plan>)),
    ends: patch(plan.ends, change.putEnds, change.removeEnds),
    wires: patch(plan.wires, change.putWires, change.removeWires),
    ...(change.layout !== undefined && { layout: change.layout ?? undefined }),
  }
}

function patch<T extends { readonly id: string }>(
  items: readonly T[],
  put: readonly T[] = [],
  remove: readonly string[] = [],
): T[] {
  const gone = new Set(remove)
  const changed = new Map(put.map((item) => [item.id, item]))
  const known = new Set(items.map((item) => item.id))
  const kept = items.filter((item) => !gone.has(item.id)).map((item) => changed.get(item.id) ?? item)
  return [...kept, ...put.filter((item) => !known.has(item.id))]
}

export type PlanFault =
  | { readonly kind: 'wire-twice'; readonly wire: string }
  | { readonly kind: 'end-twice'; readonly end: string }
  | { readonly kind: 'unknown-end'; readonly wire: string; readonly end: string }
  | { readonly kind: 'unknown-housing'; readonly end: string; readonly housing: string }
  | {
      readonly kind: 'unknown-keying'
      readonly end: string
      readonly keying: string
      readonly known: readonly string[]
    }
  | { readonly kind: 'unknown-mate'; readonly end: string; readonly mate: string }
  | { readonly kind: 'unknown-wire-type'; readonly wire: string; readonly type: string }
  | { readonly kind: 'unknown-terminal'; readonly wire: string; readonly part: string }
  | {
      readonly kind: 'unknown-cavity'
      readonly wire: string
      readonly end: string
      readonly cavity: string
      readonly known: readonly string[]
    }
  | {
      readonly kind: 'cavity-taken'
      readonly wire: string
      readonly by: string
      readonly end: string
      readonly cavity: string
    }
  | { readonly kind: 'shares-nothing'; readonly wire: string; readonly with: string }
  | { readonly kind: 'shared-twice'; readonly wire: string; readonly with: string }
  | { readonly kind: 'sealed-takes-one'; readonly wire: string; readonly end: string; readonly cavity: string }
  | { readonly kind: 'splice-alone'; readonly wire: string; readonly splice: string }

/** What a plan names, looked up; undefined is unknown. */
export interface PlanNames {
  readonly housing: (id: string) =>
    | {
        readonly cavities: readonly { readonly id: string }[]
        readonly keyings?: readonly string[] | undefined
        readonly family: string
      }
    | undefined
  readonly isSealed: (family: string) => boolean
  readonly hasWireType: (type: string) => boolean
  readonly hasTerminal: (part: string) => boolean
}

/**
 * What no single row can say of itself: ids once only, ends, cavities, keyings and types that exist, one wire to a cavity
 * unless two share its contact.
 */
export function planFaults(plan: Plan, names: PlanNames): readonly PlanFault[] {
  const faults: PlanFault[] = []
  const ends = new Map<string, End>()
  const cavityIds = new Map<string, ReadonlySet<string>>()
  for (const end of plan.ends) {
    if (ends.has(end.id)) faults.push({ kind: 'end-twice', end: end.id })
    ends.set(end.id, end)
    const housing = names.housing(end.housing)
    if (!housing) faults.push({ kind: 'unknown-housing', end: end.id, housing: end.housing })
    else cavityIds.set(end.id, new Set(housing.cavities.map((cavity) => cavity.id)))
    const keyings = housing?.keyings ?? []
    if (housing && end.keying !== undefined && !keyings.includes(end.keying))
      faults.push({ kind: 'unknown-keying', end: end.id, keying: end.keying, known: keyings })
  }
  for (const end of plan.ends)
    if (end.mate !== undefined && (!ends.has(end.mate) || end.mate === end.id))
      faults.push({ kind: 'unknown-mate', end: end.id, mate: end.mate })

  const wires = new Map<string, Wire>()
  const taken = new Map<string, string>()
  const splices = new Map<string, string[]>()
  for (const wire of plan.wires) {
    if (wires.has(wire.id)) faults.push({ kind: 'wire-twice', wire: wire.id })
    wires.set(wire.id, wire)
    if (!names.hasWireType(wire.type)) faults.push({ kind: 'unknown-wire-type', wire: wire.id, type: wire.type })
    for (const at of [wire.from, wire.to]) {
      if (at.kind === 'terminal' && !names.hasTerminal(at.part))
        faults.push({ kind: 'unknown-terminal', wire: wire.id, part: at.part })
      if (at.kind === 'splice') pushTo(splices, at.splice, wire.id)
      if (at.kind !== 'cavity') continue
      if (!ends.has(at.end)) {
        faults.push({ kind: 'unknown-end', wire: wire.id, end: at.end })
        continue
      }
      const known = cavityIds.get(at.end)
      if (known && !known.has(at.cavity))
        faults.push({ kind: 'unknown-cavity', wire: wire.id, end: at.end, cavity: at.cavity, known: [...known] })
      const place = `${at.end}.${at.cavity}`
      const by = taken.get(place)
      if (by !== undefined) faults.push({ kind: 'cavity-taken', wire: wire.id, by, end: at.end, cavity: at.cavity })
      taken.set(place, wire.id)
    }
  }
  for (const [splice, members] of splices)
    if (members.length === 1) faults.push({ kind: 'splice-alone', wire: members[0] ?? '', splice })
  faults.push(...sharingFaults(plan, wires, ends, names))
  return faults
}

function sharingFaults(
  plan: Plan,
  wires: ReadonlyMap<string, Wire>,
  ends: ReadonlyMap<string, End>,
  names: PlanNames,
): PlanFault[] {
  const faults: PlanFault[] = []
  const shared = new Set<string>()
  for (const wire of plan.wires) {
    for (const at of [wire.from, wire.to]) {
      if (at.kind !== 'with') continue
      const main = wires.get(at.wire)
      const place = main && at.wire !== wire.id ? sideOf(main, at.side) : undefined
      const label = `${at.wire}${at.side}`
      if (!place || place.kind === 'with' || place.kind === 'open' || place.kind === 'splice')
        faults.push({ kind: 'shares-nothing', wire: wire.id, with: label })
      else if (shared.has(label)) faults.push({ kind: 'shared-twice', wire: wire.id, with: label })
      else if (place.kind === 'cavity') {
        const housing = names.housing(ends.get(place.end)?.housing ?? '')
        if (housing && names.isSealed(housing.family))
          faults.push({ kind: 'sealed-takes-one', wire: wire.id, end: place.end, cavity: place.cavity })
      }
      shared.add(label)
    }
  }
  return faults
}

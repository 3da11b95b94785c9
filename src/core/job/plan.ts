import type { z } from 'zod'
import type { chosenSetSchema, endSchema, planChangeSchema, planSchema, wireSchema } from './schema'

export type Plan = Readonly<z.infer<typeof planSchema>>
export type PlanChange = z.infer<typeof planChangeSchema>
export type End = z.infer<typeof endSchema>
export type Wire = z.infer<typeof wireSchema>
export type WireSide = Wire['from']
export type SideLetter = 'a' | 'b'
/** What Kit chose for one side of a wire, with its figures as they were on that day. */
export type ChosenSet = z.infer<typeof chosenSetSchema>

export const emptyPlan: Plan = { title: 'New job', rev: 'A', kind: 'build', quantity: 1, rules: 'sheet-strict', ambientC: 20, ends: [], wires: [] }

/** The side of a wire by its letter: a is from, b is to. */
export const sideOf = (wire: Wire, side: SideLetter): WireSide => (side === 'a' ? wire.from : wire.to)

/** One end of one wire of one unit: the unit of work. */
export interface Termination {
  /** `1/W07/a` */
  readonly key: string
  readonly unit: number
  readonly wire: Wire
  readonly side: SideLetter
  readonly at: Extract<WireSide, { kind: 'cavity' }>
}

export const termKey = (unit: number, wire: string, side: SideLetter): string => `${unit}/${wire}/${side}`
export const setKey = (wire: string, side: SideLetter): string => `${wire}/${side}`
export const wireKey = (unit: number, wire: string): string => `${unit}/${wire}`
export const endKey = (unit: number, end: string): string => `${unit}/${end}`
export const cavityKey = (unit: number, end: string, cavity: string): string => `${unit}/${end}.${cavity}`

/** What is looked up in a plan again and again, built once for each version of it. */
export interface PlanIndex {
  readonly wires: ReadonlyMap<string, Wire>
  readonly ends: ReadonlyMap<string, End>
  readonly terminations: readonly Termination[]
  readonly byKey: ReadonlyMap<string, Termination>
  /** by `unit/end` */
  readonly byEnd: ReadonlyMap<string, readonly Termination[]>
  /** by `unit/end.cavity` */
  readonly byCavity: ReadonlyMap<string, Termination>
}

const indexes = new WeakMap<Plan, PlanIndex>()

/** The index of a plan; a plan is never changed in place, so it is built once. */
export function planIndex(plan: Plan): PlanIndex {
  const known = indexes.get(plan)
  if (known) return known
  const terminations: Termination[] = []
  const byEnd = new Map<string, Termination[]>()
  for (let unit = 1; unit <= plan.quantity; unit++) {
    for (const wire of plan.wires) {
      for (const side of ['a', 'b'] as const) {
        const at = sideOf(wire, side)
        if (at.kind !== 'cavity') continue
        const termination = { key: termKey(unit, wire.id, side), unit, wire, side, at }
        terminations.push(termination)
        const key = endKey(unit, at.end)
        const list = byEnd.get(key)
        if (list) list.push(termination)
        else byEnd.set(key, [termination])
      }
    }
  }
  const index: PlanIndex = {
    wires: new Map(plan.wires.map((wire) => [wire.id, wire])),
    ends: new Map(plan.ends.map((end) => [end.id, end])),
    terminations,
    byKey: new Map(terminations.map((termination) => [termination.key, termination])),
    byEnd,
    byCavity: new Map(terminations.map((termination) => [cavityKey(termination.unit, termination.at.end, termination.at.cavity), termination])),
  }
  indexes.set(plan, index)
  return index
}

/** The plan after a change: puts replace by id and keep their place, new ones go to the end. */
export function changePlan(plan: Plan, change: PlanChange): Plan {
  return {
    ...plan,
    ...(change.meta && (Object.fromEntries(Object.entries(change.meta).filter(([, value]) => value !== undefined)) as Partial<Plan>)),
    ends: patch(plan.ends, change.putEnds, change.removeEnds),
    wires: patch(plan.wires, change.putWires, change.removeWires),
  }
}

function patch<T extends { readonly id: string }>(items: readonly T[], put: readonly T[] = [], remove: readonly string[] = []): T[] {
  const gone = new Set(remove)
  const changed = new Map(put.map((item) => [item.id, item]))
  const known = new Set(items.map((item) => item.id))
  const kept = items.filter((item) => !gone.has(item.id)).map((item) => changed.get(item.id) ?? item)
  return [...kept, ...put.filter((item) => !known.has(item.id))]
}

export type PlanFault =
  | { readonly code: 'wire-twice'; readonly wire: string }
  | { readonly code: 'end-twice'; readonly end: string }
  | { readonly code: 'unknown-end'; readonly wire: string; readonly end: string }
  | { readonly code: 'unknown-housing'; readonly end: string; readonly housing: string }
  | { readonly code: 'unknown-wire-type'; readonly wire: string; readonly type: string }
  | { readonly code: 'unknown-cavity'; readonly wire: string; readonly end: string; readonly cavity: string; readonly known: readonly string[] }
  | { readonly code: 'cavity-taken'; readonly wire: string; readonly by: string; readonly end: string; readonly cavity: string }
  | { readonly code: 'end-in-use'; readonly end: string; readonly wire: string }

/**
 * What no single row can say of itself: ids once only, ends, cavities and types that exist, one wire to a cavity.
 * @param facts looks up what a plan names; undefined is unknown
 */
export function planFaults(
  plan: Plan,
  facts: { readonly cavityIds: (housing: string) => readonly string[] | undefined; readonly hasWireType: (type: string) => boolean },
): readonly PlanFault[] {
  const faults: PlanFault[] = []
  const ends = new Map<string, End>()
  for (const end of plan.ends) {
    if (ends.has(end.id)) faults.push({ code: 'end-twice', end: end.id })
    ends.set(end.id, end)
    if (!facts.cavityIds(end.housing)) faults.push({ code: 'unknown-housing', end: end.id, housing: end.housing })
  }
  const wires = new Set<string>()
  const taken = new Map<string, string>()
  for (const wire of plan.wires) {
    if (wires.has(wire.id)) faults.push({ code: 'wire-twice', wire: wire.id })
    wires.add(wire.id)
    if (!facts.hasWireType(wire.type)) faults.push({ code: 'unknown-wire-type', wire: wire.id, type: wire.type })
    for (const at of [wire.from, wire.to]) {
      if (at.kind !== 'cavity') continue
      const end = ends.get(at.end)
      if (!end) {
        faults.push({ code: 'unknown-end', wire: wire.id, end: at.end })
        continue
      }
      const known = facts.cavityIds(end.housing)
      if (known && !known.includes(at.cavity)) faults.push({ code: 'unknown-cavity', wire: wire.id, end: at.end, cavity: at.cavity, known })
      const place = `${at.end}.${at.cavity}`
      const by = taken.get(place)
      if (by !== undefined) faults.push({ code: 'cavity-taken', wire: wire.id, by, end: at.end, cavity: at.cavity })
      taken.set(place, wire.id)
    }
  }
  return faults
}

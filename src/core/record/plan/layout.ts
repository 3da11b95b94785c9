import type { z } from 'zod'
import { UnionFind } from '../../base/unionFind'
import type { layoutSchema } from './layoutSchema'
import { type Plan, type Wire, placeOf } from './plan'

export type Layout = Readonly<z.infer<typeof layoutSchema>>
export type Segment = Layout['segments'][number]

export type LayoutFault =
  | { readonly kind: 'segment-twice'; readonly segment: string }
  | { readonly kind: 'runs-round'; readonly segment: string }
  | { readonly kind: 'not-joined'; readonly node: string }
  | { readonly kind: 'end-missing'; readonly end: string }
  | { readonly kind: 'keep-out-outside'; readonly segment: string; readonly lengthMm: number }

/** The stretches that meet at each end or root. */
export function segmentsAt({ segments }: Layout): ReadonlyMap<string, readonly Segment[]> {
  const at = new Map<string, Segment[]>()
  for (const segment of segments)
    for (const node of [segment.from, segment.to]) at.set(node, [...(at.get(node) ?? []), segment])
  return at
}

/** What is wrong with a layout as a tree over the ends of a plan. */
export function layoutFaults(plan: Plan, layout: Layout): readonly LayoutFault[] {
  const faults: LayoutFault[] = []
  const ids = new Set<string>()
  const joined = new UnionFind<string>()
  for (const { id, from, to } of layout.segments) {
    if (ids.has(id)) faults.push({ kind: 'segment-twice', segment: id })
    ids.add(id)
    if (!joined.join(from, to)) faults.push({ kind: 'runs-round', segment: id })
  }
  const [, apart] = [...joined.groups().values()]
  if (apart?.[0] !== undefined) faults.push({ kind: 'not-joined', node: apart[0] })
  const withWires = plan.ends.filter(({ id }) => plan.wires.some((wire) => endsOf(plan, wire).includes(id)))
  for (const { id } of withWires) if (!joined.has(id)) faults.push({ kind: 'end-missing', end: id })
  for (const { segment, fromMm, toMm } of layout.keepOuts) {
    const its = layout.segments.find(({ id }) => id === segment)
    if (!its || toMm > its.lengthMm || fromMm >= toMm)
      faults.push({ kind: 'keep-out-outside', segment, lengthMm: its?.lengthMm ?? 0 })
  }
  return faults
}

/** The ends between which a wire runs. */
const endsOf = (plan: Plan, wire: Wire): readonly string[] =>
  (['a', 'b'] as const).flatMap((side) => {
    const at = placeOf(plan, wire, side)
    return at.kind === 'cavity' ? [at.end] : []
  })

/** The way of a wire through the tree: stretches from its first end to its second; undefined where it ends outside of it. */
export function wayOf(plan: Plan, layout: Layout, wire: Wire): readonly Segment[] | undefined {
  const [from, to] = endsOf(plan, wire)
  if (from === undefined || to === undefined) return undefined
  return wayBetween(layout, from, to)
}

function wayBetween(layout: Layout, from: string, to: string): readonly Segment[] | undefined {
  const at = segmentsAt(layout)
  const before = new Map<string, { readonly node: string; readonly segment: Segment }>()
  const open = [from]
  const seen = new Set(open)
  for (let node = open.shift(); node !== undefined && node !== to; node = open.shift())
    for (const segment of at.get(node) ?? []) {
      const next = segment.from === node ? segment.to : segment.from
      if (seen.has(next)) continue
      seen.add(next)
      before.set(next, { node, segment })
      open.push(next)
    }
  if (!seen.has(to)) return undefined
  const way: Segment[] = []
  for (let step = before.get(to); step; step = before.get(step.node)) way.unshift(step.segment)
  return way
}

/** The wires that lie in each stretch, by its id. */
export function wiresIn(plan: Plan, layout: Layout): ReadonlyMap<string, readonly Wire[]> {
  const lie = new Map<string, Wire[]>(layout.segments.map(({ id }) => [id, []]))
  for (const wire of plan.wires) for (const { id } of wayOf(plan, layout, wire) ?? []) lie.get(id)?.push(wire)
  return lie
}

/** Wires that are shorter than their way. */
export const tooShort = (plan: Plan, layout: Layout): readonly { readonly wire: string; readonly shortMm: number }[] =>
  plan.wires.flatMap((wire) => {
    const wayMm = wayOf(plan, layout, wire)?.reduce((sum, { lengthMm }) => sum + lengthMm, 0)
    return wayMm !== undefined && wire.lengthMm < wayMm - 0.5 ? [{ wire: wire.id, shortMm: wayMm - wire.lengthMm }] : []
  })

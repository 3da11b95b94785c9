import type { ReleaseTip } from '../parts/catalogue/releaseMechanisms'
import { releaseTool } from '../parts/catalogue/releaseTool'
import { lockOfHousing } from '../parts/catalogue/secondaryLocks'
import { type Setup, setupId } from '../craft/setup/setup'
import { housingOf, insulationMmOf } from '../record/plan/facts'
import { planIndex } from '../record/plan/plan'
import { rulesOf } from '../record/rules/rulesOf'
import type { JobState } from '../record/state/state'
import { setupQueue } from './queue'

/** Something that a job wants at the bench before it begins, besides its parts. */
export type BringItem =
  | {
      readonly kind: 'crimp-tool'
      readonly tool: string
      readonly setups: readonly Setup[]
    }
  | { readonly kind: 'gauge'; readonly tool: string; readonly of: string; readonly selector: number | undefined }
  /** the notches that the setups name, as printed beside them, and the stripper that has them all, where it is known */
  | { readonly kind: 'stripper'; readonly tool: string | undefined; readonly notches: readonly string[] }
  /** what lets contacts go, for which size; with both ends where the other one puts in */
  | {
      readonly kind: 'release'
      readonly tool: string
      readonly sizes: readonly string[]
      readonly putsIn: boolean
    }
  | {
      readonly kind: 'no-release'
      readonly tip: ReleaseTip
      readonly size: string
      readonly insulationMm: number | undefined
    }
  | {
      readonly kind: 'lock-tool'
      readonly tool: string
      readonly end: string | undefined
      readonly housings: readonly string[]
    }
  | { readonly kind: 'consumable'; readonly what: Consumable }

export type Consumable = 'labels' | 'lacing' | 'lubricant'

/** A key under which an item is ticked: it says the same as long as the item does. */
export const bringKey = (item: BringItem): string =>
  item.kind === 'consumable'
    ? item.what
    : item.kind === 'no-release'
      ? `no ${item.tip} ${item.size}`
      : `${item.kind} ${item.tool ?? ''}`

/** What to bring to the bench for the whole job: each tool once, with its end, size, die, notch or selector. */
export function bringList(state: JobState): readonly BringItem[] {
  return [...crimping(state), ...releasing(state), ...locking(state), ...consumables(state)]
}

/** The tools of all setups, their gauges, and the notches to strip with. */
function crimping(state: JobState): readonly BringItem[] {
  const tools = new Map<string, Map<string, Setup>>()
  for (const { setup } of setupQueue(state)) {
    const of = tools.get(setup.tool) ?? new Map<string, Setup>()
    tools.set(setup.tool, of.set(setupId(setup), setup))
  }
  const gauges = Object.values(state.facts.tools).flatMap(({ id, gauges }): BringItem[] =>
    gauges && tools.has(gauges.tool) ? [{ kind: 'gauge', tool: id, of: gauges.tool, selector: gauges.selector }] : [],
  )
  return [
    ...[...tools].map(([tool, setups]): BringItem => ({ kind: 'crimp-tool', tool, setups: [...setups.values()] })),
    ...gauges,
    ...stripping(state),
  ]
}

/** Notches by their print, and the stripper that has them. */
function stripping({ sets, facts }: JobState): readonly BringItem[] {
  const notches = new Map<number, string>()
  for (const set of sets.values()) {
    const { notchMm } = set.setup
    if (notchMm !== undefined) notches.set(notchMm, set.notchMark ?? `${String(notchMm)} mm`)
  }
  if (notches.size === 0) return []
  const has = Object.values(facts.tools).find((tool) =>
    [...notches.keys()].every((notchMm) => tool.notchesMm?.includes(notchMm)),
  )
  const inOrder = [...notches].sort(([a], [b]) => a - b).map(([, print]) => print)
  return [{ kind: 'stripper', tool: has?.id, notches: inOrder }]
}

/** The tools that let contacts go, or put them in, for the sizes and wires of the plan. */
function releasing(state: JobState): readonly BringItem[] {
  const held = new Map<string, { readonly sizes: Set<string>; putsIn: boolean }>()
  const missing = new Map<string, BringItem>()
  for (const { at, wire } of planIndex(state.plan).terminations) {
    if (at.kind !== 'cavity') continue
    const housing = housingOf(state.facts, state.plan, at.end)
    const family = housing && state.facts.families[housing.family]
    if (!family) continue
    const size = housing.cavities.find((cavity) => cavity.id === at.cavity)?.size
    if (size === undefined) continue
    const insulationMm = insulationMmOf(state.facts, wire)
    const found = releaseTool(family, size, insulationMm, Object.values(state.facts.tools), rulesOf(state))
    if (found.kind === 'held') {
      const now = held.get(found.tool.id) ?? { sizes: new Set(), putsIn: false }
      now.sizes.add(size)
      now.putsIn ||= found.twoEnds
      held.set(found.tool.id, now)
    } else if (found.kind === 'missing')
      missing.set(`${found.tip} ${size}`, { kind: 'no-release', tip: found.tip, size, insulationMm })
  }
  return [
    ...[...held].map(([tool, { sizes, putsIn }]): BringItem => ({ kind: 'release', tool, sizes: [...sizes], putsIn })),
    ...missing.values(),
  ]
}

/** Tools that the sheets name for the locks of the plan's halves. */
function locking({ plan, facts }: JobState): readonly BringItem[] {
  const tools = new Map<string, { readonly end: string | undefined; readonly housings: Set<string> }>()
  for (const end of plan.ends) {
    const housing = housingOf(facts, plan, end.id)
    const family = housing && facts.families[housing.family]
    const said = family && lockOfHousing(family, housing).said
    if (!housing || said?.tool === undefined) continue
    const now = tools.get(said.tool) ?? { end: said.toolEnd, housings: new Set() }
    now.housings.add(housing.id)
    tools.set(said.tool, now)
  }
  return [...tools].map(([tool, { end, housings }]) => ({ kind: 'lock-tool', tool, end, housings: [...housings] }))
}

/** What is used up, and is counted in no kit. */
function consumables(state: JobState): readonly BringItem[] {
  const { plan, facts } = state
  const sealed = plan.ends.some((end) => {
    const housing = housingOf(facts, plan, end.id)
    const sealing = housing && facts.families[housing.family]?.sealing
    return sealing === 'mat-seal' || sealing === 'mat-self-piercing'
  })
  const what: readonly (readonly [Consumable, boolean])[] = [
    ['labels', plan.wires.length > 0],
    ['lacing', plan.wires.length > 1],
    ['lubricant', sealed && rulesOf(state).lubricant === 'approved'],
  ]
  return what.flatMap(([one, wanted]) => (wanted ? [{ kind: 'consumable' as const, what: one }] : []))
}

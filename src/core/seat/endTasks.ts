import { secondaryLocks } from '../catalogue/secondaryLocks'
import { housingOf } from '../job/facts'
import { cavityKey, endKey, planIndex } from '../job/plan'
import { endState, termState, type JobState } from '../journal/state'
import { isHome } from './home'
import { seatOrder } from './seatOrder'

/** One thing to do at an end, in the order in which it is done. */
export type EndTask = { readonly unit: number; readonly end: string; readonly done: boolean } & (
  | { readonly kind: 'insert'; readonly term: string; readonly cavity: string; readonly blockedBy?: 'not-crimped' }
  | { readonly kind: 'put-right'; readonly term: string; readonly cavity: string; readonly found: string; readonly why: 'wrong-cavity' | 'not-home' | 'not-in-plan' }
  | { readonly kind: 'plug'; readonly cavity: string; readonly part: string }
  | { readonly kind: 'unplug'; readonly cavity: string; readonly part: string }
  | { readonly kind: 'lock'; readonly part?: string }
  | { readonly kind: 'fit-part'; readonly part: string }
  | { readonly kind: 'look-over' }
)

/** The part that closes an unused cavity, where the family has open holes. */
export function plugFor(state: JobState, end: string, cavity: string): string | undefined {
  const housing = housingOf(state.facts, state.plan, end)
  const family = housing && state.facts.families[housing.family]
  if (!family || family.sealing === 'none' || family.sealing === 'mat-self-piercing') return undefined
  const size = housing.cavities.find((one) => one.id === cavity)?.size
  return family.sizes.find((one) => one.id === size)?.plug
}

/** Everything that one end of one unit needs, done and undone: contacts, plugs, lock, small parts, a last look. */
export function endTasks(state: JobState, unit: number, end: string): readonly EndTask[] {
  const housing = housingOf(state.facts, state.plan, end)
  if (!housing) return []
  const { byCavity, byKey } = planIndex(state.plan)
  const now = endState(state, endKey(unit, end))
  const outs: EndTask[] = []
  const inserts: EndTask[] = []
  const plugs: EndTask[] = []
  for (const cavity of seatOrder(housing)) {
    const place = cavityKey(unit, end, cavity.id)
    const termination = byCavity.get(place)
    const inside = state.cavities.get(place)
    if (inside?.term !== undefined && !(inside.term === termination?.key && isHome(state, inside.term))) {
      const why = inside.term === termination?.key ? 'not-home' : byKey.has(inside.term) ? 'wrong-cavity' : 'not-in-plan'
      const planned = byKey.get(inside.term)?.at
      outs.push({ kind: 'put-right', unit, end, term: inside.term, cavity: planned?.kind === 'cavity' ? `${planned.end === end ? '' : `${planned.end}.`}${planned.cavity}` : '', found: cavity.id, why, done: false })
    }
    if (termination) {
      if (inside?.plug !== undefined) outs.push({ kind: 'unplug', unit, end, cavity: cavity.id, part: inside.plug, done: false })
      const { crimp } = termState(state, termination.key)
      inserts.push({ kind: 'insert', unit, end, term: termination.key, cavity: cavity.id, done: isHome(state, termination.key), ...(!crimp && { blockedBy: 'not-crimped' as const }) })
    } else {
      const part = plugFor(state, end, cavity.id)
      if (part !== undefined) plugs.push({ kind: 'plug', unit, end, cavity: cavity.id, part, done: inside?.plug !== undefined })
    }
  }
  const family = state.facts.families[housing.family]
  const tasks: EndTask[] = [...outs, ...inserts, ...plugs]
  if (family && secondaryLocks[family.lock].present) tasks.push({ kind: 'lock', unit, end, done: now.lock === 'closed' && outs.length === 0 && inserts.every((task) => task.done), ...(housing.lock !== undefined && { part: housing.lock }) })
  if (housing.interfaceSeal !== undefined) tasks.push({ kind: 'fit-part', unit, end, part: housing.interfaceSeal, done: now.fitted.includes(housing.interfaceSeal) })
  tasks.push({ kind: 'look-over', unit, end, done: now.lookedOver })
  return tasks
}

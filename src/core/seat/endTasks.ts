import { secondaryLocks } from '../catalogue/secondaryLocks'
import { housingOf } from '../job/facts'
import { cavityKey, endKey, planIndex } from '../job/plan'
import { endState, termState, type JobState } from '../journal/state'
import { seatOrder } from './seatOrder'

/** One thing to do at an end, in the order in which it is done. */
export type EndTask = { readonly unit: number; readonly end: string; readonly done: boolean } & (
  | { readonly kind: 'insert'; readonly term: string; readonly cavity: string; readonly blockedBy?: 'not-crimped' }
  | { readonly kind: 'put-right'; readonly term: string; readonly cavity: string; readonly found: string; readonly why: 'wrong-cavity' | 'not-home' }
  | { readonly kind: 'plug'; readonly cavity: string; readonly part: string }
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
  const { byCavity } = planIndex(state.plan)
  const now = endState(state, endKey(unit, end))
  const inserts: EndTask[] = []
  const plugs: EndTask[] = []
  for (const cavity of seatOrder(housing)) {
    const termination = byCavity.get(cavityKey(unit, end, cavity.id))
    if (termination) {
      const { seat, crimp } = termState(state, termination.key)
      const home = seat !== undefined && seat.home && seat.end === end && seat.cavity === cavity.id
      if (seat && !home) {
        const why = seat.end === end && seat.cavity === cavity.id ? 'not-home' : 'wrong-cavity'
        inserts.push({ kind: 'put-right', unit, end, term: termination.key, cavity: cavity.id, found: seat.cavity, why, done: false })
      }
      inserts.push({ kind: 'insert', unit, end, term: termination.key, cavity: cavity.id, done: home, ...(!crimp && { blockedBy: 'not-crimped' as const }) })
    } else {
      const part = plugFor(state, end, cavity.id)
      if (part !== undefined) plugs.push({ kind: 'plug', unit, end, cavity: cavity.id, part, done: state.cavities.get(cavityKey(unit, end, cavity.id))?.plug !== undefined })
    }
  }
  const family = state.facts.families[housing.family]
  const tasks: EndTask[] = [...inserts, ...plugs]
  if (family && secondaryLocks[family.lock].present) tasks.push({ kind: 'lock', unit, end, done: now.lock === 'closed', ...(housing.lock !== undefined && { part: housing.lock }) })
  if (housing.interfaceSeal !== undefined) tasks.push({ kind: 'fit-part', unit, end, part: housing.interfaceSeal, done: now.fitted.includes(housing.interfaceSeal) })
  tasks.push({ kind: 'look-over', unit, end, done: now.lookedOver })
  return tasks
}

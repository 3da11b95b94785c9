import type { Housing } from '../../parts/catalogue/types'
import { housingOf } from '../plan/facts'
import { cavityKey, endKey, unitAndId } from '../plan/keys'
import type { JobState } from '../state/state'

/** The housing that stands on the bench under this id: that of an end of the plan, or one that is given up. */
export function housingAt(state: JobState, unit: number, end: string): Housing | undefined {
  const old = state.oldEnds.get(endKey(unit, end))
  return old ? state.facts.housings[old.housing] : housingOf(state.facts, state.plan, end)
}

/** Ends of a unit at which hands work: those of the plan, each behind the housings given up for it that still hold contacts. */
export function benchEnds(state: JobState, unit: number): readonly string[] {
  const planned = state.plan.ends.map((end) => end.id)
  if (state.oldEnds.size === 0) return planned
  const before = new Map<string, string[]>()
  for (const [key, { end }] of state.oldEnds) {
    const { unit: of, id } = unitAndId(key)
    if (of !== unit || !holdsContacts(state, unit, id)) continue
    before.set(end, [...(before.get(end) ?? []), id])
  }
  const gone = [...before].filter(([end]) => !planned.includes(end)).flatMap(([, ids]) => ids)
  return [...gone, ...planned.flatMap((end) => [...(before.get(end) ?? []), end])]
}

/** Does any contact stand in the housing of this id? */
export const holdsContacts = (state: JobState, unit: number, end: string): boolean =>
  housingAt(state, unit, end)?.cavities.some(
    (cavity) => state.cavities.get(cavityKey(unit, end, cavity.id))?.term !== undefined,
  ) === true

/** Is this point, `end.cavity`, one of an end that stands here? */
export const isCavityHere = (state: JobState, unit: number, point: string): boolean =>
  benchEnds(state, unit).some(
    (end) =>
      point.startsWith(`${end}.`) &&
      housingAt(state, unit, end)?.cavities.some(({ id }) => id === point.slice(end.length + 1)),
  )

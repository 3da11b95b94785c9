import { termKey, unitAndId } from '../plan/keys'
import { planIndex } from '../plan/plan'
import { type JobState, termState } from '../state/state'

/** Wires along which the bundle must be opened before they are drawn, each at the first end at which it stands or will. */
export function lacingsToOpen(state: JobState, unit: number, end: string): readonly string[] {
  if (state.lacings.size === 0) return []
  const { byKey } = planIndex(state.plan)
  return [...state.lacings].flatMap(([key, now]) => {
    const { unit: of, id: wire } = unitAndId(key)
    if (now !== 'to-open' || of !== unit) return []
    const at = (['a', 'b'] as const).flatMap((side) => {
      const planned = byKey.get(termKey(unit, wire, side))?.at
      return termState(state, termKey(unit, wire, side)).seat?.end ?? (planned?.kind === 'cavity' ? planned.end : [])
    })
    return (at[0] ?? state.plan.ends[0]?.id) === end ? [wire] : []
  })
}

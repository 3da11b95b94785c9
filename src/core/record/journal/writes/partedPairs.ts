import type { Facts } from '../../plan/facts'
import { unitAndId } from '../../plan/keys'
import { matedPair } from '../../plan/matedPair'
import { type Plan, mateOf } from '../../plan/plan'
import type { JobState } from '../../state/state'

/** What was compared when two halves were put together: their fit, and cavity by cavity what each wire is. */
function compared(plan: Plan, facts: Facts, end: string): string {
  const mate = mateOf(plan, end)
  if (mate === undefined) return ''
  const { faults, cavities } = matedPair(plan, facts, end, mate)
  return JSON.stringify([mate, faults, cavities.map(({ a, b }) => [a?.colour, a?.signal, b?.colour, b?.signal])])
}

/**
 * Ends that were checked against their other half and would compare otherwise under another plan: another colour, signal, half
 * or keying. The check is made again there.
 * @returns keys of ends, one for each unit
 */
export function partedPairs(state: JobState, after: Plan, facts: Facts): readonly string[] {
  const differs = new Map<string, boolean>()
  return [...state.ends].flatMap(([key, now]) => {
    if (!now.mated) return []
    const end = unitAndId(key).id
    const known = differs.get(end) ?? compared(state.plan, state.facts, end) !== compared(after, facts, end)
    differs.set(end, known)
    return known ? [key] : []
  })
}

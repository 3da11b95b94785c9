import { wireKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { isHome } from '../../standing/home'
import type { JobState } from '../../state/state'
import { subject } from '../../state/subject'
import type { Refusal } from '../entryKind'

export const netSubjects = (unit: number, wire: string) => ({
  writes: [subject.net(wireKey(unit, wire))],
  reads: [subject.wire(wire), subject.term(`${unit}/${wire}/a`), subject.term(`${unit}/${wire}/b`)],
})

export function notReady(state: JobState, unit: number, wire: string): Refusal | undefined {
  const { wires, byKey } = planIndex(state.plan)
  if (!wires.has(wire) || unit > state.plan.quantity) return { kind: 'unknown', what: 'wire', id: wire }
  const loose = (['a', 'b'] as const)
    .map((side) => `${unit}/${wire}/${side}`)
    .filter((key) => byKey.has(key) && !isHome(state, key))
  return loose.length > 0 ? { kind: 'not-yet', what: 'seated', left: loose.length } : undefined
}

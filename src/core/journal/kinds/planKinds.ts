import { mergeFacts, planNames } from '../../job/facts'
import { changePlan, planFaults, planIndex, setKey, type PlanChange, type SideLetter } from '../../job/plan'
import { subject, type EntryKind, type Refusal } from '../entryKind'
import type { JobState } from '../state'

const changedWires = (change: PlanChange): string[] => [...(change.putWires ?? []).map((wire) => wire.id), ...(change.removeWires ?? [])]
const changedEnds = (change: PlanChange): string[] => [...(change.putEnds ?? []).map((end) => end.id), ...(change.removeEnds ?? [])]

/** Has anything been done on this wire, at either side, in any unit? */
function wireHasWork(state: JobState, wireId: string): boolean {
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    const a = state.terms.get(`${unit}/${wireId}/a`)
    const b = state.terms.get(`${unit}/${wireId}/b`)
    if (state.cuts.has(`${unit}/${wireId}`) || a?.stripped || b?.stripped || a?.crimp || b?.crimp) return true
  }
  return false
}

export const planChanged: EntryKind<'plan-changed'> = {
  kind: 'plan-changed',
  subjects: ({ change }) => ({
    writes: [subject.plan, ...changedWires(change).map(subject.wire), ...changedEnds(change).map(subject.end)],
  }),
  refuse: (state, { change, facts }): Refusal | undefined => {
    const known = planIndex(state.plan)
    const worked = changedWires(change).find((id) => known.wires.has(id) && wireHasWork(state, id))
    if (worked !== undefined) return { code: 'plan-fault', fault: 'wire-has-work', detail: { wire: worked } }
    const all = mergeFacts(state.facts, facts)
    const [fault] = planFaults(changePlan(state.plan, change), planNames(all))
    return fault && { code: 'plan-fault', fault: fault.code, detail: { ...fault } }
  },
  apply: (draft, { change, facts }) => {
    const { state } = draft
    draft.set('plan', changePlan(state.plan, change))
    state.facts = mergeFacts(state.facts, facts)
    // a changed wire may need another contact: Kit chooses again
    for (const wire of changedWires(change)) {
      for (const side of ['a', 'b'] as const) if (state.sets.has(setKey(wire, side))) draft.put(state.sets, setKey(wire, side), undefined)
    }
  },
  about: ({ change }) => {
    const wires = changedWires(change)
    return wires.length === 1 ? (wires[0] ?? '') : wires.length > 1 ? `${wires.length} wires` : (change.meta?.title ?? 'plan')
  },
}

const isWorked = (state: JobState, wire: string, side: SideLetter) =>
  Array.from({ length: state.plan.quantity }, (_, i) => state.terms.get(`${i + 1}/${wire}/${side}`)).some((term) => term?.stripped ?? term?.crimp)

export const setsChosen: EntryKind<'sets-chosen'> = {
  kind: 'sets-chosen',
  subjects: ({ choices }) => ({
    writes: choices.map(({ wire, side }) => subject.set(wire, side)),
    reads: choices.map(({ wire }) => subject.wire(wire)),
  }),
  refuse: (state, { choices, facts }) => {
    const { wires } = planIndex(state.plan)
    const all = mergeFacts(state.facts, facts)
    for (const { wire, side, set } of choices) {
      if (!wires.has(wire)) return { code: 'unknown', what: 'wire', id: wire }
      if (isWorked(state, wire, side)) return { code: 'already', what: 'stripped' }
      if (!set) continue
      const pinned = Object.hasOwn(all.contacts, set.contact) && Object.hasOwn(all.tools, set.setup.tool) && (set.seal === undefined || Object.hasOwn(all.seals, set.seal))
      if (!pinned) return { code: 'set-impossible', wire, side }
    }
    return undefined
  },
  apply: (draft, { choices, facts }) => {
    draft.state.facts = mergeFacts(draft.state.facts, facts)
    for (const { wire, side, set } of choices) draft.put(draft.state.sets, setKey(wire, side), set ?? undefined)
  },
  about: ({ choices }) => (choices.length === 1 ? `${choices[0]?.wire ?? ''}${choices[0]?.side ?? ''}` : `${choices.length} terminations`),
}

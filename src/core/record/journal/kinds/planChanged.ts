import { mergeFacts, planNames } from '../../plan/facts'
import { endKey, setKey, termKey, wireKey } from '../../plan/keys'
import { layoutFaults } from '../../plan/layout'
import { type PlanChange, changePlan, planFaults, planIndex } from '../../plan/plan'
import { type WireFate, disturbsWork, fatesOf, hasBegun } from '../../plan/revision'
import { askedOfWires, saidOfWires } from '../../plan/wiresAnswered'
import { type JobState, endState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { Draft, EntryKind, Refusal } from '../entryKind'
import { giveUpHousing, openLacing, withScrapped } from '../writes/contactWrites'
import { voidWires } from '../writes/proofs'
import { partedPairs } from '../writes/partedPairs'
import { standingIn } from '../writes/standingIn'
import { isWorked } from '../writes/worked'

/** `rework` names the wires whose work this change undoes or moves, and is meant to */
export const planChangedShape = ({ key, text, planChange, facts, z }: EntryFields) => ({
  change: planChange,
  facts,
  why: text.optional(),
  rework: z.array(key).max(20_000).optional(),
  /** wires that are cut and were always so as they stand here now: the plan was wrong, and why */
  corrected: z
    .array(z.strictObject({ wire: key, why: text }))
    .max(20_000)
    .optional(),
  /** wires in the place of which another one is cut, though the plan changes no more than their colour */
  another: z.array(key).max(20_000).optional(),
  /** other house rules hold from here on: what nobody has begun, and no hand has chosen, is chosen again */
  judgeAgain: z.literal(true).optional(),
})

const changedWires = (change: PlanChange): string[] => [
  ...(change.putWires ?? []).map((wire) => wire.id),
  ...(change.removeWires ?? []),
]

const changedEnds = (change: PlanChange): string[] => [
  ...(change.putEnds ?? []).map((end) => end.id),
  ...(change.removeEnds ?? []),
]

/** Ends that lose the housing in which they stand: another one is wanted there, or none. */
const leftHousings = (state: JobState, change: PlanChange): readonly string[] => {
  const { ends } = planIndex(state.plan)
  const other = (change.putEnds ?? [])
    .filter((end) => ends.has(end.id) && ends.get(end.id)?.housing !== end.housing)
    .map((end) => end.id)
  return [...other, ...(change.removeEnds ?? [])]
}

const unitsOf = ({ plan }: JobState): readonly number[] => Array.from({ length: plan.quantity }, (_, i) => i + 1)

/** Carries a wire's fate out on what was done: contacts that go are scrapped, seated ones wait to be taken out. */
function carryOut(draft: Draft, fate: WireFate): void {
  const { state } = draft
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    const cut = wireKey(unit, fate.wire)
    if ((fate.cut === 'new-wire' || fate.cut === 'retire') && state.cuts.has(cut)) draft.put('cuts', cut, undefined)
    for (const side of ['a', 'b'] as const) {
      const key = termKey(unit, fate.wire, side)
      const now = state.terms.get(key)
      if (!now || fate[side] === 'keep' || fate[side] === 'move') continue
      const { stripped, crimp, seat, ...counts } = now
      draft.put('terms', key, {
        ...withScrapped(counts, crimp),
        redone: counts.redone + (fate[side] === 'redo' && stripped ? 1 : 0),
        // a new wire brings its own slack
        usedMm: fate.cut === 'new-wire' ? 0 : counts.usedMm + (stripped?.stripMm ?? 0),
        ...(seat && { seat: { ...seat, home: false } }),
      })
    }
  }
}

export const planChanged: EntryKind<'plan-changed'> = {
  kind: 'plan-changed',
  subjects: ({ change, facts }, state) => ({
    writes: [
      subject.plan,
      ...partedPairs(state, changePlan(state.plan, change), mergeFacts(state.facts, facts)).map(subject.endState),
      ...changedWires(change).map(subject.wire),
      ...changedEnds(change).map(subject.end),
      ...leftHousings(state, change).flatMap((end) =>
        unitsOf(state).flatMap((unit) => [subject.endState(endKey(unit, end)), ...standingIn(state, unit, end)]),
      ),
    ],
  }),
  refuse: (state, { change, facts, rework, corrected, another }): Refusal | undefined => {
    const all = mergeFacts(state.facts, facts)
    const accepted = new Set(rework)
    const said = saidOfWires({ corrected, another })
    const unsaid = askedOfWires(state, change).find(
      ({ wire, what }) =>
        !said.corrected.has(wire) && !said.another.has(wire) && !(what.includes('type') && accepted.has(wire)),
    )
    if (unsaid) return { kind: 'plan-fault', fault: 'wire-always-so', detail: { ...unsaid } }
    const worked = fatesOf(state, change, all, said).find(
      (fate) => !accepted.has(fate.wire) && disturbsWork(state, fate),
    )
    if (worked) return { kind: 'plan-fault', fault: 'wire-has-work', detail: { wire: worked.wire } }
    const old = (change.putEnds ?? []).find((end) =>
      unitsOf(state).some((unit) => state.oldEnds.has(endKey(unit, end.id))),
    )
    if (old) return { kind: 'plan-fault', fault: 'end-twice', detail: { end: old.id } }
    const changed = changePlan(state.plan, change)
    const [astray] = change.layout ? layoutFaults(changed, change.layout) : []
    if (astray) return { kind: 'layout-fault', fault: astray }
    const [fault] = planFaults(changed, planNames(all))
    return fault && { kind: 'plan-fault', fault: fault.kind, detail: { ...fault } }
  },
  apply: (draft, { change, facts, corrected, another, judgeAgain }) => {
    const { state } = draft
    const all = mergeFacts(state.facts, facts)
    const fates = fatesOf(state, change, all, saidOfWires({ corrected, another }))
    for (const fate of fates) carryOut(draft, fate)
    const added = (change.putWires ?? [])
      .map((wire) => wire.id)
      .filter((wire) => !planIndex(state.plan).wires.has(wire))
    const touched = fates.filter((fate) => fate.cut !== 'keep' || fate.a !== 'keep' || fate.b !== 'keep')
    const unproved = new Set([...touched.map((fate) => fate.wire), ...added])
    for (const unit of unitsOf(state)) voidWires(draft, unit, unproved)
    for (const end of leftHousings(state, change))
      for (const unit of unitsOf(state))
        if (state.ends.has(endKey(unit, end)) || standingIn(state, unit, end).length > 0)
          giveUpHousing(draft, unit, end, 'replaced')
    // wires that are drawn in or out of a laced bundle
    const drawn = [
      ...fates.filter((fate) => fate.cut === 'new-wire' || fate.cut === 'retire').map((fate) => fate.wire),
      ...added,
    ]
    if (state.plan.wires.length > 0)
      for (const wire of drawn) for (const unit of unitsOf(state)) openLacing(draft, unit, wire)
    const plan = changePlan(state.plan, change)
    for (const key of partedPairs(state, plan, all)) {
      const { mated: _mated, ...now } = endState(state, key)
      draft.put('ends', key, now)
    }
    draft.set('plan', plan)
    draft.pin(facts)
    // where a set may not suit any more, Kit chooses again
    for (const { wire, chooseAgain } of fates) {
      for (const side of ['a', 'b'] as const)
        if (chooseAgain[side] && state.sets.has(setKey(wire, side)) && !isWorked(state, wire, side))
          draft.put('sets', setKey(wire, side), undefined)
    }
    if (judgeAgain)
      for (const [key, set] of [...state.sets])
        if (!set.byHand && !hasBegun(state, key)) draft.put('sets', key, undefined)
    for (const wire of change.removeWires ?? [])
      for (const side of ['a', 'b'] as const)
        if (state.sets.has(setKey(wire, side))) draft.put('sets', setKey(wire, side), undefined)
  },
  about: ({ change }) => {
    const wires = changedWires(change)
    return wires.length === 1
      ? (wires[0] ?? '')
      : wires.length > 1
        ? `${wires.length} wires`
        : (change.meta?.title ?? 'plan')
  },
}

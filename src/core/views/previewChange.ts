import type { Catalogue } from '../parts/catalogue/catalogue'
import type { Refusal } from '../record/journal/entryKind'
import { foldEntry } from '../record/journal/fold'
import { foldFrom } from '../record/journal/folded'
import { snapshot, type JobState } from '../record/state/state'
import { fail, ok, type Result } from '../base/result'
import { outOfReach, type OutOfReach } from '../work/rework/reach'
import { mergeFacts } from '../record/plan/facts'
import { planChangeEntries } from '../work/kit/firstEntries'
import { kitList, type KitLine } from '../work/kit/kitList'
import type { PlanChange } from '../record/plan/plan'
import { withoutSet } from './queue'
import { revisionCost, type RevisionCost } from '../record/plan/revisionCost'
import { askedOfWires, saidOfWires, type AskedOfWire, type WiresAnswered } from '../record/plan/wiresAnswered'
import { refusalOf } from '../work/left/refusalOf'

export interface KitDifference {
  readonly part: string
  readonly name: string
  readonly unit: KitLine['unit']
  /** above 0: so much more is needed; below 0: so much is freed */
  readonly by: number
}

/** What a plan change would do, before it is applied. */
export interface ChangePreview {
  readonly cost: RevisionCost
  readonly kit: readonly KitDifference[]
  /** sides that would lose their workable set, as keys of terminations */
  readonly withoutSet: readonly string[]
  /** wires that would be led to an end which they do not reach */
  readonly outOfReach: readonly OutOfReach[]
  /** wires that are cut and change: were they always so, or are they other wires? */
  readonly asks: readonly AskedOfWire[]
}

const isAnswered = ({ corrected = [], another = [] }: WiresAnswered, wire: string) =>
  corrected.some((one) => one.wire === wire) || another.includes(wire)

/** Works a change out on a copy of the job: nothing is written. */
export function previewChange(
  catalogue: Catalogue,
  state: JobState,
  change: PlanChange,
  today: string,
  answered: WiresAnswered = {},
): Result<ChangePreview, Refusal> {
  const copy = foldFrom(snapshot(state))
  let count = 0
  const newId = () => `preview-${String(++count)}`
  const [first] = planChangeEntries(catalogue, state, change, today, newId)
  const facts = first?.kind === 'plan-changed' ? mergeFacts(state.facts, first.facts) : state.facts
  const asks = askedOfWires(state, change)
  // until its author has said otherwise, a wire is shown as it would be cut anew
  const open = asks.map(({ wire }) => wire).filter((wire) => !isAnswered(answered, wire))
  const taken = open.length === 0 ? answered : { ...answered, another: [...(answered.another ?? []), ...open] }
  const cost = revisionCost(state, change, facts, saidOfWires(taken))
  for (const entry of planChangeEntries(catalogue, state, change, today, newId, cost.disturbed, taken)) {
    const whole = { ...entry, seq: copy.state.seq + 1, at: `${today}T00:00:00.000Z`, by: 'preview' }
    const refusal = refusalOf(copy, whole, whole)
    if (refusal) return fail(refusal)
    foldEntry(copy, whole)
  }
  const before = new Set(withoutSet(state).map((termination) => termination.key))
  return ok({
    cost,
    kit: kitDifference(kitList(state), kitList(copy.state)),
    withoutSet: withoutSet(copy.state)
      .map((termination) => termination.key)
      .filter((one) => !before.has(one)),
    outOfReach: outOfReach(state.plan, change),
    asks,
  })
}

function kitDifference(before: readonly KitLine[], after: readonly KitLine[]): readonly KitDifference[] {
  const needed = new Map(before.map((line) => [line.part, line]))
  const needs = new Map(after.map((line) => [line.part, line]))
  return [...new Set([...needed.keys(), ...needs.keys()])].flatMap((part): KitDifference[] => {
    const line = needs.get(part) ?? needed.get(part)
    const by = (needs.get(part)?.need ?? 0) - (needed.get(part)?.need ?? 0)
    return line && by !== 0 ? [{ part, name: line.name, unit: line.unit, by }] : []
  })
}

import type { RepairPlan } from '@/core/work/rework/repairPlan'
import { setupIdLabel } from '@/core/craft/setup/setup'
import { mm, plural } from '@/words/figures'
import { repairOfferWords, repairStepWords } from '@/words/rework'

/** A repair from its first step to its last, what it uses up, and what it offers where the wire does not bear it. */
export function RepairSteps({
  plan,
  quantity,
  offer,
}: {
  readonly plan: RepairPlan
  readonly quantity: number
  /** what is taken instead, where the wire has become too short */ readonly offer?:
    ((offer: RepairPlan['offers'][number]) => void) | undefined
}) {
  return (
    <>
      {offer &&
        plan.offers.map((one) => (
          <button key={one} type="button" className="act-button" onClick={() => offer(one)}>
            <span>{repairOfferWords[one]}…</span>
          </button>
        ))}
      <ol className="move-steps">
        {plan.steps.map((step) => (
          <li key={repairStepWords(step, quantity)}>{repairStepWords(step, quantity)}</li>
        ))}
      </ol>
      <p className="small">
        Lost: {[...plan.parts].map(([part, count]) => `${count} × ${part}`).join(', ') || 'no parts'},{' '}
        {mm(plan.lostMm, 0)} of wire.
      </p>
      {plan.firstPieces.length > 0 && (
        <p className="small dim">
          {plural(plan.firstPieces.length, 'first piece')} to pull: {plan.firstPieces.map(setupIdLabel).join('; ')}.
        </p>
      )}
    </>
  )
}

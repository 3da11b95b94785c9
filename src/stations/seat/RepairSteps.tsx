import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button } from '@mantine/core'
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
          <Button key={one} onClick={() => offer(one)}>
            <span>{repairOfferWords[one]}…</span>
          </Button>
        ))}
      <ol className={paneCss.moveSteps}>
        {plan.steps.map((step) => (
          <li key={repairStepWords(step, quantity)}>{repairStepWords(step, quantity)}</li>
        ))}
      </ol>
      <p className={textCss.small}>
        Lost: {[...plan.parts].map(([part, count]) => `${count} × ${part}`).join(', ') || 'no parts'},{' '}
        {mm(plan.lostMm, 0)} of wire.
      </p>
      {plan.firstPieces.length > 0 && (
        <p className={clsx(textCss.small, textCss.dim)}>
          {plural(plan.firstPieces.length, 'first piece')} to pull: {plan.firstPieces.map(setupIdLabel).join('; ')}.
        </p>
      )}
    </>
  )
}

import { repairStepsWords as words } from '@/words/screens/seat/repairSteps'
import { Button } from '@mantine/core'
import type { RepairPlan } from '@/core/work/rework/repairPlan'
import { setupIdLabel } from '@/core/craft/setup/setup'
import { repairOfferWords, repairStepWords } from '@/words/rework'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

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
        {words.lostOfWire(
          [...plan.parts].map(([part, count]) => `${count} × ${part}`).join(', ') || words.noParts,
          plan.lostMm,
        )}
      </p>
      {plan.firstPieces.length > 0 && (
        <p className={clsx(textCss.small, textCss.dim)}>
          {words.toPull(plan.firstPieces.length, plan.firstPieces.map(setupIdLabel).join('; '))}
        </p>
      )}
    </>
  )
}

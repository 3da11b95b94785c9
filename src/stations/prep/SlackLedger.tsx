import { slackLedgerWords as words } from '@/words/screens/prep/slackLedger'
import { Button } from '@mantine/core'
import { slackOf } from '@/core/record/standing/slack'
import type { Termination } from '@/core/record/plan/plan'
import { termState } from '@/core/record/state/state'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { wireKey } from '@/core/record/plan/keys'
import clsx from 'clsx'
import cardCss from '@/ui/card/card.module.css'
import textCss from '@/ui/text/text.module.css'

/** What is left of a wire for second tries, and the way out when nothing is. */
export function SlackLedger({ termination: { unit, wire, side } }: { readonly termination: Termination }) {
  const { state, append } = useJob()
  const busy = useBusy()
  const slack = slackOf(state, unit, wire, side)
  if (!slack) return null
  const isCut = state.cuts.has(wireKey(unit, wire.id))
  const seated = (['a', 'b'] as const).some((one) => termState(state, `${String(unit)}/${wire.id}/${one}`).seat)
  const lost = state.wiresLost.get(wireKey(unit, wire.id))
  return (
    <section aria-label={words.slack} className={cardCss.slack}>
      <p className={slack.triesLeft === 0 ? textCss.attend : undefined}>
        <b>{slack.triesLeft === 0 ? words.noSecondTry : words.left(slack.triesLeft)}</b>
        {words.ofSlackEachCosts(slack.leftMm, slack.tryMm)}
      </p>
      <p className={clsx(textCss.small, textCss.dim)}>
        {words.cutNeeded(slack.cutMm, slack.neededMm)}
        {slack.usedHereMm > 0 && words.usedHere(slack.usedHereMm)}
        {slack.usedThereMm > 0 && words.atOtherEnd(slack.usedThereMm)}.{lost && words.lostBefore(lost.count)}
      </p>
      {isCut && slack.triesLeft === 0 && !seated && (
        <Button
          disabled={busy}
          onClick={() =>
            void append({ kind: 'wire-scrapped', unit, wire: wire.id, why: words.noSlackForAnother(side) })
          }
        >
          <span>{words.tooShortScrapIt}</span>
        </Button>
      )}
    </section>
  )
}

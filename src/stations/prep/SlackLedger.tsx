import clsx from 'clsx'
import cardCss from '@/ui/card/card.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button } from '@mantine/core'
import { slackOf } from '@/core/record/standing/slack'
import type { Termination } from '@/core/record/plan/plan'
import { termState } from '@/core/record/state/state'
import { useJob } from '@/ui/job/JobProvider'
import { mm, plural } from '@/words/figures'
import { wireKey } from '@/core/record/plan/keys'

/** What is left of a wire for second tries, and the way out when nothing is. */
export function SlackLedger({ termination: { unit, wire, side } }: { readonly termination: Termination }) {
  const { state, append, busy } = useJob()
  const slack = slackOf(state, unit, wire, side)
  if (!slack) return null
  const isCut = state.cuts.has(wireKey(unit, wire.id))
  const seated = (['a', 'b'] as const).some((one) => termState(state, `${String(unit)}/${wire.id}/${one}`).seat)
  const lost = state.wiresLost.get(wireKey(unit, wire.id))
  return (
    <section aria-label="Slack" className={cardCss.slack}>
      <p className={slack.triesLeft === 0 ? textCss.attend : undefined}>
        <b>{slack.triesLeft === 0 ? '◆ No second try' : `${plural(slack.triesLeft, 'try', 'tries')} left`}</b>:{' '}
        {mm(slack.leftMm, 0)} of slack, each costs {mm(slack.tryMm, 0)} here.
      </p>
      <p className={clsx(textCss.small, textCss.dim)}>
        Cut {mm(slack.cutMm, 0)}, needed {mm(slack.neededMm, 0)}
        {slack.usedHereMm > 0 && `, used here ${mm(slack.usedHereMm, 1)}`}
        {slack.usedThereMm > 0 && `, at the other end ${mm(slack.usedThereMm, 1)}`}.
        {lost && ` ${plural(lost.count, 'wire')} lost before.`}
      </p>
      {isCut && slack.triesLeft === 0 && !seated && (
        <Button
          disabled={busy}
          onClick={() =>
            void append({ kind: 'wire-scrapped', unit, wire: wire.id, why: `no slack for another try at ${side}` })
          }
        >
          <span>Too short: scrap it, cut a new one</span>
        </Button>
      )}
    </section>
  )
}

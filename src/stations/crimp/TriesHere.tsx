import clsx from 'clsx'
import type { Termination } from '@/core/record/plan/plan'
import { slackOf } from '@/core/record/standing/slack'
import { termState } from '@/core/record/state/state'
import { useJob } from '@/ui/job/JobProvider'
import textCss from '@/ui/text/text.module.css'
import { mm } from '@/words/figures'
import { looksWords as words } from '@/words/screens/crimp/looks'

/** What was tried at a termination before, and how many tries its slack still holds. */
export function TriesHere({ termination: { key, unit, wire, side } }: { readonly termination: Termination }) {
  const { state } = useJob()
  const tries = termState(state, key)
  const slack = slackOf(state, unit, wire, side)
  return (
    <>
      {(tries.scrapped > 0 || tries.redone > 0) && (
        <p className={clsx(textCss.small, textCss.dim)}>
          {words.hereBeforeScrappedRedone(tries.scrapped, tries.redone)}{' '}
          <b className={textCss.mono}>{mm(tries.usedMm, 1)}</b> {words.ofWireUsedUp}
        </p>
      )}
      {slack && (
        <p className={clsx(textCss.small, slack.triesLeft === 0 ? textCss.attend : textCss.dim)}>
          {slack.triesLeft === 0 ? words.noSlackForSecond : words.left(slack.triesLeft)}:{' '}
          <b className={textCss.mono}>{mm(slack.leftMm, 0)}</b>
          {words.eachCosts} <b className={textCss.mono}>{mm(slack.tryMm, 0)}</b>.
        </p>
      )}
    </>
  )
}

'use client'

import { wholeJobWords as words } from '@/words/screens/kit/wholeJob'
import { useAction } from '@/ui/action/useAction'
import { Button, Kbd } from '@mantine/core'
import { setupId } from '@/core/craft/setup/setup'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { chooseMany } from './actions'
import type { KitProblems } from './kitData'
import { choiceChanges } from '@/core/work/kit/choiceChanges'
import { Figure, GoalReadout, GoalRun } from './GoalReadout'
import { KitGroups } from './KitGroups'
import { useWholeJob } from './useWholeJob'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import { SHELF_UNANSWERED } from '@/words/unanswered'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import readoutCss from '@/ui/readout/readout.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'

const readKitProblems = withFields<KitProblems>('problem', 'names')

/** The sets of the whole job at once: fewest setups, then fewest part numbers, then least price; what was chosen by hand stays. */
export function WholeJob({ close }: { readonly close: () => void }) {
  const { id, state } = useJob()
  const { busy, write } = useAction()
  const { value: problems, failed } = useFetched(`/jobs/${encodeURIComponent(id)}/kit/problem`, readKitProblems, {
    version: state.seq,
  })
  const { reply, running, start, stop } = useWholeJob(problems)
  const chosen = reply?.kind === 'choice' && problems ? reply.choice : undefined
  const changes = chosen && problems ? choiceChanges(problems.problem, chosen, state.sets) : []
  const apply = async () => {
    if (changes.length === 0) return
    await write((asking) => chooseMany({ ...asking, choices: [...changes] }), words.chosenFor(changes.length))
  }
  useKeys([
    {
      key: 'Escape',
      words: running ? words.stopWorkingItOut : words.backToTerminations,
      run: () => (running ? stop() : close()),
    },
    {
      key: ' ',
      words: chosen ? words.useThisChoice : words.workWholeJobOut,
      run: () => (chosen ? void apply() : start()),
    },
  ])
  const now = new Set([...state.sets.values()].map((set) => setupId(set.setup)))
  return (
    <>
      <div className={paneCss.work} tabIndex={0} role="region" aria-label={words.wholeJob}>
        <dl className={readoutCss.readouts}>
          <Figure label={words.setupsNow} value={String(now.size)} />
          {(['setups', 'parts', 'price'] as const).map((goal) => (
            <GoalReadout
              key={goal}
              goal={goal}
              result={chosen?.goals.find((one) => one.goal === goal)}
              running={reply?.kind === 'progress' && reply.goal === goal ? reply : undefined}
            />
          ))}
        </dl>
        {failed && <p className={clsx(noteCss.note, noteCss.fault)}>▲ {SHELF_UNANSWERED}</p>}
        {reply?.kind === 'failed' && (
          <p className={clsx(noteCss.note, noteCss.fault)}>{words.itCouldNotBe(reply.why)}</p>
        )}
        {problems && <KitGroups problems={problems} chosen={chosen} />}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.wholeJobsChoice}>
        <h2 className={textCss.cardTitle}>
          {chosen
            ? changes.length === 0
              ? words.nothingCouldBeBetter
              : words.wouldChange(changes.length)
            : running
              ? words.workingItOut
              : words.chooseForWholeJob}
        </h2>
        <p>{words.fewestSetupChangesFirst}</p>
        {reply?.kind === 'progress' && <GoalRun reply={reply} />}
        {!chosen && !running && (
          <Button variant="filled" disabled={!problems} onClick={start}>
            <span>{words.workItOut}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        )}
        {running && (
          <Button onClick={stop}>
            <span>{words.stop}</span> <Kbd aria-hidden="true">Esc</Kbd>
          </Button>
        )}
        {chosen && (
          <Button variant="filled" disabled={changes.length === 0 || busy} onClick={() => void apply()}>
            <span>{words.useThisChoice}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        )}
        {reply?.kind === 'choice' && reply.byHandCosts && (
          <p className={clsx(noteCss.note, noteCss.attend)}>
            <b>{words.byHandCosts}</b>{' '}
            {words.andInPartsMore(reply.byHandCosts.setups, reply.byHandCosts.parts, reply.byHandCosts.price)}
          </p>
        )}
        {chosen && chosen.unpriced > 0 && (
          <p className={clsx(textCss.small, textCss.dim)}>{words.withPartsThatHave(chosen.unpriced)}</p>
        )}
        <Button onClick={close}>
          <span>{words.backToTerminations}</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
        <p className={paneCss.sources}>{words.estimatePlainToolFold}</p>
      </aside>
    </>
  )
}

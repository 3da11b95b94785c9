import { lacingCardWords as words } from '@/words/screens/seat/lacingCard'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import { Button } from '@mantine/core'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { useWrite, type TaskOf } from './useWrite'

/** The bundle is opened along a wire before it is drawn out or in; it is laced again before Close. */
export function LacingCard({ task, done }: { readonly task: TaskOf<'open-lacing'>; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const move = (to: 'open' | 'none') => write({ kind: 'lacing-moved', unit: task.unit, wire: task.wire, to })
  const lines: CheckLine[] = [
    { id: 'seen', words: words.seeWhereItRuns, seen: words.iSeeIt },
    {
      id: 'cut',
      words: words.cutTiesAndLacing,
      hint: words.neverPullWireThrough,
      seen: words.itLiesFree,
    },
  ]
  const checks = useChecks(`${task.unit}/${task.wire} lacing`, lines, state.lacings.get(`${task.unit}/${task.wire}`))
  return (
    <>
      <h2 className={textCss.cardTitle}>
        {words.openLacingAlong} <span className={textCss.mono}>{task.wire}</span>
      </h2>
      <CheckList lines={lines} checks={checks} main={words.lacingIsOpen} busy={busy} onMain={() => move('open')} />
      <Button disabled={busy} onClick={() => move('none')}>
        <span>{words.thereIsNoLacing}</span>
      </Button>
      <p className={clsx(textCss.small, textCss.dim)}>{words.itStandsAtClose}</p>
    </>
  )
}

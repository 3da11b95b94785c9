import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { endTasks } from '@/core/work/seat/endTasks'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { endPiece } from '@/ui/job/endPiece'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import textCss from '@/ui/text/text.module.css'
import { plugWords as words } from '@/words/screens/seat/plug'
import { type TaskOf, useWrite } from './useWrite'

/** The holes of an end that nothing goes into: all that are left at once, each written down by itself; or this one alone. */
export function Plug({ task, done }: { readonly task: TaskOf<'plug'>; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const [alone, setAlone] = useState(false)
  const { unit, end, part } = task
  const left = endTasks(state, unit, end).filter(
    (one): one is TaskOf<'plug'> => one.kind === 'plug' && !one.done && one.part === part,
  )
  const all = !alone && left.length > 1 ? left : [task]
  const several = all.length > 1
  const lines: CheckLine[] = [
    {
      id: 'in',
      words: (
        <>
          {several ? words.plugs(all.length) : words.plug} <b className={textCss.mono}>{part}</b>
          {several ? words.eachFlush : words.headFlushWithSeal}
        </>
      ),
      seen: several ? words.theyAreIn : words.itIsIn,
    },
  ]
  const checks = useChecks(`${unit}/${end}.${several ? 'all' : task.cavity} ${part}`, lines, [
    all.map(({ cavity }) => cavity),
    endPiece(state, unit, end),
  ])
  const onlyThis = () => setAlone(true)
  useKeys(several ? [{ key: 'q', words: words.onlyThis(task.cavity), run: onlyThis }] : [])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : undefined)}>
        {task.done ? words.isPlugged(end, task.cavity) : several ? words.unusedPlugAll(all.length) : words.unusedPlugIt}
      </h2>
      {several && <p className={clsx(textCss.mono, textCss.sentence)}>{all.map(({ cavity }) => cavity).join(' ')}</p>}
      <p>{words.openHoleLetsWater(state.facts.parts[part]?.name ?? part)}</p>
      {!task.done && (
        <CheckList
          lines={lines}
          checks={checks}
          main={several ? words.allPlugged(all.length) : words.plugged}
          busy={busy}
          onMain={() => write(...all.map(({ cavity }) => ({ kind: 'plugged' as const, unit, end, cavity, part })))}
        />
      )}
      {several && (
        <Button onClick={onlyThis}>
          <span>{words.onlyThis(task.cavity)}</span> <Kbd aria-hidden="true">Q</Kbd>
        </Button>
      )}
    </>
  )
}

import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import { Button } from '@mantine/core'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useWrite, type TaskOf } from './useWrite'

/** The bundle is opened along a wire before it is drawn out or in; it is laced again before Close. */
export function LacingCard({ task, done }: { readonly task: TaskOf<'open-lacing'>; readonly done: () => void }) {
  const { busy, write } = useWrite(done)
  const move = (to: 'open' | 'none') => write({ kind: 'lacing-moved', unit: task.unit, wire: task.wire, to })
  const lines: CheckLine[] = [
    { id: 'seen', words: 'See where it runs, and what is tied to it', seen: 'I see it' },
    {
      id: 'cut',
      words: 'Cut ties and lacing only, the blade away from the wires',
      hint: 'never pull a wire through a tight tie',
      seen: 'It lies free',
    },
  ]
  const checks = useChecks(`${task.unit}/${task.wire} lacing`, lines)
  return (
    <>
      <h2 className={textCss.cardTitle}>
        Open the lacing along <span className={textCss.mono}>{task.wire}</span>
      </h2>
      <CheckList lines={lines} checks={checks} main="The lacing is open" busy={busy} onMain={() => move('open')} />
      <Button disabled={busy} onClick={() => move('none')}>
        <span>There is no lacing along it</span>
      </Button>
      <p className={clsx(textCss.small, textCss.dim)}>It stands at Close until it is laced again.</p>
    </>
  )
}

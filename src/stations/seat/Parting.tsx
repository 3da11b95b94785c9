import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import { endPiece } from '@/ui/job/endPiece'
import { useJob } from '@/ui/job/JobProvider'
import textCss from '@/ui/text/text.module.css'
import { mateCardWords as words } from '@/words/screens/seat/mateCard'
import { type TaskOf, useWrite } from './useWrite'

/** How two halves that are together are parted. */
export function Parting({ task, seal }: { readonly task: TaskOf<'mate'>; readonly seal: boolean }) {
  const { state } = useJob()
  const { unit, end } = task
  const { busy, write } = useWrite(() => undefined)
  const lines: CheckLine[] = [
    { id: 'isolated', words: words.isolated, seen: words.noSupply },
    { id: 'latch', words: words.letGo, seen: words.itIsLoose },
    { id: 'apart', words: words.byTheHalves, hint: words.noForce, seen: words.theyAreApart },
    ...(seal ? [{ id: 'seal', words: words.sealStays, seen: words.itIsOn }] : []),
  ]
  const checks = useChecks(`${unit}/${end}|${task.with}`, lines, endPiece(state, unit, end))
  return (
    <>
      <h3 className={textCss.cardTitle}>{words.partThem(end, task.with)}</h3>
      <p>{words.bothAgain}</p>
      <CheckList
        lines={lines}
        checks={checks}
        main={words.pairIsApart}
        busy={busy}
        onMain={() => write({ kind: 'pair-parted', unit, a: end, b: task.with, checked: lines.map(({ id }) => id) })}
      />
    </>
  )
}

'use client'
import { endPartsWords as words } from '@/words/screens/seat/endParts'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { endPiece } from '@/ui/job/endPiece'
import { useJob } from '@/ui/job/JobProvider'
import { useWrite, type TaskOf } from './useWrite'

export function Unplug({ task, done }: { readonly task: TaskOf<'unplug'>; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const lines: CheckLine[] = [
    {
      id: 'out',
      words: (
        <>
          {words.plug} <b className={textCss.mono}>{task.part}</b> {words.outSealWhole}
        </>
      ),
      seen: words.itIsOut,
    },
  ]
  const checks = useChecks(
    `${task.unit}/${task.end}.${task.cavity} unplug`,
    lines,
    endPiece(state, task.unit, task.end),
  )
  return (
    <>
      <h2 className={textCss.cardTitle}>{words.wireGoesHereNow}</h2>
      <p>{state.facts.parts[task.part]?.name ?? task.part}.</p>
      <CheckList
        lines={lines}
        checks={checks}
        main={words.plugIsOut}
        busy={busy}
        onMain={() => write({ kind: 'unplugged', unit: task.unit, end: task.end, cavity: task.cavity })}
      />
    </>
  )
}

export function FitPart({ task, done }: { readonly task: TaskOf<'fit-part'>; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const line: CheckLine = task.over
    ? {
        id: 'over',
        words: (
          <>
            {words.cover} <b className={textCss.mono}>{task.part}</b> {words.overAllWiresOf}
          </>
        ),
        hint: words.seeOnMakersSheet,
        seen: words.itIsOverWires,
      }
    : {
        id: 'on',
        words: (
          <>
            {words.seal} <b className={textCss.mono}>{task.part}</b> {words.onNotTwistedAll}
          </>
        ),
        seen: words.itLiesInIts,
      }
  const lines = [line]
  const checks = useChecks(`${task.unit}/${task.end} ${task.part}`, lines, endPiece(state, task.unit, task.end))
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : undefined)}>
        {task.over ? words.newCoverFirst : task.done ? words.interfaceSealIsOn : words.fitInterfaceSeal}
      </h2>
      <p>
        {state.facts.parts[task.part]?.name ?? task.part}.{' '}
        {task.over ? words.itSlidesOverWires : words.easilyLostAndPair}
      </p>
      {!task.done && (
        <CheckList
          lines={lines}
          checks={checks}
          main={words.fitted}
          busy={busy}
          onMain={() => write({ kind: 'part-fitted', unit: task.unit, end: task.end, part: task.part })}
        />
      )}
    </>
  )
}

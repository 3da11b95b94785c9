'use client'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
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
          Plug <b className={textCss.mono}>{task.part}</b> out, the seal whole
        </>
      ),
      seen: 'It is out',
    },
  ]
  const checks = useChecks(`${task.end}.${task.cavity} unplug`, lines)
  return (
    <>
      <h2 className={textCss.cardTitle}>A wire goes here now: take the plug out</h2>
      <p>{state.facts.parts[task.part]?.name ?? task.part}.</p>
      <CheckList
        lines={lines}
        checks={checks}
        main="Plug is out"
        busy={busy}
        onMain={() => write({ kind: 'unplugged', unit: task.unit, end: task.end, cavity: task.cavity })}
      />
    </>
  )
}

export function Plug({ task, done }: { readonly task: TaskOf<'plug'>; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const lines: CheckLine[] = [
    {
      id: 'in',
      words: (
        <>
          Plug <b className={textCss.mono}>{task.part}</b>, head flush with the seal
        </>
      ),
      seen: 'It is in',
    },
  ]
  const checks = useChecks(`${task.end}.${task.cavity}`, lines)
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : undefined)}>
        {task.done ? `✓ ${task.end}.${task.cavity} is plugged` : 'Unused: plug it'}
      </h2>
      <p>{state.facts.parts[task.part]?.name ?? task.part}. An open hole lets water in.</p>
      {!task.done && (
        <CheckList
          lines={lines}
          checks={checks}
          main="Plugged"
          busy={busy}
          onMain={() =>
            write({ kind: 'plugged', unit: task.unit, end: task.end, cavity: task.cavity, part: task.part })
          }
        />
      )}
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
            Cover <b className={textCss.mono}>{task.part}</b> over all wires of this end, its open side to the housing
          </>
        ),
        hint: 'see on the maker’s sheet that crimped contacts pass through it; else cut them off',
        seen: 'It is over the wires',
      }
    : {
        id: 'on',
        words: (
          <>
            Seal <b className={textCss.mono}>{task.part}</b> on, not twisted, all round in its groove
          </>
        ),
        seen: 'It lies in its groove',
      }
  const lines = [line]
  const checks = useChecks(`${task.unit}/${task.end} ${task.part}`, lines)
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : undefined)}>
        {task.over ? 'The new cover first' : task.done ? '✓ The interface seal is on' : 'Fit the interface seal'}
      </h2>
      <p>
        {state.facts.parts[task.part]?.name ?? task.part}.{' '}
        {task.over
          ? 'It slides over the wires: no contact goes in before it.'
          : 'Easily lost, and the pair leaks without it.'}
      </p>
      {!task.done && (
        <CheckList
          lines={lines}
          checks={checks}
          main="Fitted"
          busy={busy}
          onMain={() => write({ kind: 'part-fitted', unit: task.unit, end: task.end, part: task.part })}
        />
      )}
    </>
  )
}

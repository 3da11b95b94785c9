'use client'
import { TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { proofs } from '@/core/parts/catalogue/toolClasses'
import { useCall } from '@/ui/action/useCall'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { DayInput } from '@/ui/form/DayInput'
import { useOperator } from '@/ui/frame/Operator'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { day } from '@/words/figures'
import { verifyPanelWords as words } from '@/words/screens/crib/toolForm'
import { overdueWords } from '@/words/tools'
import { proofLineWords, proofWords } from '@/words/toolProof'
import { verifyTool } from './actions'
import type { VerifyModel } from './cribModel'
import styles from './VerifyPanel.module.css'

/** A tool is proved today by the routine of its class; what was before stays in its history. */
export function VerifyPanel({ id, model }: { readonly id: string; readonly model: VerifyModel }) {
  const router = useRouter()
  const { operator } = useOperator()
  const { busy, call } = useCall()
  const { how, gauge, last, history, today, dueAgain, due } = model
  const overdue = due.kind === 'overdue'
  const [seen, setSeen] = useState('')
  const [dueOn, setDueOn] = useState(dueAgain)
  const [message, setMessage] = useState<string>()
  const lines = proofs[how].map((line) => ({ id: line, words: proofLineWords[line] }))
  const checks = useChecks(`verify ${id}`, lines, last)
  const verify = async () => {
    if (!operator) return setMessage(words.who)
    const outcome = await call(
      () => verifyTool({ id, by: operator.id, seen, ...(dueOn !== '' && { dueOn }) }),
      words.notWritten,
    )
    if (!outcome) return
    setMessage(outcome.ok ? undefined : outcome.message)
    if (!outcome.ok) return
    checks.clear()
    setSeen('')
    router.refresh()
  }
  const isDone = last?.doneOn === today
  return (
    <section className={styles.verify} aria-label={words.title}>
      <h2 className={textCss.cardTitle}>
        {words.title} <small className={textCss.dim}>{proofWords[how]}</small>
      </h2>
      <p className={clsx(overdue ? textCss.fault : isDone ? textCss.good : textCss.dim)}>
        {overdue ? '▲ ' : isDone ? '✓ ' : ''}
        {last
          ? `${words.last(day(last.doneOn), last.by)}, ${due.kind === 'overdue' ? overdueWords(due) : words.due(day(last.dueOn))}`
          : words.never}
      </p>
      {how === 'go-no-go' && (
        <p className={gauge ? undefined : clsx(noteCss.note, noteCss.caution)}>
          {gauge ? words.gauge(gauge.name, gauge.id) : words.noGauge}
          {gauge?.selector !== undefined && (
            <>
              {'. '}
              <b>{words.atSelector(gauge.selector)}</b>
            </>
          )}
        </p>
      )}
      <TextInput
        label={words.seen}
        placeholder={words.seenExample}
        value={seen}
        maxLength={120}
        onChange={(event) => setSeen(event.currentTarget.value)}
      />
      <DayInput label={words.dueOn} day={dueOn} onChange={setDueOn} />
      <CheckList lines={lines} checks={checks} main={words.verify} busy={busy} onMain={() => void verify()} />
      {message !== undefined && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          ▲ {message}
        </p>
      )}
      <p className={clsx(textCss.small, textCss.dim)}>{words.fails}</p>
      {history.length > 0 && (
        <>
          <h3 className={textCss.small}>{words.history}</h3>
          <ul className={styles.history}>
            {history.map((one) => (
              <li key={`${one.doneOn} ${one.dueOn}`}>
                {day(one.doneOn)}, {one.by}
                {one.seen !== undefined && <span className={textCss.dim}>: {one.seen}</span>}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

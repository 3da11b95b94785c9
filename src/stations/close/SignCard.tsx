'use client'
import { signCardWords as words } from '@/words/screens/close/signCard'
import { Button, PasswordInput, TextInput } from '@mantine/core'
import { useState } from 'react'
import { progress } from '@/core/views/progress'
import { isClosed } from '@/core/record/state/state'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useOperator } from '@/ui/frame/Operator'
import { useAction } from '@/ui/action/useAction'
import { entryId } from '@/ui/job/journalClient'
import { signJob } from './actions'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { stationWords } from '@/words/steps'
import { closeLeft } from '@/core/work/close/closeTasks'
import { workLeft } from '@/core/work/left/workLeft'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** The signature: what it covers, what is left before it, and how a signed job is reopened. */
export function SignCard({ role }: { readonly role: 'builder' | 'second' }) {
  const { state, append } = useJob()
  const busy = useBusy()
  const { operator } = useOperator()
  const [why, setWhy] = useState('')
  const [pin, setPin] = useState('')
  const action = useAction()
  const closed = isClosed(state)
  const left = workLeft(state)
  const counts = progress(state)
  const ready = left === 0 && state.tray?.allBack === true
  const lines = [
    { id: 'read', words: words.iHaveReadRecord, seen: words.iHaveReadIt },
    { id: 'stand', words: words.whatItSaysIs, seen: words.itIsWhatI },
  ]
  const checks = useChecks(`${role} ${state.seq}`, lines, '')
  const signs = (what: Parameters<typeof signJob>[0]['what']) =>
    action
      .write((asking) => signJob({ ...asking, id: entryId(), pin, what }), undefined, words.nothingSigned)
      // what was typed while the answer came is the next try
      .then(() => setPin((now) => (now === pin ? '' : now)))
  const asksPin = operator?.hasPin && (
    <PasswordInput
      label={words.pinOf(operator.name)}
      value={pin}
      autoComplete="off"
      onChange={(event) => setPin(event.target.value)}
    />
  )
  const countersigned = state.signatures.find((one) => one.role === 'second' && !one.void)
  if (role === 'second' && countersigned)
    return <h2 className={clsx(textCss.cardTitle, textCss.good)}>{words.countersigned}</h2>
  const first = state.signatures.find((one) => one.role === 'builder' && !one.void)
  if (role === 'second' && (!first || first.by === operator?.id))
    return (
      <>
        <h2 className={textCss.cardTitle}>{words.secondSignature}</h2>
        <p className={clsx(noteCss.note, noteCss.attend)}>{first ? words.notTheFirst : words.waitsForBuilder}</p>
      </>
    )
  if (closed && role === 'builder') {
    return (
      <>
        <h2 className={clsx(textCss.cardTitle, textCss.good)}>{words.signedAndClosed}</h2>
        <form
          onSubmit={(event) => {
            event.preventDefault()
            const said = why.trim()
            if (said === '' || action.busy) return
            if (operator?.hasPin) void signs({ why: said })
            else void append({ kind: 'reopened', why: said })
          }}
        >
          <TextInput
            className={textCss.sentence}
            label={words.reopenItBecause}
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
          {asksPin}
          <Button type="submit" disabled={busy || action.busy || why.trim() === ''}>
            <span>{words.reopenJob}</span>
          </Button>
        </form>
        <p className={clsx(textCss.small, textCss.dim)}>{words.signatureStaysReadableAnd}</p>
      </>
    )
  }
  return (
    <>
      <h2 className={textCss.cardTitle}>{role === 'builder' ? words.buildersSignature : words.secondSignature}</h2>
      {!ready && role === 'builder' && (
        <div className={clsx(noteCss.note, noteCss.attend)}>
          <b>{words.notYet}</b>{' '}
          {left > 0
            ? words.left(
                left,
                (['kit', 'prep', 'crimp', 'seat', 'prove'] as const)
                  .filter((one) => counts[one].done < counts[one].total)
                  .map((one) => `${stationWords[one]} ${counts[one].total - counts[one].done}`)
                  .concat(state.lacings.size > 0 ? [`lacing ${state.lacings.size}`] : [])
                  .concat(closeLeft(state) > 0 ? [words.bundle(closeLeft(state))] : [])
                  .join(', '),
              )
            : words.countTrayFirst}
        </div>
      )}
      <p>
        <b>{operator?.name ?? words.nobody}</b> {words.signsForEntriesTo}{' '}
        <span className={textCss.mono}>{state.seq}</span>.
      </p>
      {asksPin}
      <CheckList
        lines={lines}
        checks={checks}
        main={words.signAndClose}
        busy={busy || action.busy}
        enabled={(ready || role === 'second') && operator !== undefined}
        onMain={() => {
          if (operator?.hasPin) void signs({ role, covers: state.seq })
          else void append({ kind: 'signed', role, covers: state.seq })
        }}
      />
      <p className={paneCss.sources}>{words.aircraftMarineSafetyAnd}</p>
    </>
  )
}

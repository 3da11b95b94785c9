'use client'
import { signCardWords as words } from '@/words/screens/close/signCard'
import { Button, TextInput } from '@mantine/core'
import { useState } from 'react'
import { progress } from '@/core/views/progress'
import { isClosed } from '@/core/record/state/state'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useOperator } from '@/ui/frame/Operator'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { stationWords } from '@/words/steps'
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
  const closed = isClosed(state)
  const left = workLeft(state)
  const counts = progress(state)
  const ready = left === 0 && state.tray?.allBack === true
  const lines = [
    { id: 'read', words: words.iHaveReadRecord, seen: words.iHaveReadIt },
    { id: 'stand', words: words.whatItSaysIs, seen: words.itIsWhatI },
  ]
  const checks = useChecks(`${role} ${state.seq}`, lines, '')
  if (closed && role === 'builder') {
    return (
      <>
        <h2 className={clsx(textCss.cardTitle, textCss.good)}>{words.signedAndClosed}</h2>
        <form
          onSubmit={(event) => {
            event.preventDefault()
            if (why.trim() !== '') void append({ kind: 'reopened', why: why.trim() })
          }}
        >
          <TextInput
            className={textCss.sentence}
            label={words.reopenItBecause}
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
          <Button type="submit" disabled={busy || why.trim() === ''}>
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
                  .join(', '),
              )
            : words.countTrayFirst}
        </div>
      )}
      <p>
        <b>{operator?.name ?? words.nobody}</b> {words.signsForEntriesTo}{' '}
        <span className={textCss.mono}>{state.seq}</span>.
      </p>
      <CheckList
        lines={lines}
        checks={checks}
        main={words.signAndClose}
        busy={busy}
        enabled={(ready || role === 'second') && operator !== undefined}
        onMain={() => void append({ kind: 'signed', role, covers: state.seq })}
      />
      <p className={paneCss.sources}>{words.aircraftMarineSafetyAnd}</p>
    </>
  )
}

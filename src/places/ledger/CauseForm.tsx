import { Button, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { LedgerPoint } from '@/core/views/ledger/ledgerTypes'
import { useCall } from '@/ui/action/useCall'
import { useOperator } from '@/ui/frame/Operator'
import { appendToJournal, entryId } from '@/ui/job/journalClient'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { causeFormWords as words } from '@/words/screens/ledger/causeForm'
import { unanswered, WHO_IS_HERE } from '@/words/unanswered'

/** Why a reading stands out: written into the journal of its job, beside the entry that it stands in. */
export function CauseForm({ point }: { readonly point: LedgerPoint }) {
  const router = useRouter()
  const { operator } = useOperator()
  const { busy, call } = useCall()
  const [text, setText] = useState('')
  const [fault, setFault] = useState<string>()
  const write = async () => {
    if (!operator) {
      setFault(WHO_IS_HERE)
      return
    }
    const answer = await call(async () => {
      const entry = { id: entryId(), by: operator.id, kind: 'noted' as const, text: text.trim(), causeOf: point.seq }
      const written = await appendToJournal(point.job, point.seq, [entry])
      if (written.kind === 'written') return { ok: true, value: undefined }
      return { ok: false, message: written.kind === 'unreachable' ? unanswered(words.notWritten) : written.message }
    })
    if (!answer) return
    setFault(answer.ok ? undefined : answer.message)
    if (answer.ok) router.refresh()
  }
  if (point.cause !== undefined)
    return (
      <p className={clsx(noteCss.note, noteCss.good)}>
        <b>{words.cause}</b> {point.cause}
      </p>
    )
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        void write()
      }}
    >
      <TextInput
        label={words.why}
        value={text}
        className={textCss.sentence}
        maxLength={500}
        placeholder={words.like}
        onChange={(event) => setText(event.target.value)}
        error={fault}
      />
      <Button type="submit" disabled={busy || text.trim() === ''}>
        <span>{words.write}</span>
      </Button>
    </form>
  )
}

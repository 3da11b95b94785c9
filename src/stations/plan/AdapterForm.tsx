import { plausible } from '@/core/base/units/plausible'
import styles from './AdapterForm.module.css'
import { adapterFormWords as words } from '@/words/screens/plan/adapterForm'
import { useAction } from '@/ui/action/useAction'
import { Button, TextInput } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { ADAPTER_LENGTH_MM } from '@/core/work/rework/adapter'
import { bareUnit } from '@/words/benchUnits'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { quantityWords, understoodAs } from '@/words/quantity'
import { makeAdapter } from './reworkActions'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

/** An adapter between two ends of this job that mate but are wired differently: a job of its own, opened once it is made. */
export function AdapterForm({ a, b }: { readonly a: string; readonly b: string }) {
  const { busy, ask } = useAction()
  const router = useRouter()
  // a hand's breadth: both halves lie side by side
  const [length, setLength] = useState('120 mm')
  const [fault, setFault] = useState<string>()
  const [made, setMade] = useState<{ readonly id: string; readonly left: string }>()
  const read = parseQuantity(length, 'length', { plausible: plausible.wireLengthMm, unit: bareUnit('length') })
  const wrong = !read.ok
    ? quantityWords(read.fault, 'length')
    : read.value < ADAPTER_LENGTH_MM.min || read.value > ADAPTER_LENGTH_MM.max
      ? words.wiresOfAdapterAre(ADAPTER_LENGTH_MM.min, ADAPTER_LENGTH_MM.max / 1000)
      : undefined
  const send = async () => {
    if (!read.ok || wrong !== undefined) return
    const outcome = await ask(
      ({ jobId, by }) => makeAdapter({ jobId, a, b, by, lengthMm: Math.round(read.value) }),
      words.nothingWasMade,
    )
    if (!outcome) return
    if (!outcome.ok) setFault(outcome.message)
    else if (outcome.value.left === undefined) router.push(`/jobs/${outcome.value.id}/plan`)
    else setMade({ id: outcome.value.id, left: outcome.value.left })
  }
  if (made) {
    return (
      <>
        <p className={clsx(noteCss.note, noteCss.attend)} role="status">
          {words.adapterIsMadeIt(made.left)}
        </p>
        <Button variant="filled" autoFocus onClick={() => router.push(`/jobs/${made.id}/plan`)}>
          <span>{words.openAdapter}</span>
        </Button>
      </>
    )
  }
  return (
    <form
      className={clsx(paneCss.fieldRow, styles.fills)}
      onSubmit={(event) => {
        event.preventDefault()
        void send()
      }}
    >
      <TextInput
        label={words.lengthOfAdaptersWires}
        value={length}
        description={understoodAs(length, 'length', { plausible: plausible.wireLengthMm, unit: bareUnit('length') })}
        inputMode="decimal"
        onChange={(event) => setLength(event.target.value)}
        error={wrong !== undefined}
      />
      <Button type="submit" disabled={busy || wrong !== undefined}>
        <span>{words.makeAdapterBetweenAnd(a, b)}</span>
      </Button>
      {wrong !== undefined && (
        <p className={clsx(textCss.small, textCss.fault)} role="alert">
          ▲ {wrong}
        </p>
      )}
      {fault !== undefined && (
        <p className={clsx(textCss.small, textCss.fault)} role="alert">
          ▲ {fault}
        </p>
      )}
    </form>
  )
}

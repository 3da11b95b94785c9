import { Button, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import type { AskedOfWire } from '@/core/record/plan/wiresAnswered'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { alwaysSoWords as words } from '@/words/screens/plan/alwaysSo'
import styles from './AlwaysSo.module.css'
import type { WiresAnswer } from './useSavePlan'

/** Wires that are cut get another colour or type: were they always so, or are they other wires? Only their author knows. */
export function AlwaysSo({
  asks,
  answer,
  busy,
  say,
}: {
  readonly asks: readonly AskedOfWire[]
  readonly answer: WiresAnswer | undefined
  readonly busy: boolean
  readonly say: (answer: WiresAnswer) => void
}) {
  const [why, setWhy] = useState('')
  return (
    <div className={clsx(noteCss.note, noteCss.attend, styles.asked)}>
      <b>{words.asks(asks)}</b>
      <TextInput
        label={words.why}
        placeholder={words.example}
        value={why}
        maxLength={500}
        onChange={(event) => setWhy(event.target.value)}
      />
      <div className={paneCss.two}>
        <Button
          aria-pressed={answer?.how === 'corrected'}
          disabled={busy || why.trim() === ''}
          onClick={() => say({ how: 'corrected', why: why.trim() })}
        >
          <span>{words.alwaysSo}</span>
        </Button>
        <Button aria-pressed={answer?.how === 'another'} disabled={busy} onClick={() => say({ how: 'another' })}>
          <span>{words.another}</span>
        </Button>
      </div>
    </div>
  )
}

import { plausible } from '@/core/base/units/plausible'
import styles from './SpliceForm.module.css'
import { spliceFormWords as words } from '@/words/screens/seat/spliceForm'
import { useAction } from '@/ui/action/useAction'
import { Button, Kbd, TextInput } from '@mantine/core'
import { useState } from 'react'
import type { Termination } from '@/core/record/plan/plan'
import { bareUnit } from '@/words/benchUnits'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { useJob } from '@/ui/job/JobProvider'
import { quantityWords, understoodAs } from '@/words/quantity'
import { spliceWire } from './actions'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'

/** How long the piece is that is spliced in; then the plan is changed, and the work follows. */
export function SpliceForm({ termination, done }: { readonly termination: Termination; readonly done: () => void }) {
  const { take } = useJob()
  const { busy, ask } = useAction()
  const [piece, setPiece] = useState('')
  const [fault, setFault] = useState<string>()
  const read =
    piece.trim() === ''
      ? undefined
      : parseQuantity(piece, 'length', { plausible: plausible.wireLengthMm, unit: bareUnit('length') })
  const send = async () => {
    if (!read?.ok) return
    const outcome = await ask((asking) =>
      spliceWire({
        ...asking,
        wire: termination.wire.id,
        side: termination.side,
        pieceMm: Math.round(read.value),
      }),
    )
    if (!outcome) return
    if (outcome.ok) {
      await take(outcome.value)
      done()
      return
    }
    setFault(outcome.message)
  }
  return (
    <form
      className={styles.stack}
      onSubmit={(event) => {
        event.preventDefault()
        void send()
      }}
    >
      <p className={textCss.small}>{words.onlyWhereMakersSheet}</p>
      <TextInput
        label={words.lengthOfPiece}
        value={piece}
        description={understoodAs(piece, 'length', { plausible: plausible.wireLengthMm, unit: bareUnit('length') })}
        autoFocus
        inputMode="decimal"
        placeholder={words.fromMouthLike}
        onChange={(event) => setPiece(event.target.value)}
        error={read !== undefined && !read.ok}
      />
      {read && !read.ok && (
        <p className={clsx(textCss.small, textCss.fault)} role="alert">
          ▲ {quantityWords(read.fault, 'length')}
        </p>
      )}
      {fault !== undefined && (
        <p className={clsx(textCss.small, textCss.fault)} role="alert">
          ▲ {fault}
        </p>
      )}
      <Button type="submit" disabled={busy || !read?.ok}>
        <span>{words.changePlanSpliceIt}</span> <Kbd aria-hidden="true">Enter</Kbd>
      </Button>
    </form>
  )
}

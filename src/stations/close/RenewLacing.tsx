'use client'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button } from '@mantine/core'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'

/** What was opened is laced again, before the tray is counted. */
export function RenewLacing({
  unit,
  wire,
  done,
}: {
  readonly unit: number
  readonly wire: string
  readonly done: () => void
}) {
  const { state, append, busy } = useJob()
  const opened = state.lacings.get(`${unit}/${wire}`)
  const lines: CheckLine[] = [
    { id: 'laid', words: 'The wires lie side by side, none crossed, none strained', seen: 'They lie well' },
    { id: 'laced', words: 'Laced or tied as it was, snug: no insulation dented', seen: 'It is laced' },
  ]
  const checks = useChecks(`${unit}/${wire} laced`, lines)
  const write = (to: 'renewed' | 'none') =>
    void append({ kind: 'lacing-moved', unit, wire, to }).then((written) => written && done())
  return (
    <>
      <h2 className={textCss.cardTitle}>
        Renew the lacing along <span className={textCss.mono}>{wire}</span>
        {state.plan.quantity > 1 && ` of unit ${unit}`}
      </h2>
      {opened === 'to-open' ? (
        <>
          <p className={clsx(noteCss.note, noteCss.attend)}>◆ It was not opened yet: that is a step at Seat.</p>
          <Button disabled={busy} onClick={() => write('none')}>
            <span>There is no lacing along it</span>
          </Button>
        </>
      ) : (
        <CheckList
          lines={lines}
          checks={checks}
          main="The lacing is renewed"
          busy={busy}
          onMain={() => write('renewed')}
        />
      )}
    </>
  )
}

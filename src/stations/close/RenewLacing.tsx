'use client'
import { renewLacingWords as words } from '@/words/screens/close/renewLacing'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button } from '@mantine/core'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useBusy, useJob } from '@/ui/job/JobProvider'

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
  const { state, append } = useJob()
  const busy = useBusy()
  const opened = state.lacings.get(`${unit}/${wire}`)
  const lines: CheckLine[] = [
    { id: 'laid', words: words.wiresLieSideBy, seen: words.theyLieWell },
    { id: 'laced', words: words.lacedOrTiedAs, seen: words.itIsLaced },
  ]
  const checks = useChecks(`${unit}/${wire} laced`, lines, opened)
  const write = (to: 'renewed' | 'none') =>
    void append({ kind: 'lacing-moved', unit, wire, to }).then((written) => written && done())
  return (
    <>
      <h2 className={textCss.cardTitle}>
        {words.renewLacingAlong} <span className={textCss.mono}>{wire}</span>
        {state.plan.quantity > 1 && words.ofUnit(unit)}
      </h2>
      {opened === 'to-open' ? (
        <>
          <p className={clsx(noteCss.note, noteCss.attend)}>{words.itWasNotOpened}</p>
          <Button disabled={busy} onClick={() => write('none')}>
            <span>{words.thereIsNoLacing}</span>
          </Button>
        </>
      ) : (
        <CheckList
          lines={lines}
          checks={checks}
          main={words.lacingIsRenewed}
          busy={busy}
          onMain={() => write('renewed')}
        />
      )}
    </>
  )
}

'use client'
import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import type { CauseCode, DefectCode } from '@/core/craft/crimp/looks'
import type { FirstPiece } from '@/core/record/state/records'
import type { QueueItem } from '@/core/views/queue'
import { foundCause } from '@/core/work/crimp/foundCause'
import { pieceCauses, pieceFault } from '@/core/work/crimp/pieceFault'
import { Choice } from '@/ui/choice/Choice'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { defectWords } from '@/words/crimp'
import { pulledWords } from '@/words/pulled'
import { pieceFaultWords as words } from '@/words/screens/crimp/pieceFault'
import { Causes } from './Causes'
import { CrimpReadouts } from './CrimpReadouts'
import { SpecimenPanel } from './SpecimenPanel'

/** A test piece was not good: why most likely, by what it showed, and what is set otherwise before the next. */
export function PieceFault({
  item,
  piece,
  another,
}: {
  readonly item: QueueItem
  readonly piece: FirstPiece
  /** the cause lies with the hand: just another piece */
  readonly another: () => void
}) {
  const { state, append } = useJob()
  const busy = useBusy()
  const { termination, set } = item
  const defects = pieceFault(piece, set)
  const [seen, setSeen] = useState<DefectCode>()
  const [chosen, setChosen] = useState<CauseCode>()
  const defect = seen ?? defects[0]
  const causes = pieceCauses(piece, set, defect)
  const meant = chosen ? [chosen] : causes.filter((one) => one.evidence !== 'against').map((one) => one.cause)
  const [found] = meant.flatMap((cause) => foundCause(state, termination, set, cause, defect) ?? [])
  const see = (one: DefectCode) => {
    setSeen(one)
    setChosen(undefined)
  }
  const write = async () => {
    if (found && (await append(...found.entries))) another()
  }
  useKeys([
    { key: ' ', words: words.another, run: another },
    ...defects.map((one, i) => ({ key: String(i + 1), words: i === 0 ? words.name : '', run: () => see(one) })),
  ])
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} piece={words.pieceLike} />
        <SpecimenPanel item={item} crimped defect={defect} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.title}>
        <WireChips wire={termination.wire} side={termination.side} />
        <h2 className={clsx(textCss.cardTitle, textCss.fault)}>{words.title}</h2>
        <p className={clsx(noteCss.note, noteCss.fault)}>
          ▲ {words.showed(pulledWords(piece), piece.minimumN, piece.heightMm, set.height)}
        </p>
        <div className={paneCss.choices} role="group" aria-label={words.seen}>
          {defects.map((one, i) => (
            <Choice key={one} aria-pressed={one === defect} onClick={() => see(one)}>
              <Kbd aria-hidden="true">{i + 1}</Kbd>
              <span>{defectWords[one]}</span>
              <span />
            </Choice>
          ))}
        </div>
        <Button variant="filled" onClick={another}>
          <span>{words.another}</span> <Kbd aria-hidden="true">Space</Kbd>
        </Button>
        <Causes
          causes={causes}
          set={set}
          found={found}
          taken={false}
          choose={setChosen}
          take={() => !busy && void write()}
        />
        <p className={clsx(textCss.small, textCss.dim)}>{words.nothingReleased}</p>
      </aside>
    </>
  )
}

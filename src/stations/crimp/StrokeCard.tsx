'use client'
import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { looks as lookTable } from '@/core/craft/crimp/looks'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'
import type { QueueItem } from '@/core/views/queue'
import { faultOutcome } from '@/core/work/crimp/faultOutcome'
import type { PieceMove } from '@/core/work/crimp/pieceForm'
import { CheckList, type useChecks } from '@/ui/card/CheckList'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { strokeCardWords as words } from '@/words/screens/crimp/strokeCard'
import { strokeLossWords } from '@/words/stroke'
import styles from './StrokeCard.module.css'
import type { Stroke } from './strokeOf'

/** Each look at which a stroke that was not finished is found. */
const findsStopped = (look: LookCode): boolean =>
  (lookTable[look].faults as readonly string[]).includes('stroke-stopped')

/** The stroke of a production crimp: what the hands do, line by line beside its pictures. */
export function StrokeCard({
  item,
  stroke,
  wanted,
  checks,
  atOnce,
  move,
}: {
  readonly item: QueueItem
  readonly stroke: Stroke
  readonly wanted: readonly LookCode[]
  readonly checks: ReturnType<typeof useChecks>
  /** one press for the whole stroke; else each line by itself, since one of them answers a look */
  readonly atOnce: boolean
  readonly move: (move: PieceMove) => void
}) {
  const busy = useBusy()
  const before = wanted.find((look) => lookTable[look].when === 'before')
  const report = () => move({ kind: 'fault-seen', look: before ?? wanted[0] ?? 'straight-round' })
  useKeys([
    { key: 'x', words: words.reportFault, run: report },
    ...(before ? [{ key: 'd', words: words.redoBefore, run: report }] : []),
  ])
  const stopsAt = wanted.find(findsStopped)
  return (
    <>
      <h2 className={textCss.cardTitle}>{words.theStroke}</h2>
      <CheckList
        lines={stroke.checks}
        checks={checks}
        main={words.itIsCrimped}
        busy={busy}
        onMain={() => undefined}
        atOnce={atOnce ? { says: words.itIsCrimped, recorded: false } : undefined}
      />
      <p className={clsx(textCss.small, textCss.dim)}>{words.afterIt}</p>
      <Button onClick={report}>
        <span>{before ? words.redo : words.fault}</span> <Kbd aria-hidden="true">{before ? 'D' : 'X'}</Kbd>
      </Button>
      {stroke.holdsOn && stopsAt && (
        <Stuck
          item={item}
          look={stopsAt}
          scrap={() => move({ kind: 'fault-seen', look: stopsAt, defect: 'stroke-stopped' })}
        />
      )}
    </>
  )
}

/** What to do with a tool that does not open, and what it costs. */
function Stuck({
  item,
  look,
  scrap,
}: {
  readonly item: QueueItem
  readonly look: LookCode
  readonly scrap: () => void
}) {
  const { state } = useJob()
  const { usedMm, slack } = faultOutcome(state, item.termination, item.set, look, 'stroke-stopped')
  return (
    <div className={clsx(noteCss.note, noteCss.attend)}>
      <b>◆ {words.stuck}</b>
      <ol className={styles.steps}>
        <li>{words.squeezeOn}</li>
        <li>{words.lever}</li>
        <li>{strokeLossWords(usedMm, slack?.leftMm)}</li>
      </ol>
      <Button variant="default" mt={8} onClick={scrap}>
        {words.scrap}
      </Button>
    </div>
  )
}

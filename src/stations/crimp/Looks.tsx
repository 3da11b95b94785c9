'use client'
import clsx from 'clsx'
import { Button, Kbd } from '@mantine/core'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'
import { looks as lookTable } from '@/core/craft/crimp/looks'
import type { Photo } from '@/core/record/state/records'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { samplesDue } from '@/core/record/standing/samplesDue'
import type { LooksTicked } from '@/core/record/standing/looksTicked'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { type PieceForm, type PieceMove, readLooks } from '@/core/work/crimp/pieceForm'
import { type CheckLine, CheckList, type useChecks } from '@/ui/card/CheckList'
import { DeviceLine, HeightField, InstrumentMessage, PhotoBox } from './laterCards'
import { useClock } from '@/ui/frame/Clock'
import { useToday } from '@/ui/frame/useToday'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { looksWords as words } from '@/words/screens/crimp/looks'
import { CrimpPractices } from './CrimpPractices'
import { SetSources } from './laterCards'
import type { Stroke } from './strokeOf'
import { TriesHere } from './TriesHere'
import { usePieceInstruments } from './usePieceInstruments'
import styles from './Looks.module.css'

/** The looks of one crimp; after the last it is accepted, with its height where one is due. */
export function Looks({
  item,
  group,
  wanted,
  lines,
  checks,
  stroke,
  ticking,
  form,
  move,
  done,
  changed,
  measure,
}: {
  readonly item: QueueItem
  readonly group: QueueGroup
  readonly wanted: readonly LookCode[]
  readonly lines: readonly CheckLine[]
  readonly checks: ReturnType<typeof useChecks>
  /** what was done before them */
  readonly stroke: Stroke | undefined
  readonly ticking: LooksTicked
  readonly form: PieceForm
  readonly move: (move: PieceMove) => void
  readonly done: () => void
  readonly changed: () => void
  /** a photo is measured in */
  readonly measure: (photo: Photo) => void
}) {
  const clock = useClock()
  const today = useToday()
  const { state, append } = useJob()
  const busy = useBusy()
  const instruments = usePieceInstruments(item)
  const { termination, set } = item
  const rules = rulesOf(state)
  const samples = samplesDue(state, group.id)
  const { height, heightMissing, good } = readLooks(form, set, samples.height)
  const accept = async (together: boolean) => {
    const written = await append({
      kind: 'crimped',
      term: termination.key,
      setup: group.id,
      looks: wanted.map((look) => ({ look, seen: true })),
      ...height.measured,
      ...(form.practices.length > 0 && { practices: [...form.practices] }),
      ...(together && { together: true }),
    })
    if (written) done()
  }
  const report = (look: LookCode) => move({ kind: 'fault-seen', look })
  const reportLook = wanted.find((look) => look === checks.due?.id) ?? wanted.at(-1)
  const before = wanted.find((look) => lookTable[look].when === 'before') ?? reportLook ?? 'straight-round'
  useKeys([
    { key: 'x', words: words.reportFault, run: () => reportLook && report(reportLook) },
    { key: 'd', words: words.redoItWentWrong, run: () => report(before) },
  ])
  const released = state.setups.get(group.id)?.released
  const otherDay = released !== undefined && clock.dayOf(released.at) !== today
  return (
    <>
      <h2 className={textCss.cardTitle}>{form.practices.length > 0 ? words.lookAtItAgain : words.crimpThenLook}</h2>
      {otherDay && rules.shiftAsksAgain && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          <b>{words.releasedOn(clock.date(released.at))}</b> {words.theseHouseRulesBegin}
        </p>
      )}
      {stroke && (
        <Button variant="subtle" onClick={checks.clear}>
          ✓ {words.strokeDone}
        </Button>
      )}
      <CheckList
        lines={lines}
        checks={checks}
        main={heightMissing ? words.measureHeightFirst : words.acceptCrimp}
        busy={busy || instruments.working !== undefined}
        onMain={(atOnce) => void accept(atOnce)}
        enabled={checks.due !== undefined || good}
        atOnce={
          ticking.kind === 'together'
            ? { says: words.allSeen, recorded: true, andMain: good ? words.allSeenAccept : undefined }
            : undefined
        }
      />
      <p className={clsx(textCss.small, textCss.dim, styles.spaceTicksThisLine)}>
        {ticking.kind === 'together' ? words.together(ticking.singlyIn) : words.singly(ticking.nth)}
      </p>
      <div className={paneCss.two}>
        <Button onClick={() => report(before)}>
          <span>{words.redo}</span> <Kbd aria-hidden="true">D</Kbd>
        </Button>
        <Button onClick={() => reportLook && report(reportLook)}>
          <span>{words.fault}</span> <Kbd aria-hidden="true">X</Kbd>
        </Button>
      </div>
      {set.height && (
        <HeightField
          label={
            samples.height
              ? words.heightOneInIs(rules.heightEvery)
              : samples.heightIn === undefined
                ? words.heightWhenMeasured
                : words.heightDueIn(samples.heightIn)
          }
          hint={words.heightHint(set.height.minMm, set.height.maxMm, set.height.estimate)}
          outside={words.outsideMmReportFault}
          form={form}
          move={move}
          reading={height}
          instruments={instruments}
        />
      )}
      <InstrumentMessage instruments={instruments} />
      <CrimpPractices set={set} practices={form.practices} move={move} />
      <PhotoBox about={{ term: termination.key }} piece={`crimp ${termination.key}`} measure={measure} />
      <Button onClick={changed}>
        <span>{words.dieSpoolOrShift}</span> <Kbd aria-hidden="true">N</Kbd>
      </Button>
      <TriesHere termination={termination} />
      {set.height && <DeviceLine ids={['micrometer']} fault={instruments.fault} onFault={instruments.setFault} />}
      <SetSources item={item} />
    </>
  )
}

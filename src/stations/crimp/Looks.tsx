'use client'
import { looksWords as words } from '@/words/screens/crimp/looks'
import { useClock } from '@/ui/frame/Clock'
import { Button, Checkbox, Kbd } from '@mantine/core'
import { useEffect, useMemo, useState } from 'react'
import { looks as lookTable } from '@/core/craft/crimp/looks'
import { implausibleHeight } from '@/core/record/standing/plausible'
import { practicesAt } from '@/core/craft/crimp/practices'
import { samplesDue } from '@/core/record/standing/samplesDue'
import { QueueGroup, QueueItem } from '@/core/views/queue'
import { slackOf } from '@/core/record/standing/slack'
import { termState } from '@/core/record/state/state'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import { DeviceLine } from '@/ui/device/DeviceLine'
import { FigureField, figureOf, noFigure } from '@/ui/device/FigureField'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { PhotoBox } from '@/ui/photo/PhotoBox'
import { figure, mm } from '@/words/figures'
import { practiceWords } from '@/words/practices'
import { implausibleWords } from '@/words/implausible'
import { MeasuredHeight } from './looksFor'
import { SetSources } from './SetSources'
import { usePieceInstruments } from './usePieceInstruments'
import { LookCode } from '@/core/parts/catalogue/lookCodes'
import { PracticeId } from '@/core/parts/catalogue/practiceIds'
import styles from './Looks.module.css'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** The looks of one crimp; after the last it is accepted, with its height where one is due. */
export function Looks({
  item,
  group,
  wanted,
  lines,
  checks,
  practices,
  setPractices,
  done,
  report,
  onHeight,
  changed,
}: {
  readonly item: QueueItem
  readonly group: QueueGroup
  readonly wanted: readonly LookCode[]
  readonly lines: readonly CheckLine[]
  readonly checks: ReturnType<typeof useChecks>
  readonly practices: readonly PracticeId[]
  readonly setPractices: (practices: readonly PracticeId[]) => void
  readonly done: () => void
  readonly report: (look: LookCode) => void
  readonly onHeight: (measured: MeasuredHeight | undefined) => void
  readonly changed: () => void
}) {
  const clock = useClock()
  const { state, append, busy } = useJob()
  const { key, unit, wire, side } = item.termination
  const bench = usePieceInstruments(item)
  const [height, setHeight] = useState(noFigure)
  const window = item.set.height
  const heightMm = figureOf(height, 'length')
  const implausible = heightMm === undefined ? undefined : implausibleHeight(item.set, heightMm)
  const cannotBe = implausible !== undefined
  const outside =
    window !== undefined &&
    heightMm !== undefined &&
    (heightMm < window.minMm - 0.0005 || heightMm > window.maxMm + 0.0005)
  const samples = samplesDue(state, group.id)
  const heightDue = window !== undefined && samples.height
  const dueLook = wanted.find((look) => look === checks.due?.id)
  const measured = useMemo(
    (): MeasuredHeight | undefined =>
      heightMm === undefined || cannotBe
        ? undefined
        : { heightMm: Math.round(heightMm * 1000) / 1000, ...(height.by !== undefined && { heightBy: height.by }) },
    [heightMm, cannotBe, height.by],
  )
  useEffect(() => onHeight(measured), [onHeight, measured])
  const accept = async () => {
    if (
      await append({
        kind: 'crimped',
        term: key,
        setup: group.id,
        looks: wanted.map((look) => ({ look, seen: true })),
        ...measured,
        ...(practices.length > 0 && { practices: [...practices] }),
      })
    )
      done()
  }
  const measure = async () => {
    const read = await bench.height()
    if (read) setHeight({ text: figure(read.value, 3), by: read.identity })
  }
  const reportLook = dueLook ?? wanted.at(-1)
  const before = wanted.find((look) => lookTable[look].when === 'before') ?? reportLook ?? 'straight-round'
  useKeys([
    { key: 'x', words: words.reportFault, run: () => reportLook && report(reportLook) },
    { key: 'd', words: words.redoItWentWrong, run: () => report(before) },
    ...(window
      ? [{ key: 'm', words: words.measureHeight, run: () => void (bench.working === undefined && measure()) }]
      : []),
  ])
  const rules = rulesOf(state)
  const contact = state.facts.contacts[item.set.contact]
  const besides = contact
    ? practicesAt('crimp', contact.construction, rules).open.filter((one) => one.saves.length === 0)
    : []
  const tries = termState(state, key)
  const slack = slackOf(state, unit, wire, side)
  const released = state.setups.get(group.id)?.released
  const otherDay = released !== undefined && clock.dayOf(released.at) !== clock.dayOf(new Date())
  const good =
    (!heightDue || heightMm !== undefined) && !implausible && !outside && (height.text === '' || heightMm !== undefined)
  return (
    <>
      <h2 className={textCss.cardTitle}>{practices.length > 0 ? words.lookAtItAgain : words.crimpThenLook}</h2>
      {otherDay && rules.shiftAsksAgain && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          <b>{words.releasedOn(clock.date(released.at))}</b> {words.theseHouseRulesBegin}
        </p>
      )}
      <CheckList
        lines={lines}
        checks={checks}
        main={heightDue && heightMm === undefined ? words.measureHeightFirst : words.acceptCrimp}
        busy={busy || bench.working !== undefined}
        onMain={() => void accept()}
        enabled={checks.due !== undefined || good}
      />
      <p className={clsx(textCss.small, textCss.dim, styles.spaceTicksThisLine)}>{words.spaceTicksThisLine}</p>
      <div className={paneCss.two}>
        <Button onClick={() => report(before)}>
          <span>{words.redo}</span> <Kbd aria-hidden="true">D</Kbd>
        </Button>
        <Button onClick={() => reportLook && report(reportLook)}>
          <span>{words.fault}</span> <Kbd aria-hidden="true">X</Kbd>
        </Button>
      </div>
      {window && (
        <FigureField
          label={
            heightDue
              ? words.heightOneInIs(rules.heightEvery)
              : samples.heightIn === undefined
                ? words.heightWhenMeasured
                : words.heightDueIn(samples.heightIn)
          }
          dimension="length"
          figure={height}
          onChange={setHeight}
          hint={words.between(window.minMm, window.maxMm)}
          wrong={outside || implausible !== undefined}
          ask={{ key: 'm', words: words.measure, busy: bench.working !== undefined, run: () => void measure() }}
          fault={
            implausible
              ? implausibleWords(implausible)
              : outside
                ? words.outsideMmReportFault(window.minMm, window.maxMm)
                : undefined
          }
        />
      )}
      {bench.message !== undefined && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          ▲ {bench.message}
        </p>
      )}
      {besides.map((one) => (
        <Checkbox
          key={one.id}
          label={
            <>
              {words.beforeStroke(practiceWords[one.id].name)}
              {one.allowance(rules) === 'recorded' && ', recorded'}
            </>
          }
          checked={practices.includes(one.id)}
          onChange={(event) =>
            setPractices(event.target.checked ? [...practices, one.id] : practices.filter((other) => other !== one.id))
          }
        />
      ))}
      {practices.length > 0 && (
        <p className={clsx(noteCss.note, noteCss.caution)}>
          {words.recordedWithIt(practices.map((one) => practiceWords[one].name.toLowerCase()).join(', '))}
        </p>
      )}
      <PhotoBox about={{ term: key }} piece={`crimp ${key}`} />
      <Button onClick={changed}>
        <span>{words.dieSpoolOrShift}</span> <Kbd aria-hidden="true">N</Kbd>
      </Button>
      {(tries.scrapped > 0 || tries.redone > 0) && (
        <p className={clsx(textCss.small, textCss.dim)}>
          {words.hereBeforeScrappedRedone(tries.scrapped, tries.redone)}{' '}
          <b className={textCss.mono}>{mm(tries.usedMm, 1)}</b> {words.ofWireUsedUp}
        </p>
      )}
      {slack && (
        <p className={clsx(textCss.small, slack.triesLeft === 0 ? textCss.attend : textCss.dim)}>
          {slack.triesLeft === 0 ? words.noSlackForSecond : words.left(slack.triesLeft)}:{' '}
          <b className={textCss.mono}>{mm(slack.leftMm, 0)}</b>
          {words.eachCosts} <b className={textCss.mono}>{mm(slack.tryMm, 0)}</b>.
        </p>
      )}
      {window && <DeviceLine ids={['micrometer']} fault={bench.fault} onFault={bench.setFault} />}
      <SetSources item={item} />
    </>
  )
}

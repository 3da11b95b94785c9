'use client'
import { firstPieceCardWords as words } from '@/words/screens/crimp/firstPieceCard'
import { useClock } from '@/ui/frame/Clock'
import { Button } from '@mantine/core'
import { useState } from 'react'
import { constructionOf } from '@/core/parts/catalogue/constructions'
import { heightDrift } from '@/core/record/standing/heightWatch'
import { implausibleHeight, implausiblePull } from '@/core/record/standing/plausible'
import { QueueGroup, QueueItem } from '@/core/views/queue'
import { CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import { DeviceLine } from '@/ui/device/DeviceLine'
import { FigureField, figureOf, noFigure } from '@/ui/device/FigureField'
import { ForceCurve } from '@/ui/device/ForceCurve'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { figure, newtons, range } from '@/words/figures'
import { lookWords } from '@/words/crimp'
import { breakWords, endingWords } from '@/words/practices'
import { implausibleWords } from '@/words/implausible'
import { trendWords } from '@/words/stats'
import { CrimpReadouts } from './CrimpReadouts'
import { LookPictures } from './LookPictures'
import { PullSources } from './PullSources'
import { SpecimenSheet } from './SpecimenSheet'
import { usePieceInstruments } from './usePieceInstruments'
import { usePull } from './usePull'
import { LookCode } from '@/core/parts/catalogue/lookCodes'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

/** A test piece on spare wire: inspected, measured, pulled to destruction. Good or bad, it is written down. */
export function FirstPieceCard({
  item,
  group,
  left,
}: {
  readonly item: QueueItem
  readonly group: QueueGroup
  readonly left: number
}) {
  const clock = useClock()
  const { state, append, busy } = useJob()
  const bench = usePieceInstruments(item)
  const contact = state.facts.contacts[item.set.contact]
  const looks: readonly LookCode[] = contact ? constructionOf(contact).looks(contact) : []
  const window = item.set.height
  const [height, setHeight] = useState(noFigure)
  const { pull, setPull, pullN, ask, said, clear } = usePull(bench)
  const heightMm = figureOf(height, 'length')
  const minimumN = item.set.pull?.forceN
  const setup = state.setups.get(group.id)
  const drift = heightDrift(state, group.id)
  const tried =
    setup?.pieces
      .slice(setup.piecesFrom)
      .filter((piece) => piece.mounted === setup.mounted && (!drift || piece.at > drift.reading.at)) ?? []
  const lines: CheckLine[] = looks.map((look) => ({
    id: look,
    words: lookWords[look].line,
    seen: lookWords[look].seen,
  }))
  const checks = useChecks(`${group.id} first ${String(tried.length)}`, lines)
  const noHeight = heightMm === undefined ? undefined : implausibleHeight(item.set, heightMm)
  const noPull = pullN === undefined ? undefined : implausiblePull(state.facts, item.termination, item.set, pullN)
  const ready = pullN !== undefined && !noPull && (!window || (heightMm !== undefined && !noHeight))
  const low = pullN !== undefined && minimumN !== undefined && pullN < minimumN
  const outside =
    window !== undefined &&
    heightMm !== undefined &&
    (heightMm < window.minMm - 0.0005 || heightMm > window.maxMm + 0.0005)
  // a closed button says what it waits for
  const missing =
    window && heightMm === undefined
      ? words.measureHeightFirst
      : pullN === undefined
        ? words.pullItFirst
        : words.putFigureRightFirst
  const main = !ready ? missing : low || outside ? words.recordItAsNot : words.recordFirstPiece
  const record = (seenAll: boolean) => {
    if (!ready || !said) return
    void append({
      kind: 'first-piece',
      setup: group.id,
      wire: item.termination.wire.id,
      side: item.termination.side,
      looks: looks.map((look) => ({ look, seen: seenAll || checks.ticked.has(look) })),
      ...(window &&
        heightMm !== undefined && {
          heightMm: Math.round(heightMm * 1000) / 1000,
          ...(height.by !== undefined && { heightBy: height.by }),
        }),
      ...said,
    }).then((written) => {
      if (!written) return
      checks.clear()
      setHeight(noFigure)
      clear()
    })
  }
  const measure = async () => {
    const read = await bench.height()
    if (read) setHeight({ text: figure(read.value, 3), by: read.identity })
  }
  useKeys(
    window
      ? [{ key: 'm', words: words.measureHeight, run: () => void (bench.working === undefined && measure()) }]
      : [],
  )
  const dueLook = looks.find((look) => look === checks.due?.id)
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} piece={words.firstPieceLike} />
        {bench.pulling ? (
          <ForceCurve key={bench.pulling.version} points={bench.points} done={bench.pulling.done} minimumN={minimumN} />
        ) : (
          <SpecimenSheet item={item} crimped heightMm={noHeight ? undefined : heightMm} />
        )}
        {!bench.pulling && dueLook && <LookPictures item={item} look={dueLook} />}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.firstPiece}>
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>{words.firstPieceOnSpare}</h2>
        {setup?.ended && (
          <p className={clsx(noteCss.note, noteCss.attend)}>
            <b>{words.newOne(endingWords[setup.ended.why])}</b>, {clock.timeOfDay(setup.ended.at)}.
            {setup.ended.why === 'pull-low' && words.whatWasCrimpedSince}
          </p>
        )}
        {drift && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            <b>{words.height(trendWords(drift.signal.side, drift.points))}</b>
            {words.toMmAtCheck(drift.reading.heightMm, drift.reading.term, state.plan.quantity)}
          </p>
        )}
        {tried.map((piece) => (
          <p key={piece.at} className={clsx(noteCss.note, piece.good ? noteCss.good : noteCss.fault)}>
            {piece.good ? '✓' : '▲'} {clock.timeOfDay(piece.at)}: {newtons(piece.pullN)}
            {piece.heightMm !== undefined && words.shownHeight(piece.heightMm)}{' '}
            {piece.good ? 'good' : words.notGoodFindCause}
          </p>
        ))}
        <CheckList
          lines={lines}
          checks={checks}
          main={main}
          busy={busy || bench.working !== undefined}
          onMain={() => record(true)}
          enabled={checks.due !== undefined || ready}
        />
        {window && (
          <FigureField
            label={words.crimpHeightMm}
            dimension="length"
            figure={height}
            onChange={setHeight}
            hint={range(window.minMm, window.maxMm)}
            wrong={outside || noHeight !== undefined}
            ask={{ key: 'm', words: words.measure, busy: bench.working !== undefined, run: () => void measure() }}
            fault={
              noHeight
                ? implausibleWords(noHeight)
                : outside
                  ? words.heightOutsideMm(window.minMm, window.maxMm)
                  : undefined
            }
          />
        )}
        <FigureField
          label={words.pulledOffAtN}
          dimension="force"
          figure={pull}
          onChange={setPull}
          hint={minimumN === undefined ? '' : `≥ ${String(minimumN)}`}
          wrong={low || noPull !== undefined}
          ask={ask}
          fault={noPull ? implausibleWords(noPull) : low ? words.isBelowThisSetup(pullN, minimumN) : undefined}
        />
        {pull.breaks && <p className={textCss.small}>{words.itBroke(breakWords[pull.breaks])}</p>}
        {bench.message !== undefined && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            ▲ {bench.message}
          </p>
        )}
        {checks.ticked.size < lines.length && ready && (
          <Button disabled={busy} onClick={() => record(false)}>
            <span>{words.notGoodRecordWhat}</span>
          </Button>
        )}
        <p className={clsx(textCss.small, textCss.dim)}>{words.toReleaseSetupEye(left)}</p>
        <PullSources item={item}>
          <DeviceLine
            ids={window ? ['micrometer', 'pull-tester'] : ['pull-tester']}
            fault={bench.fault}
            onFault={bench.setFault}
          />
        </PullSources>
      </aside>
    </>
  )
}

'use client'
import { useClock } from '@/ui/frame/Clock'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button } from '@mantine/core'
import { useState } from 'react'
import { constructionOf } from '@/core/parts/catalogue/constructions'
import { heightDrift } from '@/core/record/standing/heightWatch'
import { implausibleHeight, implausiblePull } from '@/core/record/standing/plausible'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { DeviceLine } from '@/ui/device/DeviceLine'
import { FigureField, figureOf, noFigure } from '@/ui/device/FigureField'
import { ForceCurve } from '@/ui/device/ForceCurve'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { figure, newtons, plural, range } from '@/words/figures'
import { lookWords } from '@/words/crimp'
import { breakWords, endingWords } from '@/words/practices'
import { implausibleWords } from '@/words/implausible'
import { trendWords } from '@/words/stats'
import { termName } from '@/words/steps'
import { CrimpReadouts } from './CrimpReadouts'
import { LookPictures } from './LookPictures'
import { PullSources } from './PullSources'
import { SpecimenSheet } from './SpecimenSheet'
import { usePieceInstruments } from './usePieceInstruments'
import { usePull } from './usePull'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'

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
      ? 'Measure the height first'
      : pullN === undefined
        ? 'Pull it first'
        : 'Put the figure right first'
  const main = !ready ? missing : low || outside ? 'Record it as not good' : 'Record the first piece'
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
      ? [{ key: 'm', words: 'Measure the height', run: () => void (bench.working === undefined && measure()) }]
      : [],
  )
  const dueLook = looks.find((look) => look === checks.due?.id)
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} piece="First piece like" />
        {bench.pulling ? (
          <ForceCurve key={bench.pulling.version} points={bench.points} done={bench.pulling.done} minimumN={minimumN} />
        ) : (
          <SpecimenSheet item={item} crimped heightMm={noHeight ? undefined : heightMm} />
        )}
        {!bench.pulling && dueLook && <LookPictures item={item} look={dueLook} />}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="First piece">
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>First piece, on spare wire</h2>
        {setup?.ended && (
          <p className={clsx(noteCss.note, noteCss.attend)}>
            <b>◆ A new one: {endingWords[setup.ended.why]}</b>, {clock.timeOfDay(setup.ended.at)}.
            {setup.ended.why === 'pull-low' &&
              ' What was crimped since the last good pull is in question: look at it again.'}
          </p>
        )}
        {drift && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            <b>▲ Height {trendWords(drift.signal.side, drift.points)}</b>, to {figure(drift.reading.heightMm, 3)} mm at{' '}
            {termName(drift.reading.term, state.plan.quantity)}: check the die and its seat, then make a new first
            piece. What was crimped is inside its window.
          </p>
        )}
        {tried.map((piece) => (
          <p key={piece.at} className={clsx(noteCss.note, piece.good ? noteCss.good : noteCss.fault)}>
            {piece.good ? '✓' : '▲'} {clock.timeOfDay(piece.at)}: {newtons(piece.pullN)}
            {piece.heightMm !== undefined && `, ${figure(piece.heightMm, 3)} mm`}{' '}
            {piece.good ? 'good' : 'not good: find the cause, then another piece'}
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
            label="Crimp height, mm"
            dimension="length"
            figure={height}
            onChange={setHeight}
            hint={range(window.minMm, window.maxMm)}
            wrong={outside || noHeight !== undefined}
            ask={{ key: 'm', words: 'Measure', busy: bench.working !== undefined, run: () => void measure() }}
            fault={
              noHeight
                ? implausibleWords(noHeight)
                : outside
                  ? `Height outside ${range(window.minMm, window.maxMm)} mm.`
                  : undefined
            }
          />
        )}
        <FigureField
          label="Pulled off at, N"
          dimension="force"
          figure={pull}
          onChange={setPull}
          hint={minimumN === undefined ? '' : `≥ ${String(minimumN)}`}
          wrong={low || noPull !== undefined}
          ask={ask}
          fault={
            noPull
              ? implausibleWords(noPull)
              : low
                ? `${newtons(pullN)} is below ${newtons(minimumN)}: this setup is not released with it.`
                : undefined
          }
        />
        {pull.breaks && <p className={textCss.small}>It {breakWords[pull.breaks]}.</p>}
        {bench.message !== undefined && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            ▲ {bench.message}
          </p>
        )}
        {checks.ticked.size < lines.length && ready && (
          <Button disabled={busy} onClick={() => record(false)}>
            <span>Not good: record what was seen</span>
          </Button>
        )}
        <p className={clsx(textCss.small, textCss.dim)}>
          {plural(left, 'good piece')} to release the setup. Eye protection at the pull.
        </p>
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

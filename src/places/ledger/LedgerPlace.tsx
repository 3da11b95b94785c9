'use client'
import { ledgerPlaceWords as words } from '@/words/screens/ledger/ledgerPlace'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import listCss from '@/ui/list/list.module.css'
import styles from './LedgerPlace.module.css'
import textCss from '@/ui/text/text.module.css'
import { Kbd } from '@mantine/core'
import { Link } from '@/ui/address/Link'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import type { LedgerPoint } from '@/core/views/ledger/ledgerTypes'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { useKeys } from '@/ui/keys/KeyProvider'
import { setupIdLabel } from '@/core/craft/setup/setup'
import { figure, plural } from '@/words/figures'
import { ControlChart } from './ControlChart'
import { ledgerTabs, type LedgerModel, type LedgerTab } from './ledgerModel'
import { RecordsTable } from './RecordsTable'
import { ReadingCard } from './ReadingCard'
import { ScrapTable, ToolTable, YieldTable } from './LedgerTables'

const tabWords: Readonly<Record<LedgerTab, string>> = {
  charts: words.charts,
  yield: words.firstTries,
  scrap: words.scrap,
  tools: words.tools,
  records: words.records,
}

const address = (tab: LedgerTab, series?: string, subgroup?: number, copies = false) =>
  `/ledger?${new URLSearchParams({ show: tab, ...(series !== undefined && { series }), ...(subgroup !== undefined && { n: String(subgroup) }), ...(copies && { copies: '1' }) }).toString()}`

type ToLedger = (tab: LedgerTab, series?: string, subgroup?: number) => string

/** Records over all jobs: heights and forces on charts, what was right at the first try, why contacts went, what tools have closed. */
export function LedgerPlace({
  model,
  tab,
  subgroup,
  at,
}: {
  readonly model: LedgerModel
  readonly tab: LedgerTab
  readonly subgroup: number | undefined
  readonly at: { readonly job: string; readonly seq: number } | undefined
}) {
  const router = useRouter()
  const { view, list, copies } = model
  const to: ToLedger = (show, series, n) => address(show, series, n, copies)
  const started = useMemo(() => startAt(model, at), [model, at])
  const [picked, setPicked] = useState<
    { readonly view: string | undefined; readonly chart: 'heights' | 'pulls'; readonly at: number } | undefined
  >()
  const chosen = picked && picked.view === view?.id ? picked : started
  const point: LedgerPoint | undefined =
    chosen && view?.[chosen.chart]?.shown.find((one) => one.at === chosen.at)?.point
  const here = list.findIndex((one) => one.id === view?.id)
  const go = (step: number) => {
    const next = list[here + step]
    if (next) router.push(to('charts', next.id, subgroup))
  }
  const entryHref = point && `/jobs/${encodeURIComponent(point.job)}/journal?at=${String(point.seq)}`
  useKeys([
    ...ledgerTabs.map((one, i) => ({
      key: String(i + 1),
      words: tabWords[one],
      run: () => router.push(to(one, view?.id, subgroup)),
    })),
    ...(tab === 'charts'
      ? [
          { key: 'j', words: words.nextSeries, run: () => go(1) },
          { key: 'k', words: words.seriesBefore, run: () => go(-1) },
          ...(entryHref === undefined
            ? []
            : [{ key: 'Enter', words: words.openEntryOfThis, run: () => router.push(entryHref) }]),
        ]
      : []),
  ])
  const pick = (chart: 'heights' | 'pulls') => (at: number) => setPicked({ view: view?.id, chart, at })
  return (
    <PlaceFrame
      place="ledger"
      title={words.ledger}
      sub={plural(list.length, 'series', 'series')}
      find={list.map((one) => ({
        id: setupIdLabel(one.setup),
        kind: 'series',
        words: one.contactNames,
        href: to('charts', one.id),
      }))}
    >
      {list.length === 0 && tab === 'charts' ? (
        <div className={paneCss.work}>
          <Tabs tab={tab} series={undefined} to={to} />
          <p className={clsx(noteCss.note, noteCss.attend)}>{words.nothingIsRecordedYet}</p>
        </div>
      ) : (
        <div
          className={paneCss.station}
          style={tab === 'charts' ? undefined : { gridTemplateColumns: 'minmax(0,1fr)' }}
        >
          {tab === 'charts' && <SeriesList list={list} view={view?.id} subgroup={subgroup} to={to} />}
          {tab === 'charts' && view ? (
            <>
              <div className={paneCss.work}>
                {view.heights && (
                  <ControlChart
                    chart={view.heights}
                    lower={view.height?.minMm}
                    upper={view.height?.maxMm}
                    estimate={view.height?.estimate === true}
                    label={words.crimpHeight}
                    unit="mm"
                    digits={3}
                    selected={chosen?.chart === 'heights' ? chosen.at : undefined}
                    onSelect={pick('heights')}
                  />
                )}
                {view.pulls && (
                  <ControlChart
                    chart={view.pulls}
                    lower={view.minimumN}
                    label={words.pulledOffAt}
                    unit="N"
                    digits={0}
                    selected={chosen?.chart === 'pulls' ? chosen.at : undefined}
                    onSelect={pick('pulls')}
                  />
                )}
                {!view.heights && !view.pulls && (
                  <p className={clsx(noteCss.note, noteCss.attend)}>{words.crimpedAndNothingMeasured}</p>
                )}
              </div>
              <ReadingCard
                key={view.id}
                view={view}
                titles={model.titles}
                chosen={chosen}
                point={point}
                entryHref={entryHref}
                onSelect={(chart, shown) => pick(chart)(shown)}
                subgroup={subgroup}
                onSubgroup={(n) => router.push(to('charts', view.id, n))}
              />
            </>
          ) : (
            <div className={paneCss.work}>
              <Tabs tab={tab} series={view?.id} to={to} />
              {tab === 'yield' && <YieldTable model={model} />}
              {tab === 'scrap' && <ScrapTable model={model} />}
              {tab === 'tools' && <ToolTable model={model} />}
              {tab === 'records' && (
                <RecordsTable
                  model={model}
                  onCopies={(count) => router.push(address('records', view?.id, subgroup, count))}
                />
              )}
            </div>
          )}
        </div>
      )}
    </PlaceFrame>
  )
}

/** The series of readings, what has most to say first. */
function SeriesList({
  list,
  view,
  subgroup,
  to,
}: {
  readonly list: LedgerModel['list']
  readonly view: string | undefined
  readonly subgroup: number | undefined
  readonly to: ToLedger
}) {
  return (
    <nav className={clsx(paneCss.pane, paneCss.paneQueue, listCss.shelfList)} aria-label={words.series}>
      <Tabs tab="charts" series={view} to={to} />
      {list.map((one) => (
        <Link
          key={one.id}
          href={to('charts', one.id, subgroup)}
          className={styles.seriesRow}
          aria-current={one.id === view ? 'page' : undefined}
        >
          <span className={textCss.mono}>{setupIdLabel(one.setup)}</span>
          {one.made !== 'production' && <span className={textCss.small}>{words.made[one.made]}</span>}
          <span className={textCss.small}>
            {one.signals > 0 && <b className={textCss.fault}>▲ {plural(one.signals, 'signal')} </b>}
            {one.contactNames}
          </span>
          <span className={clsx(textCss.small, textCss.dim)}>
            {[one.heights > 0 && plural(one.heights, 'height'), one.pulls > 0 && plural(one.pulls, 'pull')]
              .filter(Boolean)
              .join(', ') || words.nothingMeasured}
          </span>
        </Link>
      ))}
    </nav>
  )
}

/** The reading that an address asks for, else the first trend or signal, else the last reading. */
function startAt({ view }: LedgerModel, at: { readonly job: string; readonly seq: number } | undefined) {
  for (const chart of ['heights', 'pulls'] as const) {
    const found = at && view?.[chart]?.shown.find((one) => one.point.job === at.job && one.point.seq === at.seq)
    if (found && view) return { view: view.id, chart, at: found.at }
  }
  const chart = view?.heights ? ('heights' as const) : ('pulls' as const)
  const shown = view?.[chart]
  const first = (shown?.signals.find((one) => one.rule === 'trend') ?? shown?.signals[0])?.at ?? shown?.shown.at(-1)?.at
  return view && first !== undefined ? { view: view.id, chart, at: first } : undefined
}

function Tabs({
  tab,
  series,
  to,
}: {
  readonly tab: LedgerTab
  readonly series: string | undefined
  readonly to: ToLedger
}) {
  return (
    <div className={styles.tabs} role="group" aria-label={words.whatLedgerShows}>
      {ledgerTabs.map((one, i) => (
        <Link key={one} href={to(one, series)} aria-current={one === tab ? 'page' : undefined}>
          {tabWords[one]} <Kbd aria-hidden="true">{figure(i + 1, 0)}</Kbd>
        </Link>
      ))}
    </div>
  )
}

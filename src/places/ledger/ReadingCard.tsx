import { readingCardWords as words } from '@/words/screens/ledger/readingCard'
import { useClock } from '@/ui/frame/Clock'
import { Anchor, Button, Kbd, NativeSelect } from '@mantine/core'
import type { LedgerPoint } from '@/core/views/ledger/ledgerTypes'
import type { SeriesChart } from '@/core/views/ledger/seriesChart'
import { figure } from '@/words/figures'
import { chartFaultWords, signalWords, withheldWords } from '@/words/stats'
import { CauseForm } from './CauseForm'
import { termName } from '@/words/steps'
import type { SeriesView } from './ledgerModel'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import styles from './ReadingCard.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import readoutCss from '@/ui/readout/readout.module.css'
import { Link } from '@/ui/address/Link'

const whatWords: Readonly<Record<LedgerPoint['what'], string>> = {
  crimp: words.aCrimp,
  scrapped: words.crimpThatWentTo,
  'first-piece': words.firstPiece,
  sample: words.aSample,
}

/** The reading that is chosen, with the way to its entry and photo; what the chart says; how capable the process is. */
export function ReadingCard({
  view,
  titles,
  chosen,
  point,
  entryHref,
  onSelect,
  subgroup,
  onSubgroup,
}: {
  readonly view: SeriesView
  readonly titles: Readonly<Record<string, string>>
  readonly chosen: { readonly chart: 'heights' | 'pulls'; readonly at: number } | undefined
  readonly point: LedgerPoint | undefined
  readonly entryHref: string | undefined
  readonly onSelect: (chart: 'heights' | 'pulls', at: number) => void
  readonly subgroup: number | undefined
  readonly onSubgroup: (n: number | undefined) => void
}) {
  const clock = useClock()
  const photos = usePhotos(point)
  const isHeight = chosen?.chart === 'heights'
  const isSignal = chosen !== undefined && view[chosen.chart]?.signals.some((one) => one.at === chosen.at)
  return (
    <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.reading}>
      {point && (
        <>
          <p className={clsx(textCss.dim, textCss.small)}>
            {whatWords[point.what]}
            {point.term !== undefined && `, ${termName(point.term, 2)}`}, {titles[point.job] ?? point.job}
          </p>
          <p className={readoutCss.readoutInline}>
            <b>{figure(point.value, isHeight ? 3 : 1)}</b> {isHeight ? 'mm' : 'N'}
          </p>
          <p className={clsx(textCss.small, textCss.dim)}>{clock.dayTime(point.at)}</p>
          {isSignal && <CauseForm key={`${point.job} ${String(point.seq)}`} point={point} />}
          {photos.length > 0 && (
            <div className={paneCss.photoRow}>
              {photos.map((id) => (
                <a key={id} href={`/api/photos/${id}`} target="_blank" rel="noreferrer">
                  {/* oxlint-disable-next-line nextjs/no-img-element -- the picture is the record itself: nothing may be made of it on the way */}
                  <img src={`/api/photos/${id}`} alt={words.photoOfThisPiece} />
                </a>
              ))}
            </div>
          )}
          {entryHref !== undefined && (
            <Button component={Link} href={entryHref}>
              <span>{words.openItsEntry}</span> <Kbd aria-hidden="true">Enter</Kbd>
            </Button>
          )}
        </>
      )}
      {view.heights && <Says title={words.height} chart={view.heights} onSelect={(at) => onSelect('heights', at)} />}
      {view.pulls && <Says title={words.pull} chart={view.pulls} onSelect={(at) => onSelect('pulls', at)} />}
      {view.minimumN !== undefined && view.pulls && (
        <p className={view.lowPulls > 0 ? textCss.fault : textCss.good}>
          {view.lowPulls > 0
            ? words.belowN(view.lowPulls, view.minimumN)
            : words.allPullsAtOr(view.pulls.count, view.minimumN)}
        </p>
      )}
      <NativeSelect
        label={words.chart}
        value={subgroup ?? ''}
        onChange={(event) => onSubgroup(event.target.value === '' ? undefined : Number(event.target.value))}
      >
        <option value="">{words.individualsMovingRange}</option>
        {[2, 3, 4, 5, 6, 7, 8, 9, 10].map((n) => (
          <option key={n} value={n}>
            {words.meansAndRangesOf(n)}
          </option>
        ))}
      </NativeSelect>
      <div className={paneCss.sources}>
        <span>{words.controlLimitsSayWhether}</span>
      </div>
    </aside>
  )
}

/** Signals shown as a list; more are counted. */
const LISTED = 6

function Says({
  title,
  chart,
  onSelect,
}: {
  readonly title: string
  readonly chart: SeriesChart
  readonly onSelect: (at: number) => void
}) {
  return (
    <section aria-label={words.whatChartSays(title)}>
      <h2 className={styles.smaller}>{title}</h2>
      {chart.fault && <p className={textCss.small}>{chartFaultWords(chart.fault)}.</p>}
      {chart.cpk !== undefined && (
        <p className={textCss.small}>
          {chart.cp !== undefined && (
            <>
              {words.cp} <b className={textCss.mono}>{figure(chart.cp, 2)}</b>,{' '}
            </>
          )}
          {words.cpk} <b className={textCss.mono}>{figure(chart.cpk, 2)}</b>
          {chart.cpkAtLeast !== undefined && (
            <>
              {' '}
              {words.fromAtLeast(chart.count)} <b className={textCss.mono}>{figure(chart.cpkAtLeast, 2)}</b>{' '}
              {words.canBeStated}
            </>
          )}
          .
        </p>
      )}
      {chart.withheld.map((one) => (
        <p key={one.why} className={textCss.small}>
          {withheldWords(one)}
        </p>
      ))}
      {chart.signals.length === 0 && chart.chart && (
        <p className={clsx(textCss.small, textCss.good)}>{words.steadyNoSignal}</p>
      )}
      <ul>
        {chart.signals.slice(0, LISTED).map((signal) => (
          <li key={`${signal.rule} ${String(signal.at)} ${signal.side}`}>
            <Anchor component="button" type="button" onClick={() => onSelect(signal.at)} size="sm">
              <span className={textCss.fault} aria-hidden="true">
                ▲
              </span>{' '}
              <span>{words.signalAt(signal.at + 1, signalWords[signal.rule][signal.side])}</span>
            </Anchor>
          </li>
        ))}
      </ul>
      {chart.signalCount > LISTED && (
        <p className={clsx(textCss.small, textCss.dim)}>{words.andMore(chart.signalCount - LISTED)}</p>
      )}
    </section>
  )
}

const readPhotos = withFields<{ readonly photos: readonly string[] }>('photos')
const noPhotos: readonly string[] = []

/** Photos that stand by the piece of a reading. */
function usePhotos(point: LedgerPoint | undefined): readonly string[] {
  const { value, loading } = useFetched(
    point?.term === undefined
      ? undefined
      : `/ledger/photos?${new URLSearchParams({ job: point.job, term: point.term }).toString()}`,
    readPhotos,
  )
  return loading || point?.term === undefined ? noPhotos : (value?.photos ?? noPhotos)
}

import { controlChartWords as words } from '@/words/screens/ledger/controlChart'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './ControlChart.module.css'
import { useEffect, useRef } from 'react'
import type { SeriesChart } from '@/core/views/ledger/seriesChart'
import { LoadFault } from '@/ui/later/LoadFault'
import { useBeside } from '@/ui/later/useBeside'
import { figure } from '@/words/figures'
import { signalWords } from '@/words/stats'

const loadCharts = () => import('./drawControlChart')

/**
 * A control chart. With the focus on it, left and right go from reading to reading, Home and End to the first and the last.
 * @param selected place of the chosen reading among all
 */
export function ControlChart({
  chart,
  lower,
  upper,
  estimate = false,
  label,
  unit,
  digits,
  selected,
  onSelect,
}: {
  readonly chart: SeriesChart
  /** the sheet's own limits */
  readonly lower?: number | undefined
  readonly upper?: number | undefined
  /** they are estimated: no sheet says them */
  readonly estimate?: boolean
  readonly label: string
  readonly unit: string
  readonly digits: number
  readonly selected: number | undefined
  readonly onSelect: (at: number) => void
}) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const { value: charts, failed, again } = useBeside(loadCharts)
  const select = useRef(onSelect)
  useEffect(() => {
    select.current = onSelect
  }, [onSelect])
  useEffect(
    () =>
      charts && canvas.current
        ? charts.drawControlChart(canvas.current, {
            chart,
            lower,
            upper,
            digits,
            selected,
            onSelect: (at) => select.current(at),
          })
        : undefined,
    [charts, chart, lower, upper, digits, selected],
  )
  const at = chart.shown.findIndex((one) => one.at === selected)
  const move = (to: number) => {
    const one = chart.shown[Math.max(0, Math.min(chart.shown.length - 1, to))]
    if (one) onSelect(one.at)
  }
  const now = chart.shown[at]
  const signal = now && chart.signals.find((one) => one.at === now.at)
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={label}>
      <div className={paneCss.panelHead}>
        <span>
          {label}{' '}
          <b className={clsx(textCss.mono, styles.large)}>{chart.chart ? figure(chart.chart.centre, digits) : '–'}</b>{' '}
          {unit}
          {chart.chart && (
            <span className={textCss.dim}>
              {' '}
              {words.middleControlLimitsTo(chart.chart.lcl, digits, chart.chart.ucl)}
            </span>
          )}
          {estimate && lower !== undefined && upper !== undefined && (
            <b className={textCss.caution}> ◆ {words.windowEstimated(lower, upper)}</b>
          )}
        </span>
        <span className={paneCss.caption}>
          {words.individualsReadings(
            chart.kind === 'individuals',
            chart.count.toLocaleString('en'),
            chart.shown.length < chart.count && chart.kind === 'individuals'
              ? words.drawn(chart.shown.length.toLocaleString('en'))
              : '',
          )}
        </span>
      </div>
      <div
        className={clsx(paneCss.panelBody, styles.chartBox)}
        tabIndex={0}
        role="slider"
        aria-label={words.reading(label)}
        aria-valuemin={1}
        aria-valuemax={chart.count}
        aria-valuenow={(selected ?? 0) + 1}
        aria-valuetext={
          now
            ? `${figure(now.value, digits)} ${unit}${signal ? `, ${signalWords[signal.rule][signal.side]}` : ''}`
            : words.noneChosen
        }
        onKeyDown={(event) => {
          const to = { ArrowLeft: at - 1, ArrowRight: at + 1, Home: 0, End: chart.shown.length - 1 }[event.key]
          if (to === undefined) return
          event.preventDefault()
          event.stopPropagation()
          move(to)
        }}
      >
        {failed && <LoadFault again={again} />}
        <canvas ref={canvas} aria-hidden="true" />
      </div>
    </section>
  )
}

import styles from './ForceCurve.module.css'
import { forceCurveWords as words } from '@/words/screens/device/forceCurve'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import type { Chart as ChartOf } from 'chart.js'
import { useEffect, useRef, useState, type RefObject } from 'react'
import { LoadFault } from '../later/LoadFault'
import { useBeside } from '../later/useBeside'
import { forceSaid } from '@/words/figures'

const loadCharts = () => import('./forceChart')

/** The force over the time of a pull, drawn as it comes; the peak against what is asked. */
export function ForceCurve({
  points,
  done,
  minimumN,
}: {
  readonly points: RefObject<number[]>
  readonly done: boolean
  readonly minimumN: number | undefined
}) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const { value: charts, failed, again } = useBeside(loadCharts)
  const [shown, setShown] = useState({ count: 0, peakN: 0 })
  useEffect(() => {
    if (!charts || !canvas.current) return undefined
    const chart: ChartOf = charts.forceChart(canvas.current, minimumN)
    let drawn = 0
    let peakN = 0
    let frame = 0
    const draw = () => {
      const all = points.current
      if (all.length > drawn) {
        for (let i = drawn; i < all.length; i += 2) peakN = Math.max(peakN, all[i + 1] ?? 0)
        charts.addPoints(chart, all, drawn)
        drawn = all.length
        setShown({ count: drawn / 2, peakN })
      }
      frame = requestAnimationFrame(draw)
    }
    frame = requestAnimationFrame(draw)
    return () => {
      cancelAnimationFrame(frame)
      chart.destroy()
    }
  }, [charts, minimumN, points])
  const peak = forceSaid(shown.peakN)
  const low = minimumN !== undefined && shown.peakN < minimumN
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.forceCurve}>
      <div className={paneCss.panelHead}>
        <span>
          {words.peak}{' '}
          <b
            className={clsx(textCss.mono, done ? (low ? textCss.fault : textCss.good) : undefined, styles.large)}
            data-testid="peak"
          >
            {peak.value}
          </b>{' '}
          {peak.unit}{' '}
          {minimumN !== undefined && (
            <>
              {done ? (low ? '▲ below' : words.above) : 'asked'}{' '}
              <b className={textCss.mono}>{words.minimum(minimumN)}</b>
            </>
          )}
        </span>
        <span className={paneCss.caption} data-testid="readings">
          {words.readings(shown.count.toLocaleString('en'))}
        </span>
      </div>
      <div className={clsx(paneCss.panelBody, styles.box)}>
        {failed && <LoadFault again={again} />}
        <canvas ref={canvas} role="img" aria-label={words.forceOverTimePeak(shown.peakN)} />
      </div>
    </section>
  )
}

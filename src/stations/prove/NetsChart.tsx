import { Pagination } from '@mantine/core'
import clsx from 'clsx'
import { useEffect, useMemo, useRef, useState } from 'react'
import { units } from '@/core/record/state/wireBlocks'
import { type NetVerdict, netVerdicts } from '@/core/work/prove/netVerdict'
import { useJob } from '@/ui/job/JobProvider'
import { LoadFault } from '@/ui/later/LoadFault'
import { useBeside } from '@/ui/later/useBeside'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { ohms, plural } from '@/words/figures'
import { netsChartWords as words } from '@/words/screens/prove/netsChart'
import type { ChartedNet } from './netsChart'
import styles from './NetsChart.module.css'
import { netKey } from './proveRows'
import { Leads } from './Leads'

const loadCharts = () => import('./netsChart')
/** So many nets stand in one chart. */
const IN_ONE = 40
const ROW_PX = 26
const HEAD_PX = 60

type Judged = NetVerdict & { readonly resistance: NonNullable<NetVerdict['resistance']> }
const isJudged = (net: NetVerdict): net is Judged => net.resistance !== undefined

const toneOf = ({ resistance: { verdict, contacts, outlier } }: Judged): ChartedNet['tone'] =>
  verdict === 'high' || verdict === 'low' || contacts?.verdict === 'high'
    ? 'fault'
    : verdict === 'cannot-tell' || outlier
      ? 'caution'
      : 'good'

/** All nets against their windows, what stands out first. */
export function NetsChart() {
  const { state } = useJob()
  const nets = useMemo(() => {
    const rank = { fault: 0, caution: 1, good: 2 }
    return units(state)
      .flatMap((unit) => netVerdicts(state, unit))
      .filter(isJudged)
      .sort((a, b) => rank[toneOf(a)] - rank[toneOf(b)])
  }, [state])
  const [page, setPage] = useState(1)
  const shown = useMemo(() => nets.slice((page - 1) * IN_ONE, page * IN_ONE), [nets, page])
  const charted = useMemo(
    () =>
      shown.map((net): ChartedNet => {
        const { expectedOhm, windowOhm, netOhm } = net.resistance
        const percent = (ohm: number) => (ohm / expectedOhm) * 100
        return {
          name: netKey(net).replace(/^1\//, ''),
          lowPercent: percent(windowOhm[0]),
          highPercent: percent(windowOhm[1]),
          readPercent: netOhm === undefined ? undefined : percent(netOhm),
          tone: toneOf(net),
        }
      }),
    [shown],
  )
  const canvas = useRef<HTMLCanvasElement>(null)
  const { value: charts, failed, again } = useBeside(loadCharts)
  useEffect(() => (charts && canvas.current ? charts.drawNets(canvas.current, charted) : undefined), [charts, charted])
  const measured = nets.filter((net) => net.resistance.netOhm !== undefined)
  const count = (tone: ChartedNet['tone']) => measured.filter((net) => toneOf(net) === tone).length
  return (
    <>
      <div className={paneCss.work}>
        <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.netsAgainstWindows}>
          <div className={paneCss.panelHead}>
            <span>{words.netsAgainstWindows}</span>
            {nets.length > IN_ONE && (
              <Pagination total={Math.ceil(nets.length / IN_ONE)} value={page} onChange={setPage} size="sm" />
            )}
          </div>
          <div className={paneCss.panelBody}>
            {failed && <LoadFault again={again} />}
            <div className={styles.box} style={{ height: HEAD_PX + charted.length * ROW_PX }}>
              <canvas
                ref={canvas}
                role="img"
                aria-label={words.chartSays(measured.length, nets.length, count('fault'))}
              />
            </div>
          </div>
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.chart}>
        <h2 className={textCss.cardTitle}>{words.measuredOf(measured.length, nets.length)}</h2>
        <ul className={paneCss.choices}>
          <li className={textCss.fault}>▲ {words.outOfWindow(count('fault'))}</li>
          <li className={textCss.caution}>◆ {words.cannotTell(count('caution'))}</li>
          <li className={textCss.good}>● {words.good(count('good'))}</li>
        </ul>
        {measured
          .filter((net) => toneOf(net) !== 'good')
          .slice(0, 6)
          .map((net) => (
            <p key={netKey(net)}>
              <b className={textCss.mono}>{net.wire.id}</b> {ohms(net.resistance.netOhm ?? 0)},{' '}
              {words.windowOf(ohms(net.resistance.windowOhm[0]), ohms(net.resistance.windowOhm[1]))}
              {net.resistance.outlier && ` ${words.standsOut}`}
            </p>
          ))}
        <Leads />
        <div className={paneCss.sources}>
          <span>{words.byNets(plural(nets.length, 'net'))}</span>
        </div>
      </aside>
    </>
  )
}

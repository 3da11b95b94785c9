import { Progress } from '@mantine/core'
import clsx from 'clsx'
import { useMemo } from 'react'
import { netVerdicts } from '@/core/work/prove/netVerdict'
import type { AnalyseTask } from '@/core/work/prove/proofTasks'
import { analyserPoints } from '@/core/work/prove/standInHarness'
import { Caution } from '@/ui/caution/Caution'
import { useClock } from '@/ui/frame/Clock'
import { useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import textCss from '@/ui/text/text.module.css'
import { figure } from '@/words/figures'
import { analyserViewWords as words } from '@/words/screens/prove/analyserView'
import styles from './AnalyserView.module.css'
import { PointsOnAnalyser } from './PointsOnAnalyser'
import { Practice } from './Practice'
import { RunForm } from './RunForm'
import { type Run, useScan } from './useScan'

/** All pairs of a unit by the analyser: which end lies on which points, the run as it goes, and what it found. */
export function AnalyserView({
  unit,
  task,
  done,
  explain,
}: {
  readonly unit: number
  readonly task: AnalyseTask | undefined
  readonly done: () => void
  readonly explain: (() => void) | undefined
}) {
  const clock = useClock()
  const { id, state } = useJob()
  const scan = useScan(id, unit)
  const { run } = scan
  const nets = netVerdicts(state, unit)
  const points = useMemo(() => analyserPoints(state), [state])
  const pairs = (points.length * (points.length - 1)) / 2
  const ready = nets.every((net) => net.ready)
  const found = state.analysed.get(String(unit)) ?? task?.found
  const astray = nets.filter((net) => net.probe?.result === 'fail').length
  const shown = run ? undefined : found
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout
            label={run ? words.pairsDone : words.pairs}
            value={(run ? run.at : pairs).toLocaleString('en')}
            also={run ? words.ofPairs(run.total) : words.allOfThem}
            wide
          />
          <Readout
            label={words.joinedFound}
            value={run ? String(run.joined) : shown ? String(nets.length - astray) : '–'}
          />
          <Readout
            label={words.astray}
            value={shown ? String(astray) : '–'}
            change={shown !== undefined && !shown.apart}
            also={shown && (shown.apart ? words.noTwoJoined : words.netsTouch)}
          />
        </Readouts>
        {run && <RunProgress run={run} />}
        <PointsOnAnalyser points={points} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.analyser}>
        <Caution id="meter-on-circuit" />
        <h2 className={clsx(textCss.cardTitle, found && (found.apart && astray === 0 ? textCss.good : textCss.fault))}>
          {!ready
            ? words.notAllSeated
            : found
              ? words.ranAt(clock.timeOfDay(found.at), astray, found.apart)
              : words.runOverAllPairs}
        </h2>
        {scan.message !== undefined && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            ▲ {scan.message}
          </p>
        )}
        {ready && (
          <RunForm
            unit={unit}
            scan={scan}
            isGood={found?.apart === true && astray === 0}
            done={done}
            explain={explain}
          />
        )}
        <Practice unit={unit} />
        <div className={paneCss.sources}>
          <span>{words.matingHalfOrTestContact}</span>
        </div>
      </aside>
    </>
  )
}

function RunProgress({ run: { at, total, resumed } }: { readonly run: Run }) {
  const percent = (at / total) * 100
  return (
    <section className={clsx(paneCss.panel, styles.progress)} aria-label={words.progress} aria-live="polite">
      <Progress.Root size="lg">
        <Progress.Section value={percent} aria-label={words.progress} />
      </Progress.Root>
      <p className={clsx(textCss.small, textCss.dim)}>
        {figure(percent, 0)} % {resumed > 0 && words.linkCameBack(resumed)}
      </p>
    </section>
  )
}

'use client'
import clsx from 'clsx'
import { useMemo, useState } from 'react'
import { groupBy } from '@/core/base/collections'
import { netOf, unitAndId } from '@/core/record/plan/keys'
import { failures } from '@/core/work/prove/failures'
import { apartReadiness } from '@/core/work/prove/proofTasks'
import { nextStep } from '@/core/views/steps'
import { useJob } from '@/ui/job/JobProvider'
import { StationDone } from '@/ui/job/StationDone'
import { useAt } from '@/ui/job/useAt'
import { useShown } from '@/ui/keys/useShown'
import { later } from '@/ui/later/later'
import { Queue, type QueueRows, type QueueSection } from '@/ui/list/Queue'
import noteCss from '@/ui/note/note.module.css'
import { StationPanes } from '@/ui/pane/StationPanes'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import { ApartCard } from './ApartCard'
import { HoldCard } from './HoldCard'
import { NetCard } from './NetCard'
import { type ProveRow, inWalk, lookOf, proveRows, standingOf } from './proveRows'
import { type WalkPlace, useWalk } from './useWalk'

// what is not of the walk comes when it is asked for
const DiagnosisView = later(
  () => import('./DiagnosisView'),
  (module) => module.DiagnosisView,
)
const AnalyserView = later(
  () => import('./AnalyserView'),
  (module) => module.AnalyserView,
)
const MoveView = later(
  () => import('./MoveView'),
  (module) => module.MoveView,
)
const NetsChart = later(
  () => import('./NetsChart'),
  (module) => module.NetsChart,
)
const ThroughCard = later(
  () => import('./ThroughCard'),
  (module) => module.ThroughCard,
)
const MismateView = later(
  () => import('./MismateView'),
  (module) => module.MismateView,
)

/** A walk with two probes: each net and each pair called out and judged; contacts pulled; the whole moved, analysed and charted. */
export function ProveStation() {
  const { state } = useJob()
  const all = useMemo(() => proveRows(state), [state])
  const walk = useWalk(state)
  // a few are asked for by their keys: an index of all would be made with every entry. `1/W07/a` asks for its net, `1/W07`
  const rowAt = (key: string | undefined) =>
    key === undefined ? undefined : (rowOf(all, key) ?? rowOf(all, netOf(key)))
  const sections = useMemo(() => proveSections(all, walk), [all, walk])
  const rows: QueueRows<ProveRow> = useMemo(
    () => ({ keyOf: ({ key }) => key, look: (row) => lookOf(state, row) }),
    [state],
  )
  const due = useMemo(() => dueRow(state, sections, all), [state, sections, all])
  const { at, select, follow } = useAt((key) => rowAt(key) !== undefined, due?.key)
  const shown = useShown(at)
  const row = rowAt(shown) ?? rowAt(at)
  const unit = unitOf(row)
  const [explains, setExplains] = useState(false)
  const hasFailed = useMemo(() => failures(state, unit) > 0, [state, unit])
  return (
    <StationPanes
      at={row?.key}
      queue={
        <Queue
          sections={sections}
          rows={rows}
          selected={row?.key}
          onSelect={(key) => {
            setExplains(false)
            select(key)
          }}
          label={words.nets}
        />
      }
    >
      {hasFailed && explains ? (
        <DiagnosisView key={unit} unit={unit} back={() => setExplains(false)} />
      ) : row ? (
        <RowCard
          key={row.key}
          row={row}
          flipped={walk?.get(row.key.slice(row.key.indexOf('/') + 1))?.flipped ?? false}
          done={follow}
          explain={hasFailed ? () => setExplains(true) : undefined}
        />
      ) : all.length > 0 ? (
        <StationDone station="prove" waits={words.restWaits} />
      ) : (
        <div className={paneCss.work}>
          <p className={clsx(noteCss.note, noteCss.attend)}>{words.noNetsYetPlan}</p>
        </div>
      )}
    </StationPanes>
  )
}

function RowCard({
  row,
  flipped,
  done,
  explain,
}: {
  readonly row: ProveRow
  readonly flipped: boolean
  readonly done: () => void
  readonly explain: (() => void) | undefined
}) {
  switch (row.kind) {
    case 'net':
      return <NetCard net={row.net} flipped={flipped} done={done} explain={explain} />
    case 'apart':
      return <ApartCard task={row.task} flipped={flipped} done={done} explain={explain} />
    case 'through':
      return <ThroughCard task={row.task} done={done} />
    case 'hold':
      return <HoldCard task={row.task} done={done} />
    case 'move':
      return <MoveView unit={row.unit} task={row.task} done={done} />
    case 'analyse':
      return <AnalyserView unit={row.unit} task={row.task} done={done} explain={explain} />
    case 'chart':
      return <NetsChart />
    case 'mismate':
      return <MismateView />
  }
}

function unitOf(row: ProveRow | undefined): number {
  if (!row) return 1
  if (row.kind === 'move' || row.kind === 'analyse') return row.unit
  if (row.kind === 'through') return row.task.unit
  if (row.kind === 'hold') return row.task.termination.unit
  return row.kind === 'net' || row.kind === 'apart' ? unitAndId(row.key).unit : 1
}

const rowOf = (all: readonly ProveRow[], key: string) => all.find((row) => row.key === key)

type State = ReturnType<typeof useJob>['state']

/** What is due by the job's own next step; among nets and pairs, the one that the walk comes to. */
function dueRow(
  state: State,
  sections: readonly QueueSection<ProveRow>[],
  all: readonly ProveRow[],
): ProveRow | undefined {
  const step = nextStep(state)
  const isWalk = step.kind === 'probe' || step.kind === 'probe-apart' || step.station !== 'prove'
  const toProbe = sections.find(({ id }) => id === 'to-probe')?.items ?? []
  const isReady = apartReadiness(state)
  const ready = isWalk
    ? toProbe.find((row) => (row.kind === 'apart' ? isReady(row.task) : row.kind === 'net' && row.net.ready))
    : undefined
  const asked = step.station === 'prove' && step.focus !== undefined ? rowOf(all, step.focus) : undefined
  return ready ?? asked
}

function proveSections(
  all: readonly ProveRow[],
  walk: ReadonlyMap<string, WalkPlace> | undefined,
): readonly QueueSection<ProveRow>[] {
  const standing = groupBy(all, standingOf)
  const of = (which: ReturnType<typeof standingOf>) => standing.get(which) ?? []
  const sections: readonly QueueSection<ProveRow>[] = [
    { id: 'wrong', title: <span className={textCss.fault}>{words.didNotProve}</span>, items: of('wrong') },
    { id: 'to-probe', title: walk ? words.toProbeInWalk : words.toProbe, items: inWalk(of('to-probe'), walk) },
    { id: 'to-pull', title: words.toPull, items: of('to-pull') },
    { id: 'whole', title: words.whole, items: of('whole') },
    { id: 'proven', title: words.proved, items: of('proved') },
  ]
  return sections.filter(({ items }) => items.length > 0)
}

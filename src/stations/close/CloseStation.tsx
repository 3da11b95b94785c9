'use client'
import clsx from 'clsx'
import { useMemo } from 'react'
import { unitAndId } from '@/core/record/plan/keys'
import { nextStep } from '@/core/views/steps'
import { closeTasks } from '@/core/work/close/closeTasks'
import { useClock } from '@/ui/frame/Clock'
import { useAuthor } from '@/ui/job/useAuthor'
import { useJob } from '@/ui/job/JobProvider'
import { useAt } from '@/ui/job/useAt'
import { later } from '@/ui/later/later'
import { Queue, type QueueRows } from '@/ui/list/Queue'
import { StationPanes } from '@/ui/pane/StationPanes'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { closeStationWords as words } from '@/words/screens/close/closeStation'
import { BundleSheet } from './BundleSheet'
import styles from './CloseStation.module.css'
import { type CloseLine, closeSections } from './closeRows'
import { Papers } from './Papers'
import { RenewLacing } from './RenewLacing'
import { SignCard } from './SignCard'
import { TrayCard } from './TrayCard'

// a job without a layout needs none of it
const BoardPanel = later(
  () => import('./BoardPanel'),
  (module) => module.BoardPanel,
)
const LayoutCard = later(
  () => import('./LayoutCard'),
  (module) => module.LayoutCard,
)
const SegmentCard = later(
  () => import('./SegmentCard'),
  (module) => module.SegmentCard,
)
const ShellCard = later(
  () => import('./ShellCard'),
  (module) => module.ShellCard,
)
const RestCard = later(
  () => import('./RestCard'),
  (module) => module.RestCard,
)

type State = ReturnType<typeof useJob>['state']

const closeRows: QueueRows<CloseLine> = { keyOf: (line) => line.key, look: (line) => line }

/** Bundle, shells, tray, signature, papers: the end of a job. */
export function CloseStation() {
  const { state } = useJob()
  const sections = useMemo(() => closeSections(state), [state])
  const keys = useMemo(() => new Set(sections.flatMap(({ items }) => items.map(({ key }) => key))), [sections])
  const { at = 'tray', select, follow } = useAt((key) => keys.has(key), dueKey(state))
  const task = closeTasks(state).find(({ key }) => key === at)
  const segment = task?.kind === 'segment' ? task : undefined
  const showsBoard = state.plan.layout !== undefined && (at === 'board' || segment !== undefined)
  return (
    <StationPanes
      at={at}
      queue={<Queue sections={sections} rows={closeRows} selected={at} onSelect={select} label={words.toClose} />}
    >
      <div className={paneCss.work}>
        {showsBoard ? (
          <BoardPanel task={segment} unit={segment?.unit ?? 1} />
        ) : (
          <>
            <BundleSheet />
            <Signatures state={state} />
            <Papers />
          </>
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.toClose}>
        <CloseCard key={at} at={at} done={follow} />
      </aside>
    </StationPanes>
  )
}

/** The card of a row. */
function CloseCard({ at, done }: { readonly at: string; readonly done: () => void }) {
  const { state } = useJob()
  const task = closeTasks(state).find(({ key }) => key === at)
  if (task && task.kind !== 'shell')
    return task.kind === 'segment' ? <SegmentCard task={task} done={done} /> : <RestCard task={task} done={done} />
  const [kind = '', of = ''] = at.split(' ')
  const { unit, id } = unitAndId(of)
  switch (kind) {
    case 'board':
      return <LayoutCard />
    case 'shell':
      return <ShellCard unit={unit} end={id} task={task} done={done} />
    case 'lacing':
      return <RenewLacing unit={unit} wire={id} done={done} />
    case 'tray':
      return <TrayCard done={done} />
    default:
      return <SignCard role={at === 'second' ? 'second' : 'builder'} />
  }
}

/** What is due here by the job's own next step; before that is here, a torque tool to rest, lacing that stands open, or the tray. */
function dueKey(state: State): string {
  const step = nextStep(state)
  const [lacing] = state.lacings.keys()
  if (step.station !== 'close') {
    const rest = closeTasks(state).find((task) => task.kind === 'rest' && !task.done)
    return rest?.key ?? (lacing === undefined ? 'tray' : `lacing ${lacing}`)
  }
  return step.focus ?? (step.kind === 'count-tray' ? 'tray' : step.kind === 'countersign' ? 'second' : 'sign')
}

function Signatures({ state }: { readonly state: State }) {
  const clock = useClock()
  const author = useAuthor()
  if (state.signatures.length === 0) return null
  return (
    <section className={clsx(paneCss.panel, styles.signatures)} aria-label={words.signatures}>
      <h2 className={styles.signatures2}>{words.signatures}</h2>
      {state.signatures.map((one) => (
        <p key={`${one.at} ${one.role}`} className={one.void ? textCss.dim : undefined}>
          {one.void ? '– ' : '✓ '}
          <b>{/* a signature stands behind what it covers */ author(one.by, one.covers + 1)}</b>
          {words.coversEntriesTo(one.role, clock.dayTime(one.at), one.covers)}
          {one.void && words.reopenedSince}
        </p>
      ))}
    </section>
  )
}

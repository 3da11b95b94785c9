'use client'
import { crimpStationWords as words } from '@/words/screens/crimp/crimpStation'
import clsx from 'clsx'
import { StationPanes } from '@/ui/pane/StationPanes'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import { memo, useMemo, useState } from 'react'
import { stepAt } from '@/core/views/steps'
import { inHand, inQueue, releaseWait, setupQueue, type QueueGroup, type QueueItem } from '@/core/views/queue'
import { pieceInQuestion } from '@/core/record/standing/released'
import type { FirstPiece } from '@/core/record/state/records'
import { gaugeDue } from '@/core/record/standing/gaugeDue'
import { samplesDue } from '@/core/record/standing/samplesDue'
import { termState } from '@/core/record/state/state'
import { useClock } from '@/ui/frame/Clock'
import { useToday } from '@/ui/frame/useToday'
import { useJob } from '@/ui/job/JobProvider'
import { StationDone } from '@/ui/job/StationDone'
import { setupRows, setupSections } from '@/ui/job/setupSections'
import { useShown } from '@/ui/keys/useShown'
import { useAt } from '@/ui/job/useAt'
import { Queue } from '@/ui/list/Queue'
import { useBeside } from '@/ui/later/useBeside'
import { later } from '@/ui/later/later'
import { CrimpCard } from './CrimpCard'

const waiting = <div className={paneCss.work} />
const loadSetupCards = () => import('./setupCards')
const MountCard = later(loadSetupCards, (cards) => cards.MountCard, waiting)
const PullSampleCard = later(loadSetupCards, (cards) => cards.PullSampleCard, waiting)
const VerifyCard = later(loadSetupCards, (cards) => cards.VerifyCard, waiting)
const PieceFault = later(loadSetupCards, (cards) => cards.PieceFault, waiting)
const FirstPieceCard = later(loadSetupCards, (cards) => cards.FirstPieceCard, waiting)
const ReleaseCard = later(loadSetupCards, (cards) => cards.ReleaseCard, waiting)

/** The queue grouped by setup: change the setup, prove it on a first piece, then crimp and look, one by one. */
export function CrimpStation() {
  const { state } = useJob()
  const groups = useMemo(() => setupQueue(state), [state])
  const sections = useMemo(() => setupSections(groups, (group) => group.left), [groups])
  const rows = useMemo(
    () =>
      setupRows(
        state,
        (item, group) =>
          item.stage === 'crimped'
            ? isSuspect(state, item)
              ? 'caution'
              : 'done'
            : item.stage === 'to-strip' || releaseWait(group, item)
              ? 'wait'
              : 'todo',
        (item, group) => (item.stage === 'crimped' || !group.mounted ? undefined : releaseWait(group, item)),
      ),
    [state],
  )
  const due = useMemo(() => dueHere(state), [state])
  const byGroup = useMemo(() => new Map(groups.map((group) => [group.id, group])), [groups])
  const { at, select, follow } = useAt((key) => byGroup.has(key) || inQueue(groups, key) !== undefined, due)
  // the frame may ask for a setup: its first open piece stands for it
  const asked = at === undefined ? undefined : byGroup.get(at)
  const askedItem = asked && (firstOpen(asked.items) ?? asked.items[0])
  const key = askedItem?.termination.key ?? at
  const shown = useShown(key)
  const found = inQueue(groups, shown) ?? inQueue(groups, key)
  // a bad piece whose cause lies with the hand: what is seen of it is answered by another one
  const [aside, setAside] = useState<string>()
  return (
    <StationPanes
      at={key}
      queue={
        <Queue sections={sections} rows={rows} selected={key} onSelect={select} label={words.terminationsBySetup} />
      }
    >
      {found ? (
        <CrimpStep
          key={`${found.item.termination.key} ${String(found.group.mounted)} ${releaseWait(found.group, found.item)?.for ?? 'released'}`}
          {...found}
          from={handSetup(state)}
          done={follow}
          aside={aside}
          setAside={setAside}
        />
      ) : groups.length > 0 ? (
        <StationDone
          station="crimp"
          waits={groups.some(({ left }) => left > 0) ? words.restWaitsForStrip : words.restWaitsUntilSet}
        />
      ) : (
        <div className={paneCss.work}>
          <p className={clsx(noteCss.note, noteCss.attend)}>{words.nothingToCrimpYet}</p>
        </div>
      )}
    </StationPanes>
  )
}

type State = ReturnType<typeof useJob>['state']

const handSetup = (state: State) => {
  const hand = inHand(state)
  return hand === undefined ? undefined : state.setups.get(hand)?.setup
}

/** What the frame names too; nothing while all that is left waits for another station. */
function dueHere(state: State): string | undefined {
  const step = stepAt(state, 'crimp')
  return step.station === 'crimp' ? step.focus : undefined
}

const firstOpen = (items: readonly QueueItem[]): QueueItem | undefined =>
  items.find((item) => item.stage === 'stripped') ?? items.find((item) => item.stage !== 'crimped')

const isSuspect = (state: State, { termination }: QueueItem) => termState(state, termination.key).suspect !== undefined

const isLike = ({ like }: FirstPiece, wire: string, side: string) => like?.wire === wire && like.side === side

/** What the bench does now for this termination: its setup first. */
const CrimpStep = memo(function CrimpStep({
  item,
  group,
  from,
  done,
  aside,
  setAside,
}: {
  readonly item: QueueItem
  readonly group: QueueGroup
  readonly from: ReturnType<typeof handSetup>
  readonly done: () => void
  readonly aside: string | undefined
  readonly setAside: (at: string) => void
}) {
  const { state } = useJob()
  const clock = useClock()
  const today = useToday()
  useBeside(loadSetupCards)
  const waits = releaseWait(group, item)
  const sampleDue = item.stage === 'stripped' && !waits && samplesDue(state, group.id).pull
  const gauge =
    group.mounted && item.stage !== 'crimped' ? gaugeDue(state, group.setup.tool, today, clock.dayOf) : undefined
  if (gauge) return <VerifyCard item={item} group={group} due={gauge} />
  if (item.stage === 'crimped' || (group.mounted && !waits && !sampleDue))
    return <CrimpCard item={item} group={group} done={done} />
  if (!group.mounted) return <MountCard group={group} item={item} from={from} done={done} />
  if (sampleDue) return <PullSampleCard item={item} group={group} />
  const check = state.toolChecks.get(group.setup.tool)?.kind
  if (check === 'ended' || check === 'failed') return <VerifyCard item={item} group={group} />
  const bad = pieceInQuestion(state, group.id)
  const likeBad = bad && group.items.find(({ termination: { wire, side } }) => isLike(bad, wire.id, side))
  if (bad && likeBad && bad.at !== aside)
    return <PieceFault key={bad.at} item={likeBad} piece={bad} another={() => setAside(bad.at)} />
  if (waits?.for !== 'piece') return <ReleaseCard item={item} group={group} done={done} />
  const like = group.items.find(({ termination }) => termination.key === waits.term) ?? item
  return <FirstPieceCard key={waits.term} item={like} group={group} done={done} />
})

'use client'
import { seatStationWords as words } from '@/words/screens/seat/seatStation'
import { useCallback, useMemo, useState } from 'react'
import { type LockId, lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { Housing } from '@/core/parts/catalogue/types'
import { termState } from '@/core/record/state/state'
import { planIndex } from '@/core/record/plan/plan'
import { stepAt, taskKey } from '@/core/views/steps'
import { benchEnds, housingAt } from '@/core/record/standing/benchEnds'
import { type EndTask, endTasks } from '@/core/work/seat/endTasks'
import { turnsWith } from '@/core/work/seat/seatTurns'
import { useJob } from '@/ui/job/JobProvider'
import { unitMoves } from '@/core/work/rework/endMoves'
import { useKeys } from '@/ui/keys/KeyProvider'
import { StationDone } from '@/ui/job/StationDone'
import { useShown } from '@/ui/keys/useShown'
import { useAt } from '@/ui/job/useAt'
import { useBeside } from '@/ui/later/useBeside'
import { MovePane, loadBeside } from './laterCards'
import { Queue, type QueueLook, type QueueRows, type QueueSection } from '@/ui/list/Queue'
import { termName } from '@/words/steps'
import { lockWords } from '@/words/lock'
import { SeatTask } from './SeatTask'
import { units } from '@/core/record/state/wireBlocks'
import { remembered } from '@/core/base/remembered'
import clsx from 'clsx'
import { StationPanes } from '@/ui/pane/StationPanes'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'

/** End by end: contacts into their cavities, plugs, lock, small parts, a last look from both sides. */
export function SeatStation() {
  const { state, append } = useJob()
  useBeside(loadBeside)
  const ends = useMemo(() => allEnds(state), [state])
  const tasks = useMemo(() => ends.flat(), [ends])
  const byKey = (key: string | undefined) => findTask(ends, key)
  const sections = useMemo(() => seatSections(state, ends), [state, ends])
  const rows = useMemo(() => seatRows(state), [state])
  const due = useMemo(() => dueTask(state, tasks), [state, tasks])
  const { at, select, follow } = useAt((key) => byKey(key) !== undefined, due && taskKey(due))
  const goOn = useCallback((next?: EndTask) => (next ? select(taskKey(next)) : follow()), [select, follow])
  const shown = useShown(at)
  const task = byKey(shown) ?? byKey(at)
  const moves = task && unitMoves(state, task.unit)
  const [showsMoves, setShowsMoves] = useState(false)
  useKeys(moves ? [{ key: 'v', words: words.planOfAllMoves, run: () => setShowsMoves((now) => !now) }] : [])
  const move = (key: string, to: string) => {
    const [one, other] = [byKey(key), byKey(to)]
    if (one?.kind !== 'insert' || other?.kind !== 'insert') return
    const cavities = turnsWith(state, one.unit, one.end, one.cavity, other.cavity)
    if (cavities) void append({ kind: 'seat-order-set', end: one.end, cavities: [...cavities] })
  }
  return (
    <StationPanes
      at={at}
      queue={
        <Queue
          sections={sections}
          rows={rows}
          onMove={moves ? undefined : move}
          selected={at}
          onSelect={(key) => {
            setShowsMoves(false)
            select(key)
          }}
          label={words.tasksByEnd}
        />
      }
    >
      {task && moves && showsMoves ? (
        <MovePane unit={task.unit} moves={moves} close={() => setShowsMoves(false)} />
      ) : task ? (
        <SeatTask task={task} done={goOn} />
      ) : tasks.length > 0 ? (
        <StationDone station="seat" waits={words.restWaitsForContacts} />
      ) : (
        <div className={paneCss.work}>
          <p className={clsx(noteCss.note, noteCss.attend)}>{words.noEndsToFill}</p>
        </div>
      )}
    </StationPanes>
  )
}

const blockedWords = {
  'not-crimped': words.toCrimp,
  elsewhere: words.notOutYet,
  'cavity-taken': 'taken',
  'cover-due': words.coverFirst,
} as const

type State = ReturnType<typeof useJob>['state']

/** The tasks of every end, end by end. */
const allEnds = (state: State): readonly (readonly EndTask[])[] =>
  units(state).flatMap((unit) => benchEnds(state, unit).map((end) => endTasks(state, unit, end)))

/** The tasks of an end by their keys: an end that nothing happened to keeps them. */
const tasksByKey = remembered((tasks: readonly EndTask[]) => new Map(tasks.map((task) => [taskKey(task), task])))

function findTask(ends: readonly (readonly EndTask[])[], key: string | undefined): EndTask | undefined {
  if (key === undefined) return undefined
  for (const tasks of ends) {
    const task = tasksByKey(tasks).get(key)
    if (task) return task
  }
  return undefined
}

const lockIdOf = (state: State, housing: Housing | undefined): LockId => {
  const family = housing && state.facts.families[housing.family]
  return family ? lockOfHousing(family, housing).id : 'none'
}

const isOpen = (task: EndTask) => !task.done && !(task.kind === 'insert' && task.blockedBy)

/** What is due by the job's own next step; while that is elsewhere, the first thing that can be done here. Covers wait for the contacts of their end. */
function dueTask(state: State, tasks: readonly EndTask[]): EndTask | undefined {
  const step = stepAt(state, 'seat')
  if (step.kind === 'seat') return step.task
  const stuck = new Set(
    tasks
      .filter((task) => task.kind === 'insert' && task.blockedBy && !task.done)
      .map((task) => `${task.unit}/${task.end}`),
  )
  const cover = (task: EndTask) =>
    task.kind === 'lock' || task.kind === 'fit-part' || task.kind === 'look-over' || task.kind === 'mate'
  return tasks.find((task) => isOpen(task) && !(cover(task) && stuck.has(`${task.unit}/${task.end}`)))
}

const seatRows = (state: State): QueueRows<EndTask, SeatSection> => ({
  keyOf: taskKey,
  look: (task, { lock }) => taskLook(state, task, lock),
  drags: (task) => (task.kind === 'insert' && !task.done ? `${task.unit}/${task.end}` : undefined),
})

type SeatSection = QueueSection<EndTask> & { readonly lock: LockId }

const seatSections = (state: State, ends: readonly (readonly EndTask[])[]): readonly SeatSection[] =>
  ends.flatMap((tasks) => {
    const [first] = tasks
    if (!first) return []
    const key = `${first.unit}/${first.end}`
    const housing = housingAt(state, first.unit, first.end)
    const left = tasks.filter((task) => !task.done).length
    return {
      id: key,
      title: words.oldHousing(
        state.oldEnds.has(key),
        first.end,
        state.plan.quantity > 1 ? words.ofUnit(first.unit) : '',
        housing?.name ?? '',
      ),
      aside: left === 0 ? '✓' : words.left(left),
      items: tasks,
      lock: lockIdOf(state, housing),
    }
  })

function taskLook(state: State, task: EndTask, lock: LockId): QueueLook {
  const { quantity } = state.plan
  const base = { glyph: task.done ? ('done' as const) : ('todo' as const) }
  switch (task.kind) {
    case 'insert': {
      const colour = planIndex(state.plan).byKey.get(task.term)?.wire.colour
      return {
        ...base,
        glyph: task.done ? 'done' : task.blockedBy ? 'wait' : 'todo',
        name: termName(task.term, quantity),
        words: `${task.done ? 'in' : '→'} ${task.end}.${task.cavity}${task.blockedBy && !task.done ? ` · ${blockedWords[task.blockedBy]}` : ''}`,
        aside: colour,
      }
    }
    case 'put-right':
      return {
        ...base,
        glyph: task.asPlanned ? 'todo' : 'fault',
        name: termName(task.term, quantity),
        words:
          task.why === 'damaged'
            ? termState(state, task.term).damaged?.what === 'kept-equal'
              ? words.equalOutAndOff
              : words.brokenOutAndOff
            : task.why === 'not-home'
              ? words.notHomeTakeOut
              : task.why === 'cover-due'
                ? words.outForNewCover
                : words.takeOutOf(`${task.end}.${task.found}`, task.park !== undefined),
      }
    case 'unplug':
      return { ...base, glyph: 'caution', name: task.cavity, words: words.plugOutWireGoes }
    case 'plug':
      return { ...base, name: task.cavity, words: `plug ${task.part}` }
    case 'lock':
      return { ...base, name: '–', words: words.closed(lockWords[lock].name), aside: task.part }
    case 'fit-part':
      return { ...base, name: '–', words: task.over ? words.newCoverOverWires : words.interfaceSeal, aside: task.part }
    case 'open-end':
      return { ...base, name: '–', words: words.isOpened(lockWords[lock].name) }
    case 'open-lacing':
      return { ...base, name: task.wire, words: words.openLacingAlongIt }
    case 'mate':
      return { ...base, name: '–', words: words.goesWith(task.with) }
    case 'look-over':
      return { ...base, name: '–', words: words.lookFromBothSides }
  }
}

'use client'
import { seatTaskWords as words } from '@/words/screens/seat/seatTask'
import { LacingCard, LockCard, LockMoving, MatOverBody, OpenCard, LookOver, MateCard, ReleaseTask } from './laterCards'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import { memo, useState } from 'react'
import { type HousingLock, lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { FaceView } from '@/core/base/face/place'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import type { FamilyFacts } from '@/core/parts/catalogue/types'
import { housingAt } from '@/core/record/standing/benchEnds'
import { termState } from '@/core/record/state/state'
import { taskKey } from '@/core/views/steps'
import type { EndTask } from '@/core/work/seat/endTasks'
import { useJob } from '@/ui/job/JobProvider'
import { Readout } from '@/ui/readout/Readouts'
import { tighteningAt } from '@/core/record/standing/tightening'
import { figure, lengthSaid } from '@/words/figures'
import { insertCardWords as insertWords } from '@/words/screens/seat/insertCard'
import { openCardWords as openWords } from '@/words/screens/seat/openCard'
import { taskWords } from '@/words/steps'
import { EndFace } from './EndFace'
import { FitPart, Unplug } from './EndParts'
import { Plug } from './Plug'
import { InsertCard } from './InsertCard'
import type { TaskOf } from './useWrite'

const cavityLabels: Readonly<Partial<Record<EndTask['kind'], string>>> = {
  insert: words.intoCavity,
  unplug: words.outOfCavity,
  plug: words.plugCavity,
}

const labelOf = ({ kind }: EndTask, { release }: FamilyFacts): string => {
  const { tightens } = releaseMechanisms[release]
  return kind === 'insert' && tightens ? words.into[tightens] : (cavityLabels[kind] ?? '')
}

/** One task at an end: the face from the side at which the hands are, the cavity in words, the checks. */
export const SeatTask = memo(function SeatTask({
  task,
  done,
}: {
  readonly task: EndTask
  readonly done: (next?: EndTask) => void
}) {
  const { state } = useJob()
  const key = taskKey(task)
  const [takingOut, setTakingOut] = useState<string>()
  const [wrongIn, setWrongIn] = useState<{ readonly key: string; readonly found: string }>()
  const wrong = {
    found: wrongIn?.key === key ? wrongIn.found : undefined,
    choose: (found: string | undefined) => setWrongIn(found === undefined ? undefined : { key, found }),
  }
  const housing = housingAt(state, task.unit, task.end)
  const family = housing && state.facts.families[housing.family]
  if (!housing || !family)
    return (
      <div className={paneCss.work}>
        <p className={clsx(noteCss.note, noteCss.fault)}>{words.housingOfIsNot(task.end)}</p>
      </div>
    )
  const { unit, end } = task
  if (task.kind === 'put-right')
    return (
      <ReleaseTask
        key={key}
        out={{ unit, end, cavity: task.found, term: task.term, why: task.why }}
        title={putRightWords(task, termState(state, task.term).damaged?.what === 'kept-equal')}
        park={task.park === true}
        asPlanned={task.asPlanned === true}
        housing={housing}
        family={family}
        done={() => done(task.park ? undefined : backIn(task))}
      />
    )
  if (task.kind === 'insert' && takingOut === key) {
    return (
      <ReleaseTask
        key={key}
        out={{ unit, end, cavity: task.cavity, term: task.term, why: 'other' }}
        title={words.outOf(end, task.cavity)}
        housing={housing}
        family={family}
        back={() => setTakingOut(undefined)}
        done={() => {
          setTakingOut(undefined)
          done()
        }}
      />
    )
  }
  return (
    <>
      <EndFace
        unit={unit}
        end={end}
        housing={housing}
        handsAt={
          task.kind === 'look-over' || task.kind === 'mate' || (task.kind === 'fit-part' && !task.over)
            ? 'mating'
            : 'wire'
        }
        cavityId={'cavity' in task ? task.cavity : undefined}
        label={labelOf(task, family)}
        placed={task.done}
        otherwise={taskWords(task, state.plan.quantity)}
        term={task.kind === 'insert' ? task.term : undefined}
        pick={wrong.found === undefined ? undefined : wrong.choose}
        opensAt={task.kind === 'open-end' && !task.done ? endFirst(lockOfHousing(family, housing)) : undefined}
        more={
          task.kind === 'open-end' ? (
            openReadouts(lockOfHousing(family, housing))
          ) : task.kind === 'insert' ? (
            <TorqueReadout task={task} />
          ) : undefined
        }
      >
        {task.kind === 'insert' && !task.done && liftsMat(family) && (
          <MatOverBody housing={housing} cavityId={task.cavity} view={wireFace} />
        )}
        {task.kind === 'open-end' && <LockMoving lock={lockOfHousing(family, housing)} runs={!task.done} />}
      </EndFace>
      <aside key={key} className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.thisTask}>
        {task.kind === 'insert' && (
          <InsertCard
            task={task}
            housing={housing}
            family={family}
            takeOut={() => setTakingOut(key)}
            wrong={wrong}
            misplaced={(found) =>
              done(found === undefined ? undefined : { ...task, kind: 'put-right', found, why: 'wrong-cavity' })
            }
            done={done}
          />
        )}
        {task.kind === 'unplug' && <Unplug task={task} done={done} />}
        {task.kind === 'plug' && <Plug task={task} done={done} />}
        {task.kind === 'lock' && <LockCard task={task} housing={housing} family={family} done={done} />}
        {task.kind === 'fit-part' && <FitPart task={task} done={done} />}
        {task.kind === 'look-over' && <LookOver task={task} lock={lockOfHousing(family, housing)} done={done} />}
        {task.kind === 'open-end' && <OpenCard task={task} housing={housing} family={family} done={done} />}
        {task.kind === 'open-lacing' && <LacingCard task={task} done={done} />}
        {task.kind === 'mate' && <MateCard task={task} housing={housing} done={done} />}
      </aside>
    </>
  )
})

/** Where a cover that is opened by turns is opened first, as its sheet says. */
const endFirst = ({ said }: HousingLock) => (said?.byTurnsMm === undefined ? undefined : said.opensAt)

/** Hands come from there, whichever way the face is turned. */
const wireFace: FaceView = { side: 'wire', turnDeg: 0 }

/** The mat of the family lies loose over the body while contacts go in and out. */
const liftsMat = ({ release }: FamilyFacts) => releaseMechanisms[release].before.includes('lift-mat')

/** The figures of an opening: how far, and with what. */
const openReadouts = ({ said }: HousingLock) => {
  const mmToStop = said?.whileInserting === 'at-stop' ? said.partWayMm : said?.opensMm
  return (
    <>
      {mmToStop !== undefined && <Readout label={openWords.toItsStop} {...lengthSaid(mmToStop, 1)} />}
      {said?.tool !== undefined && <Readout label={openWords.with} value={said.tool} also={said.toolEnd} />}
    </>
  )
}

/** What its screw or nut is tightened to, where a sheet asks it. */
function TorqueReadout({ task: { term, end, cavity, done } }: { readonly task: TaskOf<'insert'> }) {
  const { state } = useJob()
  const torqueNm = done ? undefined : tighteningAt(state, term, end, cavity)?.torqueNm
  return torqueNm === undefined ? null : (
    <Readout label={insertWords.tightenReadout} value={figure(torqueNm, 2)} unit="N·m" />
  )
}

function putRightWords(task: TaskOf<'put-right'>, keptEqual: boolean): string {
  const found = `${task.end}.${task.found}`
  switch (task.why) {
    case 'not-home':
      return words.notHomeIn(found)
    case 'cover-due':
      return words.outOfForNew(found)
    case 'old-housing':
      return words.outOfOldHousing(found, task.cavity)
    case 'damaged':
      return keptEqual ? words.equalInOutAnd(found) : words.brokenInOutAnd(found)
    case 'not-in-plan':
      return words.inNotInPlan(found)
    case 'wrong-cavity':
      return task.cavity === ''
        ? words.inBelongsInNo(found)
        : words.inBelongsIn(found, task.cavity.includes('.') ? task.cavity : `${task.end}.${task.cavity}`)
  }
}

/** What comes after a contact is out of its wrong place: into the right one, as long as it is of the same end. */
const backIn = ({ unit, end, term, cavity, why }: TaskOf<'put-right'>): EndTask | undefined =>
  why === 'not-in-plan' || why === 'damaged' || why === 'cover-due' || why === 'old-housing' || cavity.includes('.')
    ? undefined
    : { kind: 'insert', unit, end, term, cavity, done: false }

'use client'
import { useState, useMemo } from 'react'
import { releaseMechanisms } from '@/core/catalogue/releaseMechanisms'
import { secondaryLocks } from '@/core/catalogue/secondaryLocks'
import type { Housing } from '@/core/catalogue/types'
import { cavityPlace, likelyWrong } from '@/core/face/place'
import { housingOf } from '@/core/job/facts'
import { endKey, planIndex } from '@/core/job/plan'
import { endState, termState } from '@/core/journal/state'
import type { EndTask } from '@/core/seat/endTasks'
import { lightTugN } from '@/core/seat/tug'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import { faceState } from '@/ui/job/faceState'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { Swatch } from '@/ui/wire/Swatch'
import { list } from '@/words/figures'
import { placeWords } from '@/words/places'
import { lockWords } from '@/words/seat'
import { taskWords, termName } from '@/words/steps'
import { WrongCavity, PutRight, TakeOut } from './OutOfPlace'
import { Unplug, Plug, Lock, FitPart, LookOver } from './EndParts'
import { useWrite, type TaskOf } from './useWrite'

/** One task at an end: the face from the side at which the hands are, the cavity in words, the checks. */
export function SeatTask({ task, done }: { readonly task: EndTask; readonly done: (next?: EndTask) => void }) {
  const { id, state } = useJob()
  const housing = housingOf(state.facts, state.plan, task.end)
  const family = housing && state.facts.families[housing.family]
  const handsAt = task.kind === 'put-right' && family ? (releaseMechanisms[family.release].from === 'mating' ? 'mating' : 'wire') : task.kind === 'look-over' || task.kind === 'fit-part' ? 'mating' : 'wire'
  const face = useFaceView(id, task.end, handsAt)
  const cavities = useMemo(() => (housing ? faceState(state, task.unit, task.end, housing) : new Map()), [state, task.unit, task.end, housing])
  const cavityId = task.kind === 'put-right' ? task.found : task.kind === 'insert' || task.kind === 'plug' || task.kind === 'unplug' ? task.cavity : undefined
  const cavity = housing?.cavities.find((one) => one.id === cavityId)
  const words = housing && cavity ? placeWords(cavityPlace(cavity, housing.cavities, housing.arrangement.kind, housing.mark, face.view)) : undefined
  const [wrong, setWrong] = useState(false)
  if (!housing || !family) return <div className="work"><p className="note fault">▲ The housing of {task.end} is not among the job’s facts.</p></div>
  return (
    <>
      <div className="work">
        <Readouts>
          {cavityId !== undefined && <Readout label={task.kind === 'insert' ? 'Into cavity' : task.kind === 'put-right' || task.kind === 'unplug' ? 'Out of cavity' : 'Plug cavity'} value={cavityId} also={`end ${task.end}`} huge />}
          <Readout
            label={words ? `Count from the ${housing.mark.kind}` : `End ${task.end}`}
            value={words ? `${words.main}.` : taskWords(task, state.plan.quantity)}
            also={words?.also === undefined ? undefined : `${words.also}.`}
            wide words
          />
          {(task.kind === 'insert' || task.kind === 'put-right') && <WireReadout term={task.term} />}
        </Readouts>
        <FacePanel housing={housing} end={task.end} face={face} cavities={cavities} next={cavityId} />
      </div>
      <aside className="pane pane-card" aria-label="This task">
        {task.kind === 'insert' && (wrong ? <WrongCavity task={task} housing={housing} back={() => setWrong(false)} done={(found) => done({ ...task, kind: 'put-right', found, why: 'wrong-cavity' })} /> : <Insert task={task} housing={housing} report={() => setWrong(true)} done={done} />)}
        {task.kind === 'put-right' && <PutRight task={task} housing={housing} done={() => done(backIn(task))} />}
        {task.kind === 'unplug' && <Unplug task={task} done={done} />}
        {task.kind === 'plug' && <Plug task={task} done={done} />}
        {task.kind === 'lock' && <Lock task={task} housing={housing} done={done} />}
        {task.kind === 'fit-part' && <FitPart task={task} done={done} />}
        {task.kind === 'look-over' && <LookOver task={task} done={done} />}
      </aside>
    </>
  )
}

function WireReadout({ term }: { readonly term: string }) {
  const { state } = useJob()
  const wire = planIndex(state.plan).byKey.get(term)?.wire
  return <Readout label="Wire" value={termName(term, state.plan.quantity)} also={wire && <Swatch colour={wire.colour} width={28} />} />
}

/** What comes after a contact is out of its wrong place: into the right one, as long as it is of the same end. */
const backIn = ({ unit, end, term, cavity, why }: TaskOf<'put-right'>): EndTask | undefined => (why === 'not-in-plan' || cavity.includes('.') ? undefined : { kind: 'insert', unit, end, term, cavity, done: false })

function Insert({ task, housing, report, done }: { readonly task: TaskOf<'insert'>; readonly housing: Housing; readonly report: () => void; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const family = state.facts.families[housing.family]
  const termination = planIndex(state.plan).byKey.get(task.term)
  const now = termState(state, task.term)
  const tugN = lightTugN(state, task.end, task.cavity)
  const tugNow = family && releaseMechanisms[family.release].tugMeans === 'after-click'
  const lockClosed = family && secondaryLocks[family.lock].openToInsert && endState(state, endKey(task.unit, task.end)).lock === 'closed'
  const lines: CheckLine[] = [
    { id: 'straight', words: 'Contact straight, right way up', hint: family?.orientation, seen: 'It is straight' },
    { id: 'click', words: 'Pushed in until the click', seen: 'It clicked' },
    ...(tugNow ? [{ id: 'tug', words: tugN === undefined ? 'Light tug: its retention is not on the sheet' : <>Light tug, <b className="mono">{tugN} N</b>, no more</>, seen: 'It held' }] : []),
  ]
  const checks = useChecks(task.term, lines)
  const cavity = housing.cavities.find((one) => one.id === task.cavity)
  const near = cavity && likelyWrong(cavity, housing.cavities)
  useKeys(task.done ? [] : [{ key: 'x', words: 'It went into a wrong cavity', run: report }])
  if (!termination) return null
  return (
    <>
      <WireChips wire={termination.wire} side={termination.side} />
      {task.done ? (
        <>
          <h2 className="card-title good">✓ Seated in {task.end}.{task.cavity}</h2>
          <TakeOut term={task.term} done={done} />
        </>
      ) : task.blockedBy ? (
        <>
          <h2 className="card-title">Not crimped yet</h2>
          <p>This contact is made at Crimp first. The other cavities of the end can be filled meanwhile.</p>
        </>
      ) : (
        <>
          <h2 className="card-title">Slide it in straight, by hand, without force</h2>
          {lockClosed && (
            <>
              <p className="note attend">◆ The {lockWords[family.lock].name} of {task.end} is closed: open it first.</p>
              <button type="button" className="act-button" disabled={busy} onClick={() => write({ kind: 'lock-moved', unit: task.unit, end: task.end, to: 'open' })}>
                <span>Open the {lockWords[family.lock].name}</span>
              </button>
            </>
          )}
          <CheckList
            lines={lines} checks={checks} main="Seated" busy={busy} enabled={!lockClosed}
            onMain={() => write({ kind: 'seated', term: task.term, end: task.end, cavity: task.cavity, checked: lines.map((line) => line.id), ...(tugNow && tugN !== undefined && { tugN }) })}
          />
          <button type="button" className="act-button" onClick={report}>
            <span>Wrong cavity…</span> <kbd aria-hidden="true">X</kbd>
          </button>
          {near && (
            <p className="note attend small">
              <b>Easy to miss:</b> {list(near.neighbours)}
              {near.mirror !== undefined && `, and ${near.mirror}, the mirror image`}.
            </p>
          )}
        </>
      )}
      {now.extractions > 0 && <p className="small dim">Out of a cavity before: {now.extractions}×.</p>}
      <div className="sources">
        {tugN !== undefined && <span>Tug: {tugNow ? `a quarter of the cavity’s retention, house rules` : 'means something only after the lock is closed'}.</span>}
        <span>{housing.source.document}{housing.source.revision !== undefined && `, rev ${housing.source.revision}`}.</span>
      </div>
    </>
  )
}

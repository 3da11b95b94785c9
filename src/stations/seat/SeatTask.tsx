'use client'
import { useMemo, useState } from 'react'
import { releaseMechanisms } from '@/core/catalogue/releaseMechanisms'
import { secondaryLocks } from '@/core/catalogue/secondaryLocks'
import type { Housing } from '@/core/catalogue/types'
import { cavityPlace, likelyWrong } from '@/core/face/place'
import { housingOf } from '@/core/job/facts'
import { endKey, planIndex } from '@/core/job/plan'
import { endState, termState } from '@/core/journal/state'
import type { EndTask } from '@/core/seat/endTasks'
import { notHome } from '@/core/seat/home'
import { lightTugN } from '@/core/seat/tug'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import { faceState } from '@/ui/job/faceState'
import type { Said } from '@/ui/job/journalClient'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { Swatch } from '@/ui/wire/Swatch'
import { list } from '@/words/figures'
import { placeWords } from '@/words/places'
import { lockWords, releaseStepWords, releaseToolWords } from '@/words/seat'
import { taskWords, termName } from '@/words/steps'

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

type TaskOf<Kind extends EndTask['kind']> = Extract<EndTask, { kind: Kind }>

/** What comes after a contact is out of its wrong place: into the right one, as long as it is of the same end. */
const backIn = ({ unit, end, term, cavity, why }: TaskOf<'put-right'>): EndTask | undefined => (why === 'not-in-plan' || cavity.includes('.') ? undefined : { kind: 'insert', unit, end, term, cavity, done: false })

/** Writes, then goes on with what is due. */
function useWrite(done: () => void) {
  const { append, busy } = useJob()
  return { busy, write: (...said: Said[]) => void append(...said).then((written) => written && done()) }
}

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

function WrongCavity({ task, housing, back, done }: { readonly task: TaskOf<'insert'>; readonly housing: Housing; readonly back: () => void; readonly done: (found: string) => void }) {
  const { state } = useJob()
  const [found, setFound] = useState('')
  const { busy, write } = useWrite(() => done(found))
  const free = housing.cavities.filter((cavity) => cavity.id !== task.cavity && !state.cavities.get(`${task.unit}/${task.end}.${cavity.id}`)?.term)
  useKeys([{ key: 'Escape', words: 'Back to the task', run: back }])
  return (
    <>
      <h2 className="card-title fault">Which cavity is it in?</h2>
      <form
        className="field"
        onSubmit={(event) => {
          event.preventDefault()
          if (found !== '') write({ kind: 'misplaced', term: task.term, end: task.end, cavity: found })
        }}
      >
        <label>
          {termName(task.term, state.plan.quantity)} is in
          <select autoFocus value={found} onChange={(event) => setFound(event.target.value)}>
            <option value="">choose</option>
            {free.map((cavity) => (
              <option key={cavity.id} value={cavity.id}>{task.end}.{cavity.id}</option>
            ))}
          </select>
        </label>
        <button type="submit" className="act-button main" disabled={busy || found === ''}>
          <span>Report it there</span> <kbd aria-hidden="true">Enter</kbd>
        </button>
      </form>
      <p className="small dim">It is written down, then taken out the right way and put where it belongs.</p>
      <button type="button" className="act-button" onClick={back}>
        <span>It is not in yet</span> <kbd aria-hidden="true">Esc</kbd>
      </button>
    </>
  )
}

function releaseLines(state: ReturnType<typeof useJob>['state'], housing: Housing, lockClosed: boolean): CheckLine[] {
  const family = state.facts.families[housing.family]
  if (!family) return []
  const { before, act, restore } = releaseMechanisms[family.release]
  return [...before.filter((step) => step !== 'open-lock' || lockClosed), ...act, ...restore].map((step) => ({ id: step, words: releaseStepWords[step], seen: 'Done' }))
}

function putRightWords(task: TaskOf<'put-right'>): string {
  const found = `${task.end}.${task.found}`
  switch (task.why) {
    case 'not-home': return `Not home in ${found}`
    case 'not-in-plan': return `In ${found}, not in the plan any more`
    case 'wrong-cavity': return task.cavity === '' ? `In ${found}, belongs in no cavity` : `In ${found}, belongs in ${task.cavity.includes('.') ? task.cavity : `${task.end}.${task.cavity}`}`
  }
}

function PutRight({ task, housing, done }: { readonly task: TaskOf<'put-right'>; readonly housing: Housing; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const family = state.facts.families[housing.family]
  const closed = endState(state, endKey(task.unit, task.end)).lock === 'closed'
  const lines = releaseLines(state, housing, closed)
  const checks = useChecks(task.term, lines)
  const termination = planIndex(state.plan).byKey.get(task.term)
  return (
    <>
      {termination && <WireChips wire={termination.wire} side={termination.side} />}
      <h2 className="card-title fault">{putRightWords(task)}</h2>
      <p>Take it out with the <b>{family ? releaseToolWords[releaseMechanisms[family.release].tool] : 'tool'}</b>{task.why === 'not-in-plan' ? ': the plan has no place for it any more.' : ', then seat it again.'}</p>
      <CheckList
        lines={lines} checks={checks} main="It is out" busy={busy}
        onMain={() => write(...(closed ? [{ kind: 'lock-moved' as const, unit: task.unit, end: task.end, to: 'open' as const }] : []), { kind: 'extracted', term: task.term, why: task.why })}
      />
      <p className="small dim">A twist or a tilt breaks tool or clip. A contact has a number of reuses: the sheet says how many.</p>
    </>
  )
}

function TakeOut({ term, done }: { readonly term: string; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const seat = termState(state, term).seat
  if (!seat) return null
  const unit = Number(term.split('/')[0])
  const closed = endState(state, endKey(unit, seat.end)).lock === 'closed'
  const open: Said[] = closed ? [{ kind: 'lock-moved', unit, end: seat.end, to: 'open' }] : []
  return (
    <>
      <button type="button" className="act-button" disabled={busy} onClick={() => write(...open, { kind: 'extracted', term, why: 'other' })}>
        <span>{closed ? 'Open the lock and take it out' : 'Take it out'}</span>
      </button>
      <button type="button" className="act-button" disabled={busy} onClick={() => write(...open, { kind: 'extracted', term, why: 'damaged' })}>
        <span>Take it out damaged, cut it off</span>
      </button>
    </>
  )
}

function Unplug({ task, done }: { readonly task: TaskOf<'unplug'>; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const lines: CheckLine[] = [{ id: 'out', words: <>Plug <b className="mono">{task.part}</b> out, the seal whole</>, seen: 'It is out' }]
  const checks = useChecks(`${task.end}.${task.cavity} unplug`, lines)
  return (
    <>
      <h2 className="card-title">A wire goes here now: take the plug out</h2>
      <p>{state.facts.parts[task.part]?.name ?? task.part}.</p>
      <CheckList lines={lines} checks={checks} main="Plug is out" busy={busy} onMain={() => write({ kind: 'unplugged', unit: task.unit, end: task.end, cavity: task.cavity })} />
    </>
  )
}

function Plug({ task, done }: { readonly task: TaskOf<'plug'>; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const lines: CheckLine[] = [{ id: 'in', words: <>Plug <b className="mono">{task.part}</b>, head flush with the seal</>, seen: 'It is in' }]
  const checks = useChecks(`${task.end}.${task.cavity}`, lines)
  return (
    <>
      <h2 className={`card-title ${task.done ? 'good' : ''}`}>{task.done ? `✓ ${task.end}.${task.cavity} is plugged` : 'Unused: plug it'}</h2>
      <p>{state.facts.parts[task.part]?.name ?? task.part}. An open hole lets water in.</p>
      {!task.done && <CheckList lines={lines} checks={checks} main="Plugged" busy={busy} onMain={() => write({ kind: 'plugged', unit: task.unit, end: task.end, cavity: task.cavity, part: task.part })} />}
    </>
  )
}

function Lock({ task, housing, done }: { readonly task: TaskOf<'lock'>; readonly housing: Housing; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const lock = state.facts.families[housing.family]?.lock ?? 'none'
  const left = notHome(state, task.unit, task.end)
  const lines: CheckLine[] = [
    { id: 'level', words: 'All contacts level, seen from the front', seen: 'They are level' },
    { id: 'closed', words: lockWords[lock].close, hint: 'never forced: one that will not close means a contact that is not home', seen: 'It is closed' },
  ]
  const checks = useChecks(`${task.unit}/${task.end} lock`, lines)
  return (
    <>
      <h2 className={`card-title ${task.done ? 'good' : ''}`}>{task.done ? `✓ The ${lockWords[lock].name} of ${task.end} is closed` : `Close the ${lockWords[lock].name}`}</h2>
      {task.part !== undefined && <p className="mono">{task.part}</p>}
      {!task.done && left.length > 0 && (
        <p className="note attend">
          <b>◆ Not yet:</b> {list(left.map((termination) => `${termName(termination.key, state.plan.quantity)} → ${task.end}.${termination.at.cavity}`), 5)} {left.length === 1 ? 'is' : 'are'} not home.
        </p>
      )}
      {!task.done && <CheckList lines={lines} checks={checks} main="Lock is closed" busy={busy} enabled={left.length === 0} onMain={() => write({ kind: 'lock-moved', unit: task.unit, end: task.end, to: 'closed' })} />}
      {task.done && (
        <button type="button" className="act-button" disabled={busy} onClick={() => write({ kind: 'lock-moved', unit: task.unit, end: task.end, to: 'open' })}>
          <span>Open it again</span>
        </button>
      )}
    </>
  )
}

function FitPart({ task, done }: { readonly task: TaskOf<'fit-part'>; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const lines: CheckLine[] = [{ id: 'on', words: <>Seal <b className="mono">{task.part}</b> on, not twisted, all round in its groove</>, seen: 'It lies in its groove' }]
  const checks = useChecks(`${task.unit}/${task.end} ${task.part}`, lines)
  return (
    <>
      <h2 className={`card-title ${task.done ? 'good' : ''}`}>{task.done ? '✓ The interface seal is on' : 'Fit the interface seal'}</h2>
      <p>{state.facts.parts[task.part]?.name ?? task.part}. Easily lost, and the pair leaks without it.</p>
      {!task.done && <CheckList lines={lines} checks={checks} main="Fitted" busy={busy} onMain={() => write({ kind: 'part-fitted', unit: task.unit, end: task.end, part: task.part })} />}
    </>
  )
}

function LookOver({ task, done }: { readonly task: TaskOf<'look-over'>; readonly done: () => void }) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const [back, setBack] = useState<readonly string[]>([])
  const [asking, setAsking] = useState(false)
  const used = planIndex(state.plan).byEnd.get(endKey(task.unit, task.end)) ?? []
  const lines: CheckLine[] = [
    { id: 'front', words: 'From the front: every contact level with its neighbours', seen: 'All are level' },
    { id: 'rear', words: 'From the rear: seals flush, no wire strained', seen: 'All is flush' },
  ]
  const checks = useChecks(`${task.unit}/${task.end} look`, lines)
  useKeys(task.done ? [] : [{ key: 'x', words: 'A contact was pushed back', run: () => setAsking(true) }])
  return (
    <>
      <h2 className={`card-title ${task.done ? 'good' : ''}`}>{task.done ? `✓ ${task.end} was looked over` : 'Look from both sides'}</h2>
      {!task.done && !asking && (
        <>
          <p>A cover can push a contact back: an intermittent fault, the worst kind.</p>
          <CheckList lines={lines} checks={checks} main="All level, all flush" busy={busy} onMain={() => write({ kind: 'end-looked-over', unit: task.unit, end: task.end, pushedBack: [] })} />
          <button type="button" className="act-button" onClick={() => setAsking(true)}>
            <span>One was pushed back…</span> <kbd aria-hidden="true">X</kbd>
          </button>
        </>
      )}
      {!task.done && asking && (
        <>
          <p>Which ones are low?</p>
          <div style={{ display: 'flex', flexWrap: 'wrap', gap: 6 }} role="group" aria-label="Cavities">
            {used.map((termination) => (
              <button key={termination.key} type="button" className="choice mono" style={{ display: 'block', minWidth: 48 }} aria-pressed={back.includes(termination.at.cavity)} onClick={() => setBack((now) => (now.includes(termination.at.cavity) ? now.filter((one) => one !== termination.at.cavity) : [...now, termination.at.cavity]))}>
                {termination.at.cavity}
              </button>
            ))}
          </div>
          <button type="button" className="act-button main" disabled={busy || back.length === 0} onClick={() => write({ kind: 'end-looked-over', unit: task.unit, end: task.end, pushedBack: [...back] })}>
            <span>Report {back.length === 0 ? 'them' : list([...back])} pushed back</span>
          </button>
          <button type="button" className="act-button" onClick={() => setAsking(false)}>
            <span>None after all</span>
          </button>
        </>
      )}
    </>
  )
}

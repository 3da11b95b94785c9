'use client'
import { useState } from 'react'
import type { Housing } from '@/core/catalogue/types'
import { endKey, planIndex } from '@/core/job/plan'
import { notHome } from '@/core/seat/home'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list } from '@/words/figures'
import { lockWords } from '@/words/seat'
import { termName } from '@/words/steps'
import { useWrite, type TaskOf } from './useWrite'

export function Unplug({ task, done }: { readonly task: TaskOf<'unplug'>; readonly done: () => void }) {
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

export function Plug({ task, done }: { readonly task: TaskOf<'plug'>; readonly done: () => void }) {
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

export function Lock({ task, housing, done }: { readonly task: TaskOf<'lock'>; readonly housing: Housing; readonly done: () => void }) {
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

export function FitPart({ task, done }: { readonly task: TaskOf<'fit-part'>; readonly done: () => void }) {
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

export function LookOver({ task, done }: { readonly task: TaskOf<'look-over'>; readonly done: () => void }) {
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

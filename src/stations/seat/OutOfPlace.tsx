'use client'
import { useState } from 'react'
import { releaseMechanisms } from '@/core/catalogue/releaseMechanisms'
import type { Housing } from '@/core/catalogue/types'
import { endKey, planIndex } from '@/core/job/plan'
import { endState, termState } from '@/core/journal/state'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import type { Said } from '@/ui/job/journalClient'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { releaseStepWords, releaseToolWords } from '@/words/seat'
import { termName } from '@/words/steps'
import { useWrite, type TaskOf } from './useWrite'

/** Which cavity a contact was found in, when it is the wrong one. */
export function WrongCavity({ task, housing, back, done }: { readonly task: TaskOf<'insert'>; readonly housing: Housing; readonly back: () => void; readonly done: (found: string) => void }) {
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

/** A contact comes out of where it does not belong, the way its family lets go. */
export function PutRight({ task, housing, done }: { readonly task: TaskOf<'put-right'>; readonly housing: Housing; readonly done: () => void }) {
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

/** A contact is taken out that is where it belongs. */
export function TakeOut({ term, done }: { readonly term: string; readonly done: () => void }) {
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

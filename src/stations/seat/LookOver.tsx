'use client'

import { useState } from 'react'
import type { FamilyFacts } from '@/core/parts/catalogue/types'
import { planIndex } from '@/core/record/plan/plan'
import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list } from '@/words/figures'
import { BrokenButton } from './BrokenButton'
import { EndRepairCard } from './EndRepairCard'
import { type TaskOf, useWrite } from './useWrite'
import { endKey } from '@/core/record/plan/keys'

/** After the covers: every contact seen from both sides, what was pushed back reported. */
export function LookOver({
  task,
  family,
  done,
}: {
  readonly task: TaskOf<'look-over'>
  readonly family: FamilyFacts
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const [back, setBack] = useState<readonly string[]>([])
  const [asking, setAsking] = useState(false)
  const [broken, setBroken] = useState(false)
  const used = planIndex(state.plan).byEnd.get(endKey(task.unit, task.end)) ?? []
  const lines: CheckLine[] = [
    { id: 'front', words: 'From the front: every contact level with its neighbours', seen: 'All are level' },
    { id: 'rear', words: 'From the rear: seals flush, no wire strained', seen: 'All is flush' },
  ]
  const checks = useChecks(`${task.unit}/${task.end} look`, lines)
  useKeys(
    broken
      ? []
      : asking
        ? [{ key: 'Escape', words: 'None was pushed back', run: () => setAsking(false) }]
        : [
            ...(task.done ? [] : [{ key: 'x', words: 'A contact was pushed back', run: () => setAsking(true) }]),
            { key: 'b', words: 'Lock or housing is broken', run: () => setBroken(true) },
          ],
  )
  if (broken)
    return <EndRepairCard unit={task.unit} end={task.end} family={family} back={() => setBroken(false)} done={done} />
  return (
    <>
      <h2 className={`card-title ${task.done ? 'good' : ''}`}>
        {task.done ? `✓ ${task.end} was looked over` : 'Look from both sides'}
      </h2>
      {!task.done && !asking && (
        <>
          <p>A cover can push a contact back: an intermittent fault, the worst kind.</p>
          <CheckList
            lines={lines}
            checks={checks}
            main="All level, all flush"
            busy={busy}
            onMain={() => write({ kind: 'end-looked-over', unit: task.unit, end: task.end, pushedBack: [] })}
          />
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
              <button
                key={termination.key}
                type="button"
                className="choice mono"
                style={{ display: 'block', minWidth: 48 }}
                aria-pressed={back.includes(termination.at.cavity)}
                onClick={() =>
                  setBack((now) =>
                    now.includes(termination.at.cavity)
                      ? now.filter((one) => one !== termination.at.cavity)
                      : [...now, termination.at.cavity],
                  )
                }
              >
                {termination.at.cavity}
              </button>
            ))}
          </div>
          <button
            type="button"
            className="act-button main"
            disabled={busy || back.length === 0}
            onClick={() => write({ kind: 'end-looked-over', unit: task.unit, end: task.end, pushedBack: [...back] })}
          >
            <span>Report {back.length === 0 ? 'them' : list([...back])} pushed back</span>
          </button>
          <button type="button" className="act-button" onClick={() => setAsking(false)}>
            <span>None after all</span> <kbd aria-hidden="true">Esc</kbd>
          </button>
        </>
      )}
      {!asking && <BrokenButton open={() => setBroken(true)} />}
    </>
  )
}

'use client'
import { useState } from 'react'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { rulesOf } from '@/core/record/rules/rulesOf'
import type { Contact } from '@/core/parts/catalogue/types'
import { mountSteps } from '@/core/craft/setup/mountSteps'
import { setupChanges, toolDue, type Setup } from '@/core/craft/setup/setup'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { mountStepWords } from '@/words/mount'
import { day, plural } from '@/words/figures'
import { setupActWords, setupFieldWords, setupValue } from '@/words/crimp'
import { CrimpReadouts } from './CrimpReadouts'
import { VerifyCard } from './VerifyCard'

/** A setup change: exactly what to change, and where each figure comes from. */
export function MountCard({
  group,
  item,
  from,
  done,
}: {
  readonly group: QueueGroup
  readonly item: QueueItem
  readonly from: Setup | undefined
  readonly done: () => void
}) {
  const { state, append, busy } = useJob()
  const changes = setupChanges(from, group.setup)
  const tool = state.facts.tools[group.setup.tool]
  const due = tool ? toolDue(tool, new Date().toISOString().slice(0, 10)) : undefined
  const gauged = state.toolChecks.get(group.setup.tool)
  const overdue = due?.kind === 'overdue' && gauged?.kind !== 'verified'
  const blocked = overdue && rulesOf(state).overdueTools === 'block'
  const lines: CheckLine[] = [
    ...changes
      .filter((change) => change.to !== undefined)
      .map((change) => ({
        id: change.field,
        words: (
          <>
            {setupActWords[change.field]} <b className="mono">{setupValue(change.field, change.to)}</b>
          </>
        ),
        hint: change.from === undefined ? undefined : `was ${setupValue(change.field, change.from)}`,
        seen: `${setupFieldWords[change.field]} is right`,
      })),
    ...(tool ? mountSteps(tool, group.setup, state.facts.contacts[item.set.contact] as Contact | undefined) : []).map(
      (step) => ({
        id: step,
        words: mountStepWords[step].line,
        hint: mountStepWords[step].hint,
        seen: mountStepWords[step].seen,
      }),
    ),
  ]
  const checks = useChecks(group.id, lines)
  const [gauging, setGauging] = useState(false)
  const write = async () => {
    if (await append({ kind: 'setup-mounted', setup: group.setup, checked: lines.map((line) => line.id) })) done()
  }
  if (gauging && gauged?.kind !== 'verified') return <VerifyCard item={item} group={group} />
  return (
    <>
      <div className="work">
        <CrimpReadouts item={item} settings={false} piece="Setup for" />
        <section className="sheet sheet-fill" aria-label="What changes">
          <h2 className="card-title" style={{ padding: '16px 18px 8px' }}>
            {from ? `${plural(changes.length, 'change')}, then a first piece` : 'Mount the first setup'}
          </h2>
          <div className="sheet-body">
            <table className="table" style={{ fontSize: 17 }}>
              <thead>
                <tr>
                  <th scope="col">what</th>
                  <th scope="col">now</th>
                  <th scope="col">to</th>
                  <th scope="col">where the figure comes from</th>
                </tr>
              </thead>
              <tbody>
                {changes.map((change) => (
                  <tr key={change.field}>
                    <td>{setupFieldWords[change.field]}</td>
                    <td className="figure dim">
                      {change.from === undefined ? '–' : setupValue(change.field, change.from)}
                    </td>
                    <td className="figure attend" style={{ fontWeight: 600, fontSize: 34, lineHeight: 1.15 }}>
                      {setupValue(change.field, change.to)}
                    </td>
                    <td className="dim" style={{ fontSize: 14 }}>
                      {sourceOf(change.field, item)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
      </div>
      <aside className="pane pane-card" aria-label="Setup change">
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className="card-title">Change the setup</h2>
        {!overdue && tool?.verification && (
          <p className="small good">
            ✓ {group.setup.tool} was verified on {day(tool.verification.doneOn)}, due again on{' '}
            {day(tool.verification.dueOn)}.
          </p>
        )}
        {gauged?.kind === 'verified' && (
          <p className="small good">
            ✓ {group.setup.tool} was gauged here on {day(gauged.at)}.
          </p>
        )}
        {overdue && (
          <p className={`note ${blocked ? 'fault' : 'caution'}`}>
            <b>
              ▲ {group.setup.tool} was due on {day(due.dueOn)}.
            </b>{' '}
            {blocked ? 'These house rules do not let it crimp until it is gauged.' : 'It is recorded.'}
          </p>
        )}
        <CheckList
          lines={lines}
          checks={checks}
          main="Setup is in hand"
          busy={busy}
          onMain={() => void write()}
          enabled={!blocked}
        />
        {overdue && (
          <button type="button" className="act-button" onClick={() => setGauging(true)}>
            <span>Gauge it now…</span>
          </button>
        )}
        <p className="small dim">
          {group.left} terminations wait for this setup. A ratchet is never opened early: the release comes at the end
          of the stroke.
        </p>
        <div className="sources">
          <span>{item.set.source}.</span>
          <span>The sheet that comes with the tool always wins.</span>
        </div>
      </aside>
    </>
  )
}

function sourceOf(field: string, item: QueueItem): string {
  switch (field) {
    case 'notchMm':
      return 'strand bundle and insulation of this wire'
    case 'tool':
      return `named for ${item.set.contact}`
    default:
      return item.set.source + (item.set.estimate ? ' (estimated)' : '')
  }
}

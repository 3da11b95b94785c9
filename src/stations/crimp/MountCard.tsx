'use client'
import { useClock } from '@/ui/frame/Clock'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Table } from '@mantine/core'
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
  const clock = useClock()
  const { state, append, busy } = useJob()
  const changes = setupChanges(from, group.setup)
  const tool = state.facts.tools[group.setup.tool]
  const due = tool ? toolDue(tool, clock.dayOf(new Date())) : undefined
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
            {setupActWords[change.field]} <b className={textCss.mono}>{setupValue(change.field, change.to)}</b>
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
      <div className={paneCss.work}>
        <CrimpReadouts item={item} settings={false} piece="Setup for" />
        <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label="What changes">
          <h2 className={textCss.cardTitle} style={{ padding: '16px 18px 8px' }}>
            {from ? `${plural(changes.length, 'change')}, then a first piece` : 'Mount the first setup'}
          </h2>
          <div className={paneCss.sheetBody}>
            <Table>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">what</Table.Th>
                  <Table.Th scope="col">now</Table.Th>
                  <Table.Th scope="col">to</Table.Th>
                  <Table.Th scope="col">where the figure comes from</Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {changes.map((change) => (
                  <Table.Tr key={change.field}>
                    <Table.Td>{setupFieldWords[change.field]}</Table.Td>
                    <Table.Td className={clsx(textCss.figure, textCss.dim)}>
                      {change.from === undefined ? '–' : setupValue(change.field, change.from)}
                    </Table.Td>
                    <Table.Td
                      className={clsx(textCss.figure, textCss.attend)}
                      style={{ fontWeight: 600, fontSize: 34, lineHeight: 1.15 }}
                    >
                      {setupValue(change.field, change.to)}
                    </Table.Td>
                    <Table.Td className={textCss.dim} style={{ fontSize: 14 }}>
                      {sourceOf(change.field, item)}
                    </Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </div>
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="Setup change">
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>Change the setup</h2>
        {!overdue && tool?.verification && (
          <p className={clsx(textCss.small, textCss.good)}>
            ✓ {group.setup.tool} was verified on {day(tool.verification.doneOn)}, due again on{' '}
            {day(tool.verification.dueOn)}.
          </p>
        )}
        {gauged?.kind === 'verified' && (
          <p className={clsx(textCss.small, textCss.good)}>
            ✓ {group.setup.tool} was gauged here on {clock.date(gauged.at)}.
          </p>
        )}
        {overdue && (
          <p className={clsx(noteCss.note, blocked ? noteCss.fault : noteCss.caution)}>
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
          <Button onClick={() => setGauging(true)}>
            <span>Gauge it now…</span>
          </Button>
        )}
        <p className={clsx(textCss.small, textCss.dim)}>
          {group.left} terminations wait for this setup. A ratchet is never opened early: the release comes at the end
          of the stroke.
        </p>
        <div className={paneCss.sources}>
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

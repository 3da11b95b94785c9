'use client'
import { HeadRow } from '@/ui/table/HeadRow'
import { mountCardWords as words } from '@/words/screens/crimp/mountCard'
import { useClock } from '@/ui/frame/Clock'
import { useToday } from '@/ui/frame/useToday'
import { Button, Kbd, Table } from '@mantine/core'
import { Link } from '@/ui/address/Link'
import { useState } from 'react'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import type { JobState } from '@/core/record/state/state'
import { firstLooksTicked } from '@/core/record/standing/looksTicked'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { mountSteps } from '@/core/craft/setup/mountSteps'
import { type Setup, type SetupChange, setupChanges, toolDue } from '@/core/craft/setup/setup'
import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import type { AtOnce } from '@/ui/card/dueLines'
import { useGo } from '@/ui/address/GoProvider'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { WireChips } from '@/ui/job/WireChips'
import { mountStepWords } from '@/words/mount'
import { setupActWords, setupFieldWords, setupValue } from '@/words/crimp'
import { OtherNest } from './OtherNest'
import { PieceCovers } from './PieceCovers'
import { CrimpReadouts } from './CrimpReadouts'
import { VerifyCard } from './VerifyCard'
import styles from './MountCard.module.css'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'

const readMade = withFields<{ readonly made: number }>('made')

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
  const today = useToday()
  const go = useGo()
  const { state, append } = useJob()
  const busy = useBusy()
  const changes = setupChanges(from, group.setup)
  const tool = state.facts.tools[group.setup.tool]
  // only a tool that is due by its count is asked after: the job does not know what other jobs made with it
  const { value: work } = useFetched(
    tool?.dueEveryStrokes === undefined ? undefined : `/crib/made?tool=${encodeURIComponent(tool.id)}`,
    readMade,
  )
  const due = tool ? toolDue(tool, today, work?.made) : undefined
  const gauged = state.toolChecks.get(group.setup.tool)
  const overdue = due?.kind === 'overdue' && gauged?.kind !== 'verified' ? due : undefined
  const blocked = overdue !== undefined && rulesOf(state).overdueTools === 'block'
  const isNamed = state.facts.contacts[item.set.contact]?.sheetTool === group.setup.tool
  // what the hand reads on the stripper, where its notches have a print
  const valueOf = ({ field, to }: SetupChange): string =>
    (field === 'notchMm' && to !== undefined ? item.set.notchMark : undefined) ?? setupValue(field, to)
  const card = `/crib?tool=${encodeURIComponent(group.setup.tool)}&contact=${encodeURIComponent(item.set.contact)}`
  useKeys([{ key: 'c', words: words.itsCard, run: () => go(card) }])
  const settings = settingLines(changes, valueOf)
  const looked = lookedLines(state, item, changes)
  const lines = [...settings, ...looked]
  const checks = useChecks(group.id, lines, [changes, state.setups.get(group.id)?.mounted])
  const [gauging, setGauging] = useState(false)
  const write = async (together: boolean) => {
    const written = await append({
      kind: 'setup-mounted',
      setup: group.setup,
      checked: lines.map((line) => line.id),
      ...(together && { together: true }),
    })
    if (written) done()
  }
  if (gauging && gauged?.kind !== 'verified') return <VerifyCard item={item} group={group} />
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} settings={false} piece={words.setupFor} />
        <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.whatChanges}>
          <h2 className={clsx(textCss.cardTitle, styles.padded)}>
            {from ? words.thenFirstPiece(changes.length, group.release.pieces.length) : words.mountFirstSetup}
          </h2>
          <div className={paneCss.panelBody}>
            <Table>
              <HeadRow names={[words.what, words.now, words.until, words.whereFigureComesFrom]} />
              <Table.Tbody>
                {changes.map((change) => (
                  <Table.Tr key={change.field}>
                    <Table.Td>{setupFieldWords[change.field]}</Table.Td>
                    <Table.Td className={clsx(textCss.figure, textCss.dim)}>
                      {change.from === undefined ? '–' : setupValue(change.field, change.from)}
                    </Table.Td>
                    <Table.Td className={clsx(textCss.figure, textCss.attend, styles.large)}>
                      {valueOf(change)}
                    </Table.Td>
                    <Table.Td className={clsx(textCss.dim, styles.smaller)}>
                      {sourceOf(change.field, item, isNamed)}
                    </Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
            {lines.some(({ id }) => id === 'snug-nest') && <OtherNest setup={group.setup} />}
            {group.release.pieces.length > 0 && (
              <div className={styles.padded}>
                <h3 className={textCss.small}>{words.firstPieces(group.release.pieces.length)}</h3>
                <PieceCovers group={group} />
              </div>
            )}
          </div>
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.setupChange}>
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>{words.changeSetup}</h2>
        {!overdue && tool?.verification && (
          <p className={clsx(textCss.small, textCss.good)}>
            {words.wasVerifiedOnDue(group.setup.tool, tool.verification.doneOn, tool.verification.dueOn)}
          </p>
        )}
        {gauged?.kind === 'verified' && (
          <p className={clsx(textCss.small, textCss.good)}>
            {words.wasGaugedHereOn(group.setup.tool, clock.date(gauged.at))}
          </p>
        )}
        {overdue && (
          <p className={clsx(noteCss.note, blocked ? noteCss.fault : noteCss.caution)}>
            <b>{words.isOverdue(group.setup.tool, overdue)}</b> {blocked ? words.theseHouseRulesDo : words.itIsRecorded}
          </p>
        )}
        <CheckList
          lines={lines}
          checks={checks}
          main={words.setupIsInHand}
          busy={busy}
          onMain={(atOnce) => void write(atOnce)}
          enabled={!blocked}
          atOnce={firstLooksTicked(state).kind === 'together' ? atOnce(settings, looked, checks.due) : undefined}
        />
        {overdue && (
          <Button onClick={() => setGauging(true)}>
            <span>{words.gaugeItNow}</span>
          </Button>
        )}
        <p className={clsx(textCss.small, textCss.dim)}>{words.terminationsWaitForThis(group.left)}</p>
        <div className={paneCss.sources}>
          <span>
            <Link className={textCss.plain} href={card}>
              {item.set.source}
            </Link>
            . <Kbd aria-hidden="true">C</Kbd>
          </span>
          <span>{words.sheetThatComesWith}</span>
        </div>
      </aside>
    </>
  )
}

/** @param isNamed the contact's own sheet names the tool */
function sourceOf(field: string, item: QueueItem, isNamed: boolean): string {
  switch (field) {
    case 'notchMm':
      return words.strandBundleAndInsulation
    case 'tool':
      return isNamed ? words.namedFor(item.set.contact) : item.set.source
    default:
      return item.set.source + (item.set.estimate ? ' (estimated)' : '')
  }
}

/** What hands set, with the figure that they set it to. */
const settingLines = (changes: readonly SetupChange[], valueOf: (change: SetupChange) => string): CheckLine[] =>
  changes
    .filter((change) => change.to !== undefined)
    .map((change) => ({
      id: change.field,
      words: (
        <>
          {setupActWords[change.field]} <b className={textCss.mono}>{valueOf(change)}</b>
        </>
      ),
      hint: change.from === undefined ? undefined : `was ${setupValue(change.field, change.from)}`,
      seen: words.isRight(setupFieldWords[change.field]),
    }))

/** What is looked at in the tool once it is set. */
function lookedLines(state: JobState, { set }: QueueItem, changes: readonly SetupChange[]): CheckLine[] {
  const tool = state.facts.tools[set.setup.tool]
  if (!tool) return []
  const changed = new Set(changes.map(({ field }) => field))
  return mountSteps(tool, set.setup, state.facts.contacts[set.contact], set.estimate, changed).map((step) => ({
    id: step,
    words: mountStepWords[step].line,
    hint: mountStepWords[step].hint,
    seen: mountStepWords[step].seen,
  }))
}

/** What is set is answered with one press, then what is looked at with another. A nest is tried: that is a line of its own. */
function atOnce(settings: readonly CheckLine[], looked: readonly CheckLine[], due: CheckLine | undefined): AtOnce {
  return settings.some(({ id }) => id === due?.id)
    ? { says: words.allSet, recorded: false, of: settings.map(({ id }) => id) }
    : {
        says: words.allSeen,
        recorded: true,
        of: looked.flatMap(({ id }) => (id === 'snug-nest' ? [] : [id])),
        andMain: words.allSeenInHand,
      }
}

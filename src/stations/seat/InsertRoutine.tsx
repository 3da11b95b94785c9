'use client'
import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import { useState } from 'react'
import { retentionAtSeat } from '@/core/record/standing/retentionAtSeat'
import type { HelpId } from '@/core/craft/release/helps'
import { Helps, InsertPlayer, TightenField, TugField } from './laterCards'
import { Button, Kbd } from '@mantine/core'
import { type ReleaseMechanism, releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import { lockMotion } from '@/core/parts/catalogue/lockMotion'
import { coversInOrder, isSetBeforeFirst, lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { FamilyFacts, Housing } from '@/core/parts/catalogue/types'
import { planIndex } from '@/core/record/plan/plan'
import { holdsContacts } from '@/core/record/standing/benchEnds'
import { endState, termState } from '@/core/record/state/state'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { openTurns, turnsWith } from '@/core/work/seat/seatTurns'
import { isSpent, reuseOf } from '@/core/record/standing/reuse'
import { lightTugN } from '@/core/record/standing/tug'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useKeptForm } from '@/ui/card/useKeptForm'
import type { TugForm } from './TugField'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { plural } from '@/words/figures'
import { reuseLimitWords } from '@/words/release'
import { type TaskOf, useWrite } from './useWrite'
import { endKey } from '@/core/record/plan/keys'
import { InsertNotes, InsertTool } from './InsertNotes'
import { beforeFirstLines, coverLines, routineLines, tightenLine } from './routineLines'
import { useTightening } from './useTightening'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import styles from './InsertRoutine.module.css'

const noTug: TugForm = { text: '' }
const tugTyped = (_before: TugForm, now: TugForm) => now

const titleOf = ({ tightens, insertTool }: ReleaseMechanism) =>
  tightens === 'screw'
    ? words.clampIt
    : tightens === 'nut'
      ? words.boltIt
      : insertTool
        ? words.pressItInStraight
        : words.slideItInStraight

/** The way in, tick by tick: covers that are in the way first, then the steps of the mechanism, then a light tug. */
export function InsertRoutine({
  task,
  housing,
  family,
  report,
  done,
}: {
  readonly task: TaskOf<'insert'>
  readonly housing: Housing
  readonly family: FamilyFacts
  readonly report: () => void
  readonly done: () => void
}) {
  const { state, append } = useJob()
  const { busy, write } = useWrite(done)
  const mechanism = releaseMechanisms[family.release]
  const wire = planIndex(state.plan).byKey.get(task.term)?.wire
  const tugN = lightTugN(state, task.end, task.cavity)
  const retentionAskedN = retentionAtSeat(state, task.end, task.cavity)
  const tightening = useTightening(task)
  const [helped, setHelped] = useState<readonly HelpId[]>([])
  const tugNow = mechanism.tugMeans === 'when-in'
  const lock = lockOfHousing(family, housing)
  const { lock: standing, opened } = endState(state, endKey(task.unit, task.end))
  const lockClosed = lock.openToInsert && standing === 'closed'
  const reuse = reuseOf(state, task.term)
  const spent = reuse !== undefined && isSpent(reuse)
  const covers = coversInOrder(lock, rulesOf(state)).toReversed()
  const isFirst =
    !lockClosed &&
    standing !== 'part-way' &&
    opened === undefined &&
    isSetBeforeFirst(lock) &&
    !holdsContacts(state, task.unit, task.end)
  const { asked: tightens, byHand, driver } = tightening
  const going = [
    ...(isFirst ? beforeFirstLines(covers, lock) : []),
    ...routineLines(family, tugN, retentionAskedN, tightens && tightenLine(tightens, byHand, driver?.id)),
  ]
  const lines = [...(lockClosed ? coverLines(covers, lock) : []), ...going]
  const checks = useChecks(task.term, lines, termState(state, task.term))
  const [tug, setTug] = useKeptForm(tugTyped, noTug, task.term, termState(state, task.term))
  // while a cover is in the way the contact waits before its cavity
  const shown =
    [...mechanism.insert, 'tug' as const].find((step) => step === checks.due?.id) ?? (checks.due && mechanism.insert[0])
  const turn = (by: -1 | 1) => {
    const open = openTurns(state, task.unit, task.end)
    const other = open[open.indexOf(task.cavity) + by]
    const cavities = other === undefined ? undefined : turnsWith(state, task.unit, task.end, task.cavity, other)
    if (!cavities || busy) return
    void append({ kind: 'seat-order-set', end: task.end, cavities: [...cavities] })
  }
  const cutOff = () =>
    busy ||
    write({
      kind: 'seat-faulted',
      term: task.term,
      end: task.end,
      cavity: task.cavity,
      fault: 'will-not-go-in',
      cause: 'used-up',
    })
  useKeys([
    ...(spent ? [{ key: ' ', words: words.cutOffContactThat, run: cutOff }] : []),
    { key: 'x', words: words.somethingIsWrong, run: report },
    { key: ',', words: words.thisOneSooner, run: () => turn(-1) },
    { key: '.', words: words.thisOneLater, run: () => turn(1) },
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, spent ? textCss.fault : undefined)}>
        {spent ? words.thisContactDoesNot : titleOf(mechanism)}
      </h2>
      {!spent && <InsertTool task={task} housing={housing} family={family} />}
      {spent && (
        <p className={clsx(noteCss.note, noteCss.fault)}>
          {words.outOfCavityIt(
            reuse.used,
            reuseLimitWords[reuse.by],
            reuse.allowed === 0 ? words.noSecondUse : plural(reuse.allowed, 'reuse'),
          )}
        </p>
      )}
      {!spent && mechanism.insert.length > 0 && (
        <div className={styles.insertScene}>
          <InsertPlayer
            mechanism={mechanism}
            step={shown}
            colour={wire?.colour ?? ''}
            lockFrom={lockMotion(lock).from}
            isSaid={family.orientation !== undefined}
          />
        </div>
      )}
      {spent ? (
        <Button variant="filled" disabled={busy} onClick={cutOff}>
          <span>{words.cutItOff}</span> <Kbd aria-hidden="true">Space</Kbd>
        </Button>
      ) : (
        <CheckList
          lines={lines}
          checks={checks}
          main={words.seated}
          busy={busy}
          enabled={checks.due !== undefined || !tightening.isShort}
          onMain={() =>
            write(
              ...(lockClosed
                ? [{ kind: 'lock-moved' as const, unit: task.unit, end: task.end, to: 'open' as const }]
                : isFirst && lock.said?.whileInserting === 'at-stop' && standing === 'open'
                  ? [{ kind: 'lock-moved' as const, unit: task.unit, end: task.end, to: 'part-way' as const }]
                  : []),
              {
                kind: 'seated',
                term: task.term,
                end: task.end,
                cavity: task.cavity,
                checked: going.map((line) => line.id),
                ...(tugNow && {
                  ...(tugN !== undefined && { tugAskedN: tugN }),
                  ...(tug.tugN === undefined ? { tug: 'by-hand' as const } : { tug: 'gauge' as const, tugN: tug.tugN }),
                }),
                ...(tightening.said && { tightened: tightening.said }),
                ...(helped.length > 0 && { helps: [...helped] }),
              },
              ...(tugNow && retentionAskedN !== undefined
                ? [
                    {
                      kind: 'contact-held' as const,
                      term: task.term,
                      test: 'retention' as const,
                      held: true,
                      askedN: retentionAskedN,
                    },
                  ]
                : []),
            )
          }
        />
      )}
      {!spent && tightens && <TightenField tightening={tightening} />}
      {!spent && !tightens && <Helps at="seat" used={helped} choose={setHelped} />}
      {!spent && tugNow && <TugField text={tug.text} onGauge={setTug} />}
      <Button onClick={report}>
        <span>{words.somethingIsWrongAsk}</span> <Kbd aria-hidden="true">X</Kbd>
      </Button>
      <InsertNotes task={task} housing={housing} family={family} spent={spent} />
    </>
  )
}

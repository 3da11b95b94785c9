'use client'

import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import { InsertPlayer, SeatFaultCard, WrongCavity } from './laterCards'
import { Button, Kbd } from '@mantine/core'
import { useState } from 'react'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import { coversInOrder, secondaryLocks } from '@/core/parts/catalogue/secondaryLocks'
import { FamilyFacts, Housing } from '@/core/parts/catalogue/types'
import { likelyWrong } from '@/core/base/face/place'
import { insulationMmOf } from '@/core/record/plan/facts'
import { planIndex } from '@/core/record/plan/plan'
import { endState } from '@/core/record/state/state'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { openTurns, turnsWith } from '@/core/work/seat/seatTurns'
import { releaseTool } from '@/core/parts/catalogue/releaseTool'
import { isSpent, reuseOf } from '@/core/record/standing/reuse'
import { lightTugN } from '@/core/record/standing/tug'
import { CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list, plural } from '@/words/figures'
import { insertStepWords, reuseLimitWords } from '@/words/release'
import { coverWords, orderWords } from '@/words/seat'
import { TaskOf, useWrite } from './useWrite'
import { cavityKey, endKey } from '@/core/record/plan/keys'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import styles from './InsertCard.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** Passes of one hole after which a mat is looked at. */
const MAT_PASSES = 3

const blockedWords = {
  'not-crimped': {
    title: words.notCrimpedYet,
    why: words.thisContactIsMade,
  },
  elsewhere: {
    title: words.notOutYet,
    why: words.itStandsInAnother,
  },
  'cover-due': { title: words.newCoverFirst, why: words.itGoesOverWires },
  'cavity-taken': {
    title: words.notFreeYet,
    why: words.anotherContactStandsHere,
  },
} as const

/** A contact goes in: the routine of its mechanism, tick by tick; or it is in, and may come out. */
export function InsertCard({
  task,
  housing,
  family,
  misplaced,
  takeOut,
  done,
}: {
  readonly task: TaskOf<'insert'>
  readonly housing: Housing
  readonly family: FamilyFacts
  /** it was found in another cavity, without one when two were the other way round */
  readonly misplaced: (found?: string) => void
  readonly takeOut: () => void
  readonly done: () => void
}) {
  const { state } = useJob()
  const [asks, setAsks] = useState<'fault' | 'cavity'>()
  const termination = planIndex(state.plan).byKey.get(task.term)
  if (!termination) return null
  if (asks === 'cavity')
    return <WrongCavity task={task} housing={housing} back={() => setAsks(undefined)} done={misplaced} />
  const written = () => {
    setAsks(undefined)
    done()
  }
  return (
    <>
      <WireChips wire={termination.wire} side={termination.side} />
      {asks === 'fault' && (
        <SeatFaultCard
          task={task}
          wrongCavity={() => setAsks('cavity')}
          back={() => setAsks(undefined)}
          done={written}
        />
      )}
      {!asks && task.done && <Seated task={task} takeOut={takeOut} report={() => setAsks('fault')} />}
      {!asks && !task.done && task.blockedBy && (
        <>
          <h2 className={textCss.cardTitle}>{blockedWords[task.blockedBy].title}</h2>
          <p>{blockedWords[task.blockedBy].why}</p>
        </>
      )}
      {!asks && !task.done && !task.blockedBy && (
        <Routine task={task} housing={housing} family={family} report={() => setAsks('fault')} done={done} />
      )}
    </>
  )
}

function Seated({
  task,
  takeOut,
  report,
}: {
  readonly task: TaskOf<'insert'>
  readonly takeOut: () => void
  readonly report: () => void
}) {
  useKeys([
    { key: 'x', words: words.somethingIsWrongWith, run: report },
    { key: 'o', words: words.takeItOut, run: takeOut },
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.good)}>{words.seatedIn(task.end, task.cavity)}</h2>
      <Button onClick={takeOut}>
        <span>{words.takeItOutAsk}</span> <Kbd aria-hidden="true">O</Kbd>
      </Button>
      <Button onClick={report}>
        <span>{words.somethingIsWrongWithIt}</span> <Kbd aria-hidden="true">X</Kbd>
      </Button>
    </>
  )
}

function Routine({
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
  const cavity = housing.cavities.find((one) => one.id === task.cavity)
  const tugN = lightTugN(state, task.end, task.cavity)
  const tugNow = mechanism.tugMeans === 'after-click'
  const lockClosed =
    secondaryLocks[family.lock].openToInsert && endState(state, endKey(task.unit, task.end)).lock === 'closed'
  const reuse = reuseOf(state, task.term)
  const spent = reuse !== undefined && isSpent(reuse)
  const passes = state.cavities.get(cavityKey(task.unit, task.end, task.cavity))?.passes ?? 0
  const tool =
    mechanism.insertTool && cavity
      ? releaseTool(
          family,
          cavity.size,
          wire && insulationMmOf(state.facts, wire),
          Object.values(state.facts.tools),
          rulesOf(state),
        )
      : undefined
  const covers = lockClosed ? coversInOrder(secondaryLocks[family.lock], rulesOf(state)).toReversed() : []
  const going: CheckLine[] = [
    ...mechanism.insert.map((step) => ({
      id: step,
      words: insertStepWords[step].act,
      hint:
        step === 'right-way-up' || step === 'straight-in'
          ? mechanism.insert.includes('right-way-up') === (step === 'right-way-up')
            ? family.orientation
            : undefined
          : insertStepWords[step].hint,
      seen: insertStepWords[step].seen,
    })),
    ...(tugNow
      ? [
          {
            id: 'tug',
            words:
              tugN === undefined ? (
                words.lightTugItsRetention
              ) : (
                <>
                  {words.lightTug} <b className={textCss.mono}>{words.tugForce(tugN)}</b>
                  {words.noMore}
                </>
              ),
            seen: words.itHeld,
          },
        ]
      : []),
  ]
  const lines: CheckLine[] = [
    ...covers.map((cover) => ({
      id: cover,
      words: coverWords[cover].open,
      hint: words.itIsClosedOpen,
      seen: words.itIsOpen,
    })),
    ...going,
  ]
  const checks = useChecks(task.term, lines)
  // while a cover is in the way the contact waits before its cavity
  const shown =
    [...mechanism.insert, 'tug' as const].find((step) => step === checks.due?.id) ?? (checks.due && mechanism.insert[0])
  const near = cavity && likelyWrong(cavity, housing.cavities)
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
        {spent ? words.thisContactDoesNot : mechanism.insertTool ? words.pressItInStraight : words.slideItInStraight}
      </h2>
      {!spent && tool?.kind === 'held' && (
        <p>
          {words.withWord} <b className={textCss.mono}>{tool.tool.id}</b>
          {tool.twoEnds && words.tipWithLedgeWhich}.
        </p>
      )}
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
          <InsertPlayer mechanism={mechanism} step={shown} colour={wire?.colour ?? ''} />
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
          onMain={() =>
            write(
              ...(lockClosed
                ? [{ kind: 'lock-moved' as const, unit: task.unit, end: task.end, to: 'open' as const }]
                : []),
              {
                kind: 'seated',
                term: task.term,
                end: task.end,
                cavity: task.cavity,
                checked: going.map((line) => line.id),
                ...(tugNow && tugN !== undefined && { tugN }),
              },
            )
          }
        />
      )}
      <Button onClick={report}>
        <span>{words.somethingIsWrongAsk}</span> <Kbd aria-hidden="true">X</Kbd>
      </Button>
      {near && !spent && (
        <p className={clsx(noteCss.note, noteCss.attend, textCss.small)}>
          <b>{words.easyToMiss}</b> {list(near.neighbours)}
          {near.mirror !== undefined && words.andMirrorImage(near.mirror)}.
        </p>
      )}
      {passes >= MAT_PASSES && family.sealing.startsWith('mat') && (
        <p className={clsx(noteCss.note, noteCss.attend, textCss.small)}>{words.matWasPassedHere(passes)}</p>
      )}
      {reuse && reuse.used > 0 && !spent && (
        <p className={clsx(textCss.small, textCss.dim)}>{words.outOfCavityBefore(reuse.used, reuse.allowed)}</p>
      )}
      <div className={paneCss.sources}>
        {tugN !== undefined && (
          <span>
            {words.tug(
              tugNow ? words.ofCavitysRetentionHouse(rulesOf(state).tugShare * 100) : words.itMeansSomethingOnly,
            )}
          </span>
        )}
        {task.why && <span>{words.itsTurnCommaAnd(orderWords(task.why))}</span>}
        <span>
          {housing.source.document}
          {housing.source.revision !== undefined && `, rev ${housing.source.revision}`}.
        </span>
      </div>
    </>
  )
}

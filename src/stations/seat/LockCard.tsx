import { lockCardWords as texts } from '@/words/screens/seat/lockCard'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { Button, Kbd } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useMemo, useState } from 'react'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import { lockMotion } from '@/core/parts/catalogue/lockMotion'
import { coversInOrder, lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { FamilyFacts, Housing } from '@/core/parts/catalogue/types'
import { endState } from '@/core/record/state/state'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { notHome } from '@/core/record/standing/home'
import { type Suspect, lockSuspects } from '@/core/work/seat/suspects'
import { lightTugN } from '@/core/record/standing/tug'
import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import { endPiece } from '@/ui/job/endPiece'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list } from '@/words/figures'
import { coverActs, lockFallbackWords, lockHowWords, lockWayWords, lockWords } from '@/words/lock'
import { suspectWords } from '@/words/seat'
import { termName } from '@/words/steps'
import { LockDrawing } from '@/ui/lock/LockDrawing'
import { BrokenButton } from './BrokenButton'
import { EndRepairCard } from './EndRepairCard'
import { type TaskOf, useWrite } from './useWrite'
import { endKey } from '@/core/record/plan/keys'
import styles from './LockCard.module.css'

/** The lock of an end is closed, cover by cover; one that will not close is never forced: the contact that stands off is found. */
export function LockCard({
  task,
  housing,
  family,
  done,
}: {
  readonly task: TaskOf<'lock'>
  readonly housing: Housing
  readonly family: FamilyFacts
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const [asks, setAsks] = useState<'stuck' | 'broken'>()
  const partWay = endState(state, endKey(task.unit, task.end)).lock === 'part-way'
  const lock = lockOfHousing(family, housing)
  const { name } = lockWords[lock.id]
  const way = lockWayWords(lock.id, lock)
  const left = notHome(state, task.unit, task.end)
  const covers = coversInOrder(lock, rulesOf(state))
  // with a comb a tug means something only now
  const tugsAfter = releaseMechanisms[family.release].tugMeans === 'after-lock'
  const tugN = housing.cavities
    .map((cavity) => lightTugN(state, task.end, cavity.id))
    .find((force) => force !== undefined)
  const lines: CheckLine[] = [
    { id: 'level', words: texts.allContactsLevelSeen, seen: texts.theyAreLevel },
    ...covers.map((cover, i): CheckLine => ({
      id: cover,
      words: coverActs(cover, lock).close,
      hint: i === 0 ? texts.neverForced(way) : undefined,
      seen: texts.isClosed(coverActs(cover, lock).name),
    })),
    ...(tugsAfter
      ? [
          {
            id: 'tug',
            words:
              tugN === undefined ? (
                texts.lightTugAtEach
              ) : (
                <>
                  {texts.lightTugAtEachWire} <b className={textCss.mono}>{texts.tugForce(tugN)}</b>
                </>
              ),
            seen: texts.allHeld,
          },
        ]
      : []),
  ]
  const checks = useChecks(`${task.unit}/${task.end} lock`, lines, endPiece(state, task.unit, task.end))
  const mayClose = left.length === 0 && !task.done
  const mayStop = !task.done && lock.states.includes('part-way')
  const stop = () =>
    !busy && write({ kind: 'lock-moved', unit: task.unit, end: task.end, to: partWay ? 'open' : 'part-way' })
  useKeys(
    asks
      ? []
      : [
          ...(mayClose ? [{ key: 'x', words: texts.itWillNotClose, run: () => setAsks('stuck') }] : []),
          ...(mayStop ? [{ key: 'p', words: partWay ? texts.backToOpen : texts.toItsPartWay, run: stop }] : []),
          { key: 'b', words: texts.lockOrHousingIs, run: () => setAsks('broken') },
        ],
  )
  if (asks === 'stuck' && !task.done) return <WillNotClose task={task} back={() => setAsks(undefined)} done={done} />
  if (asks === 'broken')
    return <EndRepairCard unit={task.unit} end={task.end} lock={lock} back={() => setAsks(undefined)} done={done} />
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : undefined)}>
        {task.done ? texts.ofAreClosed(name, task.end, covers.length > 1) : texts.closeThe(name)}
      </h2>
      {task.part !== undefined && <p className={textCss.mono}>{task.part}</p>}
      {!task.done && <p className={clsx(textCss.small, textCss.dim)}>{lockHowWords(lock)}</p>}
      <div className={styles.drawn}>
        <LockDrawing
          lock={lock}
          name={texts.howItGoesIn(name)}
          share={task.done ? 1 : partWay ? (lockMotion(lock).stop ?? 0) : 0}
        />
      </div>
      {partWay && <p className={clsx(noteCss.note, noteCss.attend)}>{texts.itStandsAtIts}</p>}
      {!task.done && left.length > 0 && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          <b>{texts.notYet}</b>{' '}
          {texts.isNotHome(
            list(
              left.map(
                (termination) =>
                  `${termName(termination.key, state.plan.quantity)} → ${task.end}.${termination.at.cavity}`,
              ),
              5,
            ),
            left.length === 1,
          )}
        </p>
      )}
      {!task.done && (
        <CheckList
          lines={lines}
          checks={checks}
          main={texts.lockIsClosed}
          busy={busy}
          enabled={left.length === 0}
          onMain={() => write({ kind: 'lock-moved', unit: task.unit, end: task.end, to: 'closed' })}
        />
      )}
      {mayClose && (
        <Button onClick={() => setAsks('stuck')}>
          <span>{texts.itWillNotCloseAsk}</span> <Kbd aria-hidden="true">X</Kbd>
        </Button>
      )}
      {mayStop && (
        <Button disabled={busy} onClick={stop}>
          <span>{partWay ? texts.backToOpen : texts.onlyToItsPart}</span> <Kbd aria-hidden="true">P</Kbd>
        </Button>
      )}
      {task.done && (
        <>
          <ul className={clsx(textCss.small, textCss.dim, paneCss.harms)} aria-label={texts.toOpenIt}>
            {[...covers].reverse().map((cover) => (
              <li key={cover}>{coverActs(cover, lock).open}</li>
            ))}
            <li>{lockHowWords(lock)}</li>
            {lock.fallback && <li>{lockFallbackWords[lock.fallback]}</li>}
          </ul>
          <Button
            disabled={busy}
            onClick={() => write({ kind: 'lock-moved', unit: task.unit, end: task.end, to: 'open' })}
          >
            <span>{texts.openItAgain}</span>
          </Button>
        </>
      )}
      <BrokenButton open={() => setAsks('broken')} />
    </>
  )
}

/** Suspects that are shown; the rest stand on the face. */
const SHOWN = 6

/** Which contacts to look at, in order. The one that stands off goes in again before the lock does. */
function WillNotClose({
  task,
  back,
  done,
}: {
  readonly task: TaskOf<'lock'>
  readonly back: () => void
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const suspects = useMemo(() => lockSuspects(state, task.unit, task.end), [state, task.unit, task.end])
  const found = ({ term, cavity }: Suspect) =>
    !busy && write({ kind: 'seat-faulted', term, end: task.end, cavity, fault: 'stands-low', cause: 'not-far-enough' })
  useKeys([
    { key: 'Escape', words: texts.itClosesAfterAll, run: back },
    ...suspects.slice(0, SHOWN).map((suspect, i) => ({
      key: String(i + 1),
      words: i === 0 ? texts.thisOneStandsLow : '',
      run: () => found(suspect),
    })),
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>{texts.neverForceItOne}</h2>
      <p>{texts.lookAtTheseFrom}</p>
      <div className={paneCss.choices} role="group" aria-label={texts.contactsToLookAt}>
        {suspects.slice(0, SHOWN).map((suspect, i) => (
          <Choice key={suspect.term} disabled={busy} onClick={() => found(suspect)}>
            <Kbd aria-hidden="true">{i + 1}</Kbd>
            <span>
              <b className={textCss.mono}>
                {task.end}.{suspect.cavity}
              </b>{' '}
              {termName(suspect.term, state.plan.quantity)}
            </span>
            <span className={clsx(textCss.small, textCss.dim)}>
              {suspect.reasons
                .slice(0, 2)
                .map((reason) => suspectWords[reason])
                .join(', ')}
            </span>
          </Choice>
        ))}
      </div>
      <Button onClick={back}>
        <span>{texts.itClosesAfterAll}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}

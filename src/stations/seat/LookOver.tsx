'use client'

import styles from './LookOver.module.css'
import { lookOverWords as words } from '@/words/screens/seat/lookOver'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useState } from 'react'
import type { SecondaryLock } from '@/core/parts/catalogue/secondaryLocks'
import { planIndex } from '@/core/record/plan/plan'
import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import { endPiece } from '@/ui/job/endPiece'
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
  lock,
  done,
}: {
  readonly task: TaskOf<'look-over'>
  readonly lock: Pick<SecondaryLock, 'present'>
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const [back, setBack] = useState<readonly string[]>([])
  const [asking, setAsking] = useState(false)
  const [broken, setBroken] = useState(false)
  const used = planIndex(state.plan).byEnd.get(endKey(task.unit, task.end)) ?? []
  const lines: CheckLine[] = [
    { id: 'front', words: words.fromFrontEveryContact, seen: words.allAreLevel },
    { id: 'rear', words: words.fromRearSealsFlush, seen: words.allIsFlush },
  ]
  const checks = useChecks(`${task.unit}/${task.end} look`, lines, endPiece(state, task.unit, task.end))
  useKeys(
    broken
      ? []
      : asking
        ? [{ key: 'Escape', words: words.noneWasPushedBack, run: () => setAsking(false) }]
        : [
            ...(task.done ? [] : [{ key: 'x', words: words.contactWasPushedBack, run: () => setAsking(true) }]),
            { key: 'b', words: words.lockOrHousingIs, run: () => setBroken(true) },
          ],
  )
  if (broken)
    return <EndRepairCard unit={task.unit} end={task.end} lock={lock} back={() => setBroken(false)} done={done} />
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : undefined)}>
        {task.done ? words.wasLookedOver(task.end) : words.lookFromBothSides}
      </h2>
      {!task.done && !asking && (
        <>
          <p>{words.coverCanPushContact}</p>
          <CheckList
            lines={lines}
            checks={checks}
            main={words.allLevelAllFlush}
            busy={busy}
            onMain={() => write({ kind: 'end-looked-over', unit: task.unit, end: task.end, pushedBack: [] })}
          />
          <Button onClick={() => setAsking(true)}>
            <span>{words.oneWasPushedBack}</span> <Kbd aria-hidden="true">X</Kbd>
          </Button>
        </>
      )}
      {!task.done && asking && (
        <>
          <p>{words.whichOnesAreLow}</p>
          <div className={styles.cavities} role="group" aria-label={words.cavities}>
            {used.map((termination) => (
              <Choice
                key={termination.key}
                aria-pressed={back.includes(termination.at.cavity)}
                onClick={() =>
                  setBack((now) =>
                    now.includes(termination.at.cavity)
                      ? now.filter((one) => one !== termination.at.cavity)
                      : [...now, termination.at.cavity],
                  )
                }
                mono
                inline
              >
                {termination.at.cavity}
              </Choice>
            ))}
          </div>
          <Button
            variant="filled"
            disabled={busy || back.length === 0}
            onClick={() => write({ kind: 'end-looked-over', unit: task.unit, end: task.end, pushedBack: [...back] })}
          >
            <span>{words.reportPushedBack(back.length === 0 ? 'them' : list([...back]))}</span>
          </Button>
          <Button onClick={() => setAsking(false)}>
            <span>{words.noneAfterAll}</span> <Kbd aria-hidden="true">Esc</Kbd>
          </Button>
        </>
      )}
      {!asking && <BrokenButton open={() => setBroken(true)} />}
    </>
  )
}

import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { openedTo, openSteps } from '@/core/craft/release/openSteps'
import { coversInOrder, lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { FamilyFacts, Housing } from '@/core/parts/catalogue/types'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { endPiece } from '@/ui/job/endPiece'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { lockFallbackWords, lockWords } from '@/words/lock'
import { openingTitle, openStepWords } from '@/words/opening'
import { openCardWords as words } from '@/words/screens/seat/openCard'
import { BrokenButton } from './BrokenButton'
import { EndRepairCard } from './EndRepairCard'
import { type TaskOf, useWrite } from './useWrite'

/** What must be open, up or off before the first contact of an end: step by step, from the facts of its housing. */
export function OpenCard({
  task,
  housing,
  family,
  done,
}: {
  readonly task: TaskOf<'open-end'>
  readonly housing: Housing
  readonly family: FamilyFacts
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const [asks, setAsks] = useState<'stuck' | 'broken'>()
  const lock = lockOfHousing(family, housing)
  const { name } = lockWords[lock.id]
  const covers = coversInOrder(lock, rulesOf(state)).toReversed()
  const lines = openSteps(lock, covers).map((step) => {
    const { line, hint, seen } = openStepWords(step, lock, housing.cavities.length)
    return { id: step.id, words: line, hint, seen }
  })
  const checks = useChecks(`${task.unit}/${task.end} open`, lines, endPiece(state, task.unit, task.end))
  useKeys(
    asks || task.done
      ? []
      : [
          { key: 'x', words: words.doesNotMove, run: () => setAsks('stuck') },
          { key: 'b', words: words.lockOrHousing, run: () => setAsks('broken') },
        ],
  )
  if (asks === 'broken')
    return <EndRepairCard unit={task.unit} end={task.end} lock={lock} back={() => setAsks(undefined)} done={done} />
  if (task.done) return <h2 className={clsx(textCss.cardTitle, textCss.good)}>{words.opened(name)}</h2>
  if (asks === 'stuck')
    return (
      <DoesNotMove
        fallback={lock.fallback && lockFallbackWords[lock.fallback]}
        back={() => setAsks(undefined)}
        broken={() => setAsks('broken')}
      />
    )
  return (
    <>
      <h2 className={textCss.cardTitle}>{openingTitle(lock, name)}</h2>
      <CheckList
        lines={lines}
        checks={checks}
        main={words.done}
        busy={busy}
        onMain={() => write({ kind: 'lock-moved', unit: task.unit, end: task.end, to: openedTo(lock) })}
      />
      <Button onClick={() => setAsks('stuck')}>
        <span>{words.doesNotMove}</span> <Kbd aria-hidden="true">X</Kbd>
      </Button>
      {lock.said?.tears !== undefined && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          <b>◆ {words.tears}:</b> {lock.said.tears}.
        </p>
      )}
      <BrokenButton open={() => setAsks('broken')} />
      <div className={paneCss.sources}>{words.sheet(housing.source.document, housing.source.revision)}</div>
    </>
  )
}

/** What to look at, in order, before it is left alone. */
function DoesNotMove({
  fallback,
  back,
  broken,
}: {
  readonly fallback: string | undefined
  readonly back: () => void
  readonly broken: () => void
}) {
  useKeys([
    { key: 'Escape', words: words.moves, run: back },
    { key: 'b', words: words.lockOrHousing, run: broken },
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>{words.neverForce}</h2>
      <ol className={paneCss.harms}>
        {words.stuck.map((one) => (
          <li key={one}>{one}</li>
        ))}
        {fallback !== undefined && <li>{fallback}.</li>}
      </ol>
      <p className={clsx(noteCss.note, noteCss.fault)}>{words.thenBroken}</p>
      <Button variant="filled" onClick={back}>
        <span>{words.moves}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
      <BrokenButton open={broken} />
    </>
  )
}

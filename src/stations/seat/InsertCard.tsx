'use client'

import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import { InsertRoutine } from './InsertRoutine'
import { SeatFaultCard, WrongCavity } from './laterCards'
import { Button, Kbd } from '@mantine/core'
import { useState } from 'react'
import type { FamilyFacts, Housing } from '@/core/parts/catalogue/types'
import { planIndex } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import type { TaskOf } from './useWrite'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'

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
        <InsertRoutine task={task} housing={housing} family={family} report={() => setAsks('fault')} done={done} />
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

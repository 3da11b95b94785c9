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

/** The cavity that a contact was found in: undefined while nobody asks, empty until it is chosen. */
export interface WrongCavityAsked {
  readonly found: string | undefined
  readonly choose: (found: string | undefined) => void
}

/** A contact goes in: the routine of its mechanism, tick by tick; or it is in, and may come out. */
export function InsertCard({
  task,
  housing,
  family,
  misplaced,
  takeOut,
  wrong,
  done,
}: {
  readonly task: TaskOf<'insert'>
  readonly housing: Housing
  readonly family: FamilyFacts
  /** it was found in another cavity, without one when two were the other way round */
  readonly misplaced: (found?: string) => void
  readonly takeOut: () => void
  /** which cavity it is in instead: asked while it is pointed at on the face */
  readonly wrong: WrongCavityAsked
  readonly done: () => void
}) {
  const { state } = useJob()
  const [asks, setAsks] = useState<'fault'>()
  const termination = planIndex(state.plan).byKey.get(task.term)
  if (!termination) return null
  if (wrong.found !== undefined)
    return (
      <WrongCavity
        task={task}
        housing={housing}
        found={wrong.found}
        choose={wrong.choose}
        back={() => wrong.choose(undefined)}
        done={(found) => {
          wrong.choose(undefined)
          misplaced(found)
        }}
      />
    )
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
          housing={housing}
          family={family}
          wrongCavity={() => {
            setAsks(undefined)
            wrong.choose('')
          }}
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

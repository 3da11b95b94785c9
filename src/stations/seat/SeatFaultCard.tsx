'use client'

import { seatFaultCardWords as words } from '@/words/screens/seat/seatFaultCard'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Kbd } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useState } from 'react'
import { inCavity, planIndex } from '@/core/record/plan/plan'
import { type DamageId, damageIds } from '@/core/craft/faults/damage'
import { lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { FamilyFacts, Housing } from '@/core/parts/catalogue/types'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { type SeatCauseId, type SeatFaultId, causesOf, faultsOf, seatOutcome } from '@/core/craft/faults/seatFaults'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { damageWords } from '@/words/rework'
import { seatCauseWords, seatFaultWords, seatOutcomeWords } from '@/words/seat'
import { RepairCard } from './RepairCard'
import { type TaskOf, useWrite } from './useWrite'
import { setKey } from '@/core/record/plan/keys'

/** Something is wrong as a contact goes in: what the hand notices, why, and then what to do now. */
export function SeatFaultCard({
  task,
  housing,
  family,
  wrongCavity,
  back,
  done,
}: {
  readonly task: TaskOf<'insert'>
  readonly housing: Housing
  readonly family: FamilyFacts
  /** it is in another cavity */ readonly wrongCavity: () => void
  readonly back: () => void
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const [fault, setFault] = useState<SeatFaultId>()
  const [cause, setCause] = useState<SeatCauseId>()
  const [damage, setDamage] = useState<DamageId>()
  const termination = planIndex(state.plan).byKey.get(task.term)
  const sealed = termination && state.sets.get(setKey(termination.wire.id, termination.side))?.seal !== undefined
  const half = {
    release: family.release,
    hasLock: lockOfHousing(family, housing).present,
    hasMat: family.sealing.startsWith('mat'),
  }
  const faults = faultsOf(family.release, task.done)
  const causes = fault ? causesOf(fault, half) : []
  const outcome = fault && cause && seatOutcome(fault, cause, rulesOf(state))
  const leave = () => {
    if (cause) setCause(undefined)
    else if (fault) setFault(undefined)
    else back()
  }
  const record = () => {
    if (!fault || !cause || busy) return
    write({ kind: 'seat-faulted', term: task.term, end: task.end, cavity: task.cavity, fault, cause })
  }
  const choices: readonly { readonly words: string; readonly run: () => void }[] = fault
    ? causes.map((one) => ({ words: seatCauseWords[one.id].see, run: () => setCause(one.id) }))
    : [
        ...faults.map((one) => ({ words: seatFaultWords[one], run: () => setFault(one) })),
        { words: words.itIsInAnother, run: wrongCavity },
        ...(task.done
          ? damageIds
              .filter((one) => one !== 'seal' || sealed)
              .map((one) => ({ words: damageWords[one], run: () => setDamage(one) }))
          : []),
      ]
  useKeys(
    damage
      ? []
      : [
          { key: 'Escape', words: words.oneQuestionBack, run: leave },
          ...(cause
            ? [{ key: ' ', words: words.writeItDown, run: record }]
            : choices.map((choice, i) => ({
                key: String(i + 1),
                words: i === 0 ? words.sayWhatIsSeen : '',
                run: choice.run,
              }))),
        ],
  )
  if (damage && termination && inCavity(termination))
    return (
      <RepairCard
        termination={termination}
        what={damage}
        wholeWire={() => setDamage('wire')}
        back={() => setDamage(undefined)}
        done={done}
      />
    )
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>{fault ? seatFaultWords[fault] : words.whatIsWrong}</h2>
      {!cause && (
        <div className={paneCss.choices} role="group" aria-label={fault ? words.whyAsYouSee : words.whatHandNotices}>
          {choices.map((choice, i) => (
            <Choice key={choice.words} onClick={choice.run}>
              <Kbd aria-hidden="true">{i + 1}</Kbd>
              <span>{choice.words}</span>
              <span />
            </Choice>
          ))}
        </div>
      )}
      {cause && outcome && (
        <>
          <p className={textCss.bigWords}>{seatCauseWords[cause].act}.</p>
          <p className={clsx(noteCss.note, outcome === 'cut-off' ? noteCss.fault : noteCss.attend)}>
            {outcome === 'cut-off' ? '▲' : '◆'} {seatOutcomeWords[outcome]}.
          </p>
          <Button variant="filled" disabled={busy} onClick={record}>
            <span>{words.writeItDownAnd}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        </>
      )}
      <Button onClick={leave}>
        <span>{fault ? words.oneQuestionBack : words.nothingIsWrong}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}

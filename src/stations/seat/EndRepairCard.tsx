import { endRepairCardWords as words } from '@/words/screens/seat/endRepairCard'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Kbd } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useMemo, useState } from 'react'
import type { SecondaryLock } from '@/core/parts/catalogue/secondaryLocks'
import { endDamageIds, type EndDamageId } from '@/core/craft/faults/damage'
import { endRepairPlan } from '@/core/work/rework/endRepairPlan'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { endDamageWords } from '@/words/rework'
import { RepairSteps } from './RepairSteps'
import { useWrite } from './useWrite'

/** The lock or the housing of an end is broken: what it takes, before the new one is begun. */
export function EndRepairCard({
  unit,
  end,
  lock,
  back,
  done,
}: {
  readonly unit: number
  readonly end: string
  readonly lock: Pick<SecondaryLock, 'present'>
  readonly back: () => void
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const known = endDamageIds.filter((one) => one !== 'lock' || lock.present)
  const [what, setWhat] = useState<EndDamageId | undefined>(known.length === 1 ? known[0] : undefined)
  const plan = useMemo(() => what && endRepairPlan(state, unit, end, what), [state, unit, end, what])
  const leave = () => (what !== undefined && known.length > 1 ? setWhat(undefined) : back())
  const begin = () => what && !busy && write({ kind: 'end-damaged', unit, end, what })
  useKeys([
    { key: 'Escape', words: words.oneQuestionBack, run: leave },
    ...(what
      ? [{ key: ' ', words: words.beginRepair, run: begin }]
      : known.map((one, i) => ({
          key: String(i + 1),
          words: i === 0 ? words.sayWhatIsBroken : '',
          run: () => setWhat(one),
        }))),
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>
        {what ? endDamageWords[what] : words.whatIsBrokenAt(end)}
      </h2>
      {!what && (
        <div className={paneCss.choices} role="group" aria-label={words.whatIsBroken}>
          {known.map((one, i) => (
            <Choice key={one} onClick={() => setWhat(one)}>
              <Kbd aria-hidden="true">{i + 1}</Kbd>
              <span>{endDamageWords[one]}</span>
              <span />
            </Choice>
          ))}
        </div>
      )}
      {plan && (
        <>
          {plan.offers.length > 0 && <p className={clsx(noteCss.note, noteCss.fault)}>{words.atSomeOfThem}</p>}
          <RepairSteps plan={plan} quantity={state.plan.quantity} />
          <Button variant="filled" disabled={busy} onClick={begin}>
            <span>{words.giveOldOneUp}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        </>
      )}
      <Button onClick={leave}>
        <span>{what ? words.oneQuestionBack : words.nothingIsBroken}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}

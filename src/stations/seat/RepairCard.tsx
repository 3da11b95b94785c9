import { plausible } from '@/core/base/units/plausible'
import { repairCardWords as words } from '@/words/screens/seat/repairCard'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Checkbox, Kbd, TextInput } from '@mantine/core'
import { useMemo, useState } from 'react'
import type { CavityTermination } from '@/core/record/plan/plan'
import type { DamageId } from '@/core/craft/faults/damage'
import { repairPlan } from '@/core/work/rework/repairPlan'
import { bareUnit } from '@/words/benchUnits'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list, mm } from '@/words/figures'
import { quantityWords, understoodAs } from '@/words/quantity'
import { damageWords } from '@/words/rework'
import { PhotoBox } from '@/ui/photo/PhotoBox'
import { RepairSteps } from './RepairSteps'
import { SpliceForm } from './SpliceForm'
import { useWrite } from './useWrite'

/** Something is broken: all that must be done about it, in order, with what it costs, before anything is begun. */
export function RepairCard({
  termination,
  what,
  wholeWire,
  back,
  done,
}: {
  readonly termination: CavityTermination
  readonly what: DamageId
  /** the whole wire goes instead */ readonly wholeWire: () => void
  readonly back: () => void
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const [lost, setLost] = useState('')
  const read =
    lost.trim() === ''
      ? undefined
      : parseQuantity(lost, 'length', { plausible: plausible.cutBackMm, unit: bareUnit('length') })
  const lostMm = read?.ok ? read.value : 0
  const plan = useMemo(() => repairPlan(state, what, termination, lostMm), [state, what, termination, lostMm])
  const [before, setBefore] = useState('')
  const [together, setTogether] = useState(true)
  const [splices, setSplices] = useState(false)
  const tooShort = plan.together.filter((one) => !one.enough).map((one) => one.wire)
  const short = plan.slack?.enough === false
  const lay = before.trim() === '' ? {} : { before: before.trim() }
  const begin = () => {
    if (busy || (read !== undefined && !read.ok)) return
    write(
      { kind: 'damage-reported', term: termination.key, what, ...(lostMm > 0 && { lostMm }), ...lay },
      ...(together
        ? plan.together.map((one) => ({
            kind: 'damage-reported' as const,
            term: one.term,
            what: 'kept-equal' as const,
            ...(one.lostMm > 0 && { lostMm: one.lostMm }),
          }))
        : []),
    )
  }
  useKeys([
    ...(splices ? [] : [{ key: ' ', words: words.beginRepair, run: begin }]),
    { key: 'Escape', words: words.oneQuestionBack, run: () => (splices ? setSplices(false) : back()) },
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>{damageWords[what]}</h2>
      {what !== 'wire' && (
        <TextInput
          label={words.wireSpoiledBesidesOld}
          value={lost}
          description={understoodAs(lost, 'length', { plausible: plausible.cutBackMm, unit: bareUnit('length') })}
          inputMode="decimal"
          placeholder={words.lostLike}
          onChange={(event) => setLost(event.target.value)}
          error={read !== undefined && !read.ok}
        />
      )}
      <TextInput
        label={words.beforeCut}
        description={words.orPhoto}
        placeholder={words.beforeLike}
        value={before}
        maxLength={500}
        onChange={(event) => setBefore(event.target.value)}
      />
      <PhotoBox about={{ term: termination.key }} piece={`before ${termination.key}`} />
      {plan.unknownStrip && <p className={clsx(noteCss.note, noteCss.attend)}>◆ {words.stripUnknown}</p>}
      {read && !read.ok && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          ▲ {quantityWords(read.fault, 'length')}
        </p>
      )}
      {plan.slack && (
        <p className={clsx(noteCss.note, plan.slack.enough ? noteCss.attend : noteCss.fault)}>
          {words.itCosts(plan.slack.enough ? '◆' : '▲')} <b className={textCss.mono}>{mm(plan.slack.costMm, 0)}</b>{' '}
          {words.ofWire} <b className={textCss.mono}>{mm(plan.slack.leftMm, 0)}</b>{' '}
          {plan.slack.enough ? words.areThereToSpare : words.toSpareAreNot}
        </p>
      )}
      {plan.together.length > 0 && (
        <div className={clsx(noteCss.note, noteCss.attend)}>
          <Checkbox
            label={
              <>
                <span>
                  {words.tooAsShortAs(list(plan.together.map((one) => one.wire)), plan.equalWithinMm)}{' '}
                  {termination.wire.group?.kind}
                </span>
              </>
            }
            checked={together}
            onChange={(event) => setTogether(event.target.checked)}
          />
          {together && tooShort.length > 0 && (
            <p className={clsx(textCss.small, textCss.fault)}>
              {words.hasNoWireTo(list(tooShort), tooShort.length === 1)}
            </p>
          )}
        </div>
      )}
      {splices ? (
        <SpliceForm termination={termination} done={done} />
      ) : (
        <RepairSteps
          plan={plan}
          quantity={state.plan.quantity}
          offer={(one) => (one === 'splice' ? setSplices(true) : wholeWire())}
        />
      )}
      {!splices && (
        <Button variant={short ? 'default' : 'filled'} disabled={busy} onClick={begin}>
          <span>{short ? words.beginAllSameTake : words.beginTakeItOut}</span> <Kbd aria-hidden="true">Space</Kbd>
        </Button>
      )}
      <Button onClick={() => (splices ? setSplices(false) : back())}>
        <span>{words.oneQuestionBack}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}

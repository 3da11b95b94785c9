import { bareUnit } from '@/words/benchUnits'
import { plausible } from '@/core/base/units/plausible'
import { Button, Checkbox, Kbd, TextInput } from '@mantine/core'
import clsx from 'clsx'
import type { Dispatch, ReactNode } from 'react'
import type { Practice } from '@/core/craft/crimp/practices'
import type { StripForm, StripMove, StripReading } from '@/core/craft/strip/stripForm'
import type { HouseRules } from '@/core/parts/rules/houseRules'
import { type CheckLine, CheckList, type useChecks } from '@/ui/card/CheckList'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { useQuestion } from '@/ui/question/questions'
import textCss from '@/ui/text/text.module.css'
import { mm } from '@/words/figures'
import { practiceWords } from '@/words/practices'
import { prepWords as words } from '@/words/screens/prep/prepItem'
import { quantityWords, understoodAs } from '@/words/quantity'

/** A wire that is to be prepared: ticked line by line, its strip as it was measured. */
export function StripCard({
  form,
  dispatch,
  reading,
  stopMm,
  rules,
  practices,
  first,
  ahead,
  lines,
  checks,
  busy,
  write,
  names,
  set,
  atOnce,
}: {
  readonly form: StripForm
  readonly dispatch: Dispatch<StripMove>
  readonly reading: StripReading
  /** where the stripper's stop stands */
  readonly stopMm: number
  readonly rules: HouseRules
  /** what the rules leave open here */
  readonly practices: readonly Practice[]
  /** what comes before the strip */
  readonly first: 'thread' | 'label' | 'nothing'
  /** so many of the setup wait for its first piece, and no more may; undefined: this one may go on */
  readonly ahead: number | undefined
  readonly lines: readonly CheckLine[]
  readonly checks: ReturnType<typeof useChecks>
  readonly busy: boolean
  readonly write: () => void
  /** the pieces that are prepared together */
  readonly names: readonly string[]
  /** which they are, and how one is left out */
  readonly set: ReactNode
  /** lines that one press answers, once the strip is proven; else each by itself */
  readonly atOnce: readonly string[] | undefined
}) {
  const { verdict, fault } = reading
  const several = names.length
  useQuestion(words.measured, (text) => dispatch({ kind: 'strip-written', text, unit: bareUnit('length') }))
  const outside = verdict && verdict.kind !== 'inside' ? words.outside(verdict) : undefined
  return (
    <>
      <h2 className={textCss.cardTitle}>{several > 1 ? words.alike(several) : words.title(first)}</h2>
      {several > 1 && <p className={textCss.mono}>{names.join(' ')}</p>}
      {ahead !== undefined && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          <b>◆ {words.wait}</b> {words.ahead(ahead)}
        </p>
      )}
      <CheckList
        lines={lines}
        checks={checks}
        main={several > 1 ? words.allPrepared(several) : words.prepared}
        busy={busy}
        onMain={write}
        enabled={ahead === undefined && reading.good}
        atOnce={atOnce && { says: words.handWork, recorded: false, of: atOnce }}
      />
      {set}
      <div className={paneCss.fieldRow}>
        <TextInput
          label={words.measured}
          value={form.stripText}
          description={
            form.stripText.trim() === ''
              ? words.notMeasured(stopMm)
              : understoodAs(form.stripText, 'length', { plausible: plausible.stripMm, unit: form.unit })
          }
          inputMode="decimal"
          onChange={(event) => dispatch({ kind: 'strip-written', text: event.target.value, unit: bareUnit('length') })}
          error={fault !== undefined || outside !== undefined}
        />
        <TextInput
          label={words.lost}
          value={form.lostText}
          inputMode="numeric"
          onChange={(event) => dispatch({ kind: 'lost-written', text: event.target.value })}
          error={reading.lost === undefined || reading.tooManyLost}
        />
      </div>
      {fault && <p className={clsx(noteCss.note, noteCss.fault)}>▲ {quantityWords(fault, 'length')}</p>}
      {outside && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          <b>▲ {outside.main}</b>: {outside.why}
        </p>
      )}
      {reading.tooManyLost && (
        <p className={clsx(noteCss.note, noteCss.fault)}>▲ {words.tooManyLost(rules.strandAllowance)}</p>
      )}
      <Button onClick={() => dispatch({ kind: 'trial-begun' })}>
        <span>{words.tryIt}</span> <Kbd aria-hidden="true">W</Kbd>
      </Button>
      {practices.map((one) => (
        <Checkbox
          key={one.id}
          label={`${practiceWords[one.id].name}${one.allowance(rules) === 'recorded' ? words.alsoRecorded : ''}`}
          checked={form.practices.includes(one.id)}
          onChange={(event) => dispatch({ kind: 'practice-ticked', practice: one.id, on: event.target.checked })}
        />
      ))}
      {form.usedMm > 0 && (
        <p className={clsx(textCss.small, textCss.attend)}>
          {words.triesCost} <b className={textCss.mono}>{mm(form.usedMm, 1)}</b>
          {words.writtenWithIt}
        </p>
      )}
    </>
  )
}

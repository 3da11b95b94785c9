'use client'
import { jobSettingsWords as texts } from '@/words/screens/plan/jobSettings'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { NativeSelect, TextInput } from '@mantine/core'
import { memo, useState } from 'react'
import type { Plan, PlanChange } from '@/core/record/plan/plan'
import type { HouseRules } from '@/core/parts/rules/houseRules'

type Field = 'ambientC' | 'supplyV' | 'loadedInBundle' | 'quantity'
const fields: readonly { readonly id: Field; readonly words: string; readonly empty: boolean }[] = [
  { id: 'ambientC', words: texts.ambientC, empty: false },
  { id: 'supplyV', words: texts.supplyV, empty: true },
  { id: 'loadedInBundle', words: texts.loadedInBundle, empty: true },
  { id: 'quantity', words: texts.units, empty: false },
]

/** What holds for the whole job: its house rules, where it works, how many of it. A change is written when the field is left. */
export const JobSettings = memo(function JobSettings({
  plan,
  rules,
  pinned,
  apply,
}: {
  readonly plan: Plan
  readonly rules: readonly { readonly id: string; readonly name: string }[]
  readonly pinned: HouseRules
  readonly apply: (change: PlanChange) => void
}) {
  const kept = (field: Field) => String(plan[field] ?? '')
  // what is typed stands until the figure in the plan is another, whoever wrote it
  const [typed, setTyped] = useState<
    Readonly<Partial<Record<Field, { readonly text: string; readonly over: string }>>>
  >({})
  const textOf = (field: Field) => (typed[field]?.over === kept(field) ? typed[field].text : kept(field))
  const [wrong, setWrong] = useState<Field>()
  const commit = (field: Field, empty: boolean) => {
    const said = textOf(field).trim().replace(',', '.')
    if (said === kept(field)) {
      setWrong(undefined)
      return
    }
    const value = Number(said)
    const whole = field === 'quantity' || field === 'loadedInBundle'
    const bad =
      said === ''
        ? !empty
        : !Number.isFinite(value) ||
          (field !== 'ambientC' && value <= 0) ||
          (whole && !Number.isInteger(value)) ||
          (field === 'ambientC' && (value < -60 || value > 250))
    setWrong(bad || (said === '' && empty) ? field : undefined)
    if (!bad && said !== '') apply({ meta: { [field]: value } })
  }
  return (
    <div className={paneCss.smallForm}>
      <NativeSelect
        label={texts.houseRules}
        value={plan.rules}
        onChange={(event) => apply({ meta: { rules: event.target.value } })}
      >
        {rules.length === 0 && <option value={plan.rules}>{pinned.name}</option>}
        {rules.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </NativeSelect>
      <div className={paneCss.fieldRow}>
        {fields.map(({ id, words, empty }) => (
          <TextInput
            key={id}
            label={words}
            value={textOf(id)}
            inputMode="decimal"
            onChange={(event) => setTyped({ ...typed, [id]: { text: event.target.value, over: kept(id) } })}
            onBlur={() => commit(id, empty)}
            onKeyDown={(event) => event.key === 'Enter' && commit(id, empty)}
            error={wrong === id}
          />
        ))}
      </div>
      {wrong !== undefined && (
        <p className={clsx(textCss.small, textCss.fault)}>
          ▲{' '}
          {wrong === 'ambientC'
            ? texts.temperatureBetweenAndC
            : wrong === 'supplyV'
              ? texts.voltageAbove
              : texts.wholeNumberAbove}
        </p>
      )}
    </div>
  )
})

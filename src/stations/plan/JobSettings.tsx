'use client'
import { jobSettingsWords as texts } from '@/words/screens/plan/jobSettings'
import paneCss from '@/ui/pane/pane.module.css'
import { NativeSelect, TextInput } from '@mantine/core'
import { memo, useState } from 'react'
import type { Plan, PlanChange } from '@/core/record/plan/plan'
import type { HouseRules } from '@/core/parts/rules/houseRules'

type Field = 'ambientC' | 'supplyV' | 'loadedInBundle' | 'quantity'
const fields: readonly {
  readonly id: Field
  readonly words: string
  readonly empty: boolean
  /** what would be right */
  readonly right: string
}[] = [
  { id: 'ambientC', words: texts.ambientC, empty: false, right: texts.temperatureBetweenAndC },
  { id: 'supplyV', words: texts.supplyV, empty: true, right: texts.voltageAbove },
  { id: 'loadedInBundle', words: texts.loadedInBundle, empty: true, right: texts.wholeNumberAbove },
  { id: 'quantity', words: texts.units, empty: false, right: texts.wholeNumberAbove },
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
  const [typed, setTyped] = useState<ReadonlyMap<Field, { readonly text: string; readonly over: string }>>(new Map())
  // a figure that has become another, whoever wrote it, takes the place of what was typed over it
  const standing = [...typed].filter(([id, { over }]) => over === kept(id))
  if (standing.length < typed.size) setTyped(new Map(standing))
  const textOf = (field: Field) => typed.get(field)?.text ?? kept(field)
  const [wrong, setWrong] = useState<Field>()
  const commit = (field: Field, empty: boolean) => {
    const said = textOf(field).trim().replace(',', '.')
    if (said === kept(field)) {
      setWrong((now) => (now === field ? undefined : now))
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
        {fields.map(({ id, words, empty, right }) => (
          <TextInput
            key={id}
            label={words}
            value={textOf(id)}
            inputMode="decimal"
            onChange={(event) => setTyped(new Map(typed).set(id, { text: event.target.value, over: kept(id) }))}
            onBlur={() => commit(id, empty)}
            onKeyDown={(event) => event.key === 'Enter' && commit(id, empty)}
            error={wrong === id && `▲ ${right}`}
          />
        ))}
      </div>
    </div>
  )
})

'use client'
import styles from './RuleField.module.css'
import { ruleFieldWords as texts } from '@/words/screens/rules/ruleField'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import { Checkbox, NativeSelect, TextInput, Textarea } from '@mantine/core'
import { useState } from 'react'
import type { HouseRules } from '@/core/parts/rules/houseRules'
import type { RuleLine } from '@/core/parts/rules/ruleLines'
import { choiceWord, ruleWords } from '@/words/rules'
import { toolClassWords } from '@/words/tools'
import type { ToolClass } from '@/core/parts/catalogue/toolClasses'

/** One rule as it is set, by its shape. */
export function RuleField({
  line,
  rules,
  onChange,
}: {
  readonly line: RuleLine
  readonly rules: HouseRules
  readonly onChange: (rules: HouseRules) => void
}) {
  const { id, shape } = line
  const set = (value: unknown) => onChange({ ...rules, [id]: value })
  const label = ruleWords[id].name
  const now = rules[id]
  const word = typeof now === 'string' ? now : ''
  switch (shape.kind) {
    case 'allowance':
      return (
        <Select
          label={label}
          value={word}
          options={[
            ['forbidden', 'forbidden'],
            ['recorded', texts.allowedRecorded],
            ['allowed', 'allowed'],
          ]}
          onChange={set}
        />
      )
    case 'yes-no':
      return (
        <Select
          label={label}
          value={rules[id] === true ? 'yes' : 'no'}
          options={[
            ['yes', 'yes'],
            ['no', 'no'],
          ]}
          onChange={(value) => set(value === 'yes')}
        />
      )
    case 'choice':
      return (
        <Select label={label} value={word} options={shape.of.map((one) => [one, choiceWord(one)])} onChange={set} />
      )
    case 'figure': {
      const scale = shape.unit === 'share' ? 100 : 1
      return (
        <Figure
          label={label}
          value={Number(rules[id]) * scale}
          min={shape.min * scale}
          max={shape.max * scale}
          whole={shape.whole}
          unit={shape.unit === 'share' || shape.unit === 'percent' ? '%' : shape.unit}
          onChange={(value) => set(value / scale)}
        />
      )
    }
    case 'range':
      return (
        <span className={styles.row}>
          <Figure
            label={texts.lower(label)}
            value={rules.brush.minMm}
            min={0}
            max={10}
            whole={false}
            unit="mm"
            onChange={(minMm) => onChange({ ...rules, brush: { ...rules.brush, minMm } })}
          />
          <Figure
            label={texts.upper(label)}
            value={rules.brush.maxMm}
            min={0.05}
            max={10}
            whole={false}
            unit="mm"
            onChange={(maxMm) => onChange({ ...rules, brush: { ...rules.brush, maxMm } })}
          />
        </span>
      )
    case 'gap':
      return <GapField rules={rules} onChange={onChange} />
    case 'tool-classes':
      return (
        <span className={styles.grid}>
          {(
            [
              'four-indent-plain',
              'nest-ratchet',
              'notch-pliers',
              'plain-pliers',
              'sleeve-nest',
            ] as const satisfies readonly ToolClass[]
          ).map((one) => (
            <Checkbox
              key={one}
              label={toolClassWords[one]}
              checked={rules.forbiddenToolClasses.includes(one)}
              onChange={(event) =>
                onChange({
                  ...rules,
                  forbiddenToolClasses: event.target.checked
                    ? [...rules.forbiddenToolClasses, one]
                    : rules.forbiddenToolClasses.filter((other) => other !== one),
                })
              }
            />
          ))}
        </span>
      )
    case 'derating':
      return <DeratingField rules={rules} onChange={onChange} />
  }
}

function Select({
  label,
  value,
  options,
  onChange,
}: {
  readonly label: string
  readonly value: string
  readonly options: readonly (readonly [string, string])[]
  readonly onChange: (value: string) => void
}) {
  return (
    <NativeSelect aria-label={label} value={value} onChange={(event) => onChange(event.target.value)}>
      {options.map(([one, words]) => (
        <option key={one} value={one}>
          {words}
        </option>
      ))}
    </NativeSelect>
  )
}

function Figure({
  label,
  value,
  min,
  max,
  whole,
  unit,
  onChange,
}: {
  readonly label: string
  readonly value: number
  readonly min: number
  readonly max: number
  readonly whole: boolean
  readonly unit: string
  readonly onChange: (value: number) => void
}) {
  const [text, setText] = useState(String(Math.round(value * 1000) / 1000))
  const read = Number(text.replace(',', '.'))
  const good = text.trim() !== '' && read >= min && read <= max && (!whole || Number.isInteger(read))
  return (
    <span className={styles.row2}>
      <TextInput
        aria-label={label}
        inputMode="decimal"
        value={text}
        onChange={(event) => {
          setText(event.target.value)
          const next = Number(event.target.value.replace(',', '.'))
          if (event.target.value.trim() !== '' && next >= min && next <= max && (!whole || Number.isInteger(next)))
            onChange(next)
        }}
        error={!good}
        size="sm"
        w={92}
      />
      <span className={clsx(textCss.dim, textCss.small)}>{unit}</span>
      {!good && (
        <span className={clsx(textCss.fault, textCss.small)}>
          {texts.outOfRange(min, max)}
          {whole && ', whole'}
        </span>
      )}
    </span>
  )
}

function GapField({ rules, onChange }: { readonly rules: HouseRules; readonly onChange: (rules: HouseRules) => void }) {
  const { gap } = rules
  const mm = (label: string, value: number, set: (value: number) => HouseRules['gap'], min = 0) => (
    <Figure
      key={label}
      label={label}
      value={value}
      min={min}
      max={5}
      whole={false}
      unit="mm"
      onChange={(next) => onChange({ ...rules, gap: set(next) })}
    />
  )
  return (
    <span className={styles.grid2}>
      <Select
        label={texts.gapAtClosedBarrel}
        value={gap.school}
        options={[
          ['band', texts.fixedBand],
          ['half-insulation', texts.upToHalfInsulation],
          ['touching', texts.touchingBarrel],
        ]}
        onChange={(school) =>
          onChange({
            ...rules,
            gap:
              school === 'band'
                ? { school: 'band', band: { minMm: 0.3, maxMm: 1 } }
                : school === 'touching'
                  ? { school: 'touching', maxMm: 0.5 }
                  : { school: 'half-insulation', minMm: 0.2 },
          })
        }
      />
      {gap.school === 'band' && [
        mm(texts.gapFrom, gap.band.minMm, (minMm) => ({ school: 'band', band: { ...gap.band, minMm } })),
        mm(texts.gapTo, gap.band.maxMm, (maxMm) => ({ school: 'band', band: { ...gap.band, maxMm } }), 0.05),
      ]}
      {gap.school === 'half-insulation' &&
        mm(texts.gapFrom, gap.minMm, (minMm) => ({ school: 'half-insulation', minMm }))}
      {gap.school === 'touching' && mm(texts.gapTo, gap.maxMm, (maxMm) => ({ school: 'touching', maxMm }), 0.05)}
    </span>
  )
}

function DeratingField({
  rules,
  onChange,
}: {
  readonly rules: HouseRules
  readonly onChange: (rules: HouseRules) => void
}) {
  const [text, setText] = useState(
    rules.bundleDerating.map((row) => `${String(row.upTo)}: ${String(Math.round(row.factor * 100))}`).join('\n'),
  )
  const rows = text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line) => /^(\d+)\s*:\s*(\d+(?:\.\d+)?)\s*%?$/.exec(line))
  const good = rows.length > 0 && rows.every((row) => row !== null && Number(row[2]) >= 5 && Number(row[2]) <= 100)
  return (
    <Textarea
      label={texts.wiresUpToPercent}
      aria-label={texts.deratingInBundle}
      value={text}
      onChange={(event) => {
        setText(event.target.value)
        const read = event.target.value
          .split('\n')
          .map((line) => line.trim())
          .filter(Boolean)
          .map((line) => /^(\d+)\s*:\s*(\d+(?:\.\d+)?)\s*%?$/.exec(line))
        if (read.length > 0 && read.every((row) => row !== null && Number(row[2]) >= 5 && Number(row[2]) <= 100))
          onChange({
            ...rules,
            bundleDerating: read.map((row) => ({ upTo: Number(row?.[1]), factor: Number(row?.[2]) / 100 })),
          })
      }}
      error={!good && <span className={textCss.wrong}>{texts.linesLike}</span>}
    />
  )
}

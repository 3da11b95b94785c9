'use client'
import { plausible } from '@/core/base/units/plausible'
import styles from './FamilyPane.module.css'
import { familyPaneWords as texts } from '@/words/screens/plan/familyPane'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd, NativeSelect, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import type { FamilyWish } from '@/core/parts/choose/chooseFamily'
import { freeEndId } from '@/core/record/plan/freeEndId'
import type { PlanChange, Wire } from '@/core/record/plan/plan'
import { parseQuantity, type Dimension, type Plausible } from '@/core/base/units/parseQuantity'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { chooseFamilies, type FamilyAnswerWords } from './familyActions'
import { FamilySides } from './FamilySides'

const empty = {
  ways: '4',
  current: '',
  area: '',
  insulation: '',
  sealed: '',
  mounting: '',
  vibration: '',
  service: '',
  cost: '',
}
type Said = typeof empty

function wishOf(said: Said): { readonly wish?: FamilyWish; readonly wrong?: keyof Said } {
  const ways = Number(said.ways)
  if (!Number.isInteger(ways) || ways < 1) return { wrong: 'ways' }
  const figures: Partial<Record<'current' | 'area' | 'insulation', number>> = {}
  for (const [field, dimension, range] of [
    ['current', 'current', plausible.currentA],
    ['area', 'area', plausible.areaMm2],
    ['insulation', 'length', plausible.insulationMm],
  ] as const satisfies readonly (readonly [string, Dimension, Plausible])[]) {
    if (said[field].trim() === '') continue
    const read = parseQuantity(said[field], dimension, { plausible: range })
    if (!read.ok) return { wrong: field }
    figures[field] = read.value
  }
  return {
    wish: {
      ways,
      ...(figures.current !== undefined && { largestA: figures.current }),
      ...(figures.area !== undefined && { largestMm2: figures.area }),
      ...(figures.insulation !== undefined && { insulationMm: figures.insulation }),
      ...(said.sealed !== '' && { sealed: said.sealed === 'yes' }),
      ...(said.mounting !== '' && { mounting: said.mounting as 'panel' }),
      ...(said.vibration !== '' && { vibration: said.vibration as 'high' }),
      ...(said.service === 'yes' && { fieldService: true }),
      ...(said.cost !== '' && { costAtMost: Number(said.cost) as 1 }),
    },
  }
}

/** Which connector family would do: what qualifies, and why each other one does not. */
export function FamilyPane({
  wires,
  close,
  apply,
}: {
  readonly wires: readonly Wire[]
  readonly close: () => void
  readonly apply: (change: PlanChange) => void
}) {
  const { state } = useJob()
  const largest = Math.max(0, ...wires.map((wire) => wire.currentA ?? 0))
  const [said, setSaid] = useState<Said>({ ...empty, current: largest > 0 ? `${String(largest)} A` : '' })
  const [answers, setAnswers] = useState<readonly FamilyAnswerWords[]>([])
  const { wish, wrong } = wishOf(said)
  const asked = JSON.stringify(wish)
  useEffect(() => {
    let late = false
    void chooseFamilies(JSON.parse(asked) as FamilyWish).then(
      (found) => !late && setAnswers(found),
      () => undefined,
    )
    return () => {
      late = true
    }
  }, [asked])
  useKeys([{ key: 'Escape', words: texts.backToPinout, run: close }])
  const free = freeEndId(state.plan.ends)
  const field = (id: keyof Said, label: string, options?: readonly (readonly [string, string])[]) => (
    <label>
      {label}
      {options ? (
        <NativeSelect value={said[id]} onChange={(event) => setSaid((now) => ({ ...now, [id]: event.target.value }))}>
          <option value="">{texts.any}</option>
          {options.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </NativeSelect>
      ) : (
        <TextInput
          value={said[id]}
          onChange={(event) => setSaid((now) => ({ ...now, [id]: event.target.value }))}
          error={wrong === id}
        />
      )}
    </label>
  )
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={texts.whichFamily}>
      <div className={paneCss.panelHead}>
        <h2 className={textCss.cardTitle}>{texts.whichFamily}</h2>
        <span className={paneCss.caption}>
          <Button variant="subtle" onClick={close}>
            {texts.back} <Kbd>Esc</Kbd>
          </Button>
        </span>
      </div>
      <div className={clsx(paneCss.panelBody, styles.stack)}>
        <div className={styles.columns}>
          {field('ways', texts.ways)}
          {field('current', texts.largestLoad)}
          {field('area', texts.largestWire)}
          {field('insulation', texts.itsInsulation)}
          {field('sealed', texts.sealed, [
            ['yes', 'sealed'],
            ['no', texts.notSealed],
          ])}
          {field('mounting', texts.mounting, [
            ['in-line', texts.inLine],
            ['panel', 'panel'],
            ['board', 'board'],
            ['stud', 'stud'],
          ])}
          {field('vibration', texts.vibration, [
            ['low', 'low'],
            ['medium', 'medium'],
            ['high', 'high'],
          ])}
          {field('service', texts.fieldService, [['yes', texts.noSpecialTool]])}
          {field('cost', texts.costAtMost, [
            ['1', 'low'],
            ['2', 'middle'],
            ['3', 'high'],
          ])}
        </div>
        {wrong !== undefined && (
          <p className={textCss.fault}>▲ {wrong === 'ways' ? texts.wholeNumberOfWays : texts.figureWithItsUnit}</p>
        )}
        <FamilySides answers={answers} free={free} add={(housing) => apply({ putEnds: [{ id: free, housing }] })} />
      </div>
    </section>
  )
}

'use client'
import { plausible } from '@/core/base/units/plausible'
import { endFormWords as words } from '@/words/screens/plan/endForm'
import { Button, Checkbox, NativeSelect, TextInput } from '@mantine/core'
import { useState } from 'react'
import { type FieldIssue, useSchemaForm } from '@/ui/form/useSchemaForm'
import { quantityWords, understoodAs } from '@/words/quantity'
import { freeEndId } from '@/core/record/plan/freeEndId'
import { type End, type PlanChange, planIndex } from '@/core/record/plan/plan'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { useJob } from '@/ui/job/JobProvider'
import { endRead, housingNamed, renumbered, typedOf } from './endTyped'
import { NewNumbersForm } from './NewNumbersForm'
import type { PlanShelf } from './planShelf'
import styles from './EndForm.module.css'
import { KeyingFaces } from '@/ui/face/KeyingFaces'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

const jacketFault = (text: string) => {
  const read = parseQuantity(text, 'length', { plausible: plausible.wireLengthMm })
  return text === '' || read.ok ? undefined : quantityWords(read.fault, 'length')
}

const load = async () => (await import('@/core/record/plan/schema')).endSchema
const say = ({ path }: FieldIssue) =>
  path[0] === 'id' ? words.idIsShort : path[0] === 'jacketBackMm' ? words.jacketIsLength : words.pickAgain

/** An end is added or changed: its designator, its housing from the shelf, keying, and what it mates with. */
export function EndForm({
  end,
  shelf,
  apply,
  close,
}: {
  readonly end: End | undefined
  readonly shelf: PlanShelf
  readonly apply: (change: PlanChange) => void
  readonly close: () => void
}) {
  const { state } = useJob()
  const { ends } = state.plan
  const { form, onSubmit } = useSchemaForm({
    initialValues: typedOf(end, freeEndId(ends)),
    load,
    read: (typed) => endRead(typed, end, shelf),
    say,
    submit: (put) => {
      if (!chosen || taken || (moves && !numbers)) return
      apply({ putEnds: [put], ...(moves && numbers && { putWires: renumbered(state.plan.wires, put.id, numbers) }) })
    },
  })
  const { id, housing } = form.values
  const chosen = housingNamed(shelf, housing)
  const taken = !end && ends.some((one) => one.id === id.trim())
  const wrong = taken
    ? words.isThereAlready(id)
    : housing.trim() !== '' && !chosen
      ? words.isNoHousingOn(housing)
      : undefined
  const [numbers, setNumbers] = useState<ReadonlyMap<string, string>>()
  const used = end && planIndex(state.plan).byEnd.get(`1/${end.id}`)?.length
  // the same wires go into another housing
  const moves = end !== undefined && (used ?? 0) > 0 && chosen !== undefined && chosen.id !== end.housing
  return (
    <form
      className={paneCss.smallForm}
      aria-label={end ? words.changeEnd(end.id) : words.addEnd}
      onSubmit={onSubmit}
      onKeyDown={(event) => event.key === 'Escape' && close()}
    >
      <div className={clsx(paneCss.fieldRow, styles.columns)}>
        <TextInput label={words.endName} readOnly={end !== undefined} maxLength={12} {...form.getInputProps('id')} />
        <TextInput
          label={words.housing}
          autoFocus
          list="housings"
          {...form.getInputProps('housing')}
          error={wrong !== undefined}
        />
      </div>
      <datalist id="housings">
        {shelf.housings.map((one) => (
          <option key={one.id} value={one.id}>
            {words.ways(one.name, one.ways)}
          </option>
        ))}
      </datalist>
      {chosen && <p className={clsx(textCss.small, textCss.dim)}>{words.chosenWays(chosen.name, chosen.ways)}</p>}
      {moves && <NewNumbersForm end={end.id} housing={chosen.id} onChange={setNumbers} />}
      {wrong !== undefined && <p className={clsx(textCss.small, textCss.fault)}>▲ {wrong}</p>}
      {chosen && chosen.keyings.length > 0 && (
        <NativeSelect label={words.keying} {...form.getInputProps('keying')}>
          <option value="">{words.notChosen}</option>
          {chosen.keyings.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </NativeSelect>
      )}
      {chosen?.face && (
        <KeyingFaces
          housing={chosen.face}
          side="mating"
          value={form.values.keying}
          pick={(keying) => form.setFieldValue('keying', keying)}
        />
      )}
      {chosen?.eitherGender && (
        <NativeSelect label={words.contacts} {...form.getInputProps('gender')}>
          <option value="">{words.either}</option>
          <option value="pin">{words.pins}</option>
          <option value="socket">{words.sockets}</option>
        </NativeSelect>
      )}
      <div className={paneCss.fieldRow}>
        <NativeSelect label={words.matesWith} {...form.getInputProps('mate')}>
          <option value="">{words.elsewhere}</option>
          {ends
            .filter((one) => one.id !== id)
            .map((one) => (
              <option key={one.id} value={one.id}>
                {words.end(one.id)}
              </option>
            ))}
        </NativeSelect>
        <NativeSelect label={words.itsPlating} {...form.getInputProps('matePlating')}>
          <option value="">{words.notKnown}</option>
          {['gold', 'tin', 'nickel', 'silver'].map((one) => (
            <option key={one}>{one}</option>
          ))}
        </NativeSelect>
      </div>
      <TextInput
        label={words.cableJacketsBackMm}
        inputMode="decimal"
        placeholder={words.noCablesHere}
        description={understoodAs(form.values.jacketBackMm, 'length', { plausible: plausible.wireLengthMm })}
        {...form.getInputProps('jacketBackMm')}
        error={jacketFault(form.values.jacketBackMm) ?? form.errors.jacketBackMm}
      />
      <Checkbox label={words.workedInPlaceAfter} {...form.getInputProps('inPlace', { type: 'checkbox' })} />
      <div className={paneCss.two}>
        <Button type="submit" disabled={!chosen || taken || (moves && !numbers)}>
          <span>{moves ? words.move(used ?? 0) : end ? words.changeIt : words.addIt}</span>
        </Button>
        <Button onClick={close}>
          <span>{words.leaveIt}</span>
        </Button>
      </div>
      {end && (
        <Button disabled={(used ?? 0) > 0} onClick={() => apply({ removeEnds: [end.id] })}>
          <span>{(used ?? 0) > 0 ? words.stillAt(used ?? 0, end.id) : words.takeEndOut(end.id)}</span>
        </Button>
      )}
    </form>
  )
}

'use client'
import { endFormWords as words } from '@/words/screens/plan/endForm'
import { Button, Checkbox, NativeSelect, TextInput } from '@mantine/core'
import { useState } from 'react'
import { freeEndId } from '@/core/record/plan/freeEndId'
import { End, PlanChange, Wire, planIndex } from '@/core/record/plan/plan'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { useJob } from '@/ui/job/JobProvider'
import { NewNumbersForm } from './NewNumbersForm'
import { PlanShelf } from './planShelf'
import styles from './EndForm.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

/** Wires of an end under the cavities that they get in its new housing. */
function renumbered(wires: readonly Wire[], end: string, numbers: ReadonlyMap<string, string>): Wire[] {
  const moved = (side: Wire['from']): Wire['from'] =>
    side.kind === 'cavity' && side.end === end ? { ...side, cavity: numbers.get(side.cavity) ?? side.cavity } : side
  return wires
    .map((wire) => ({ ...wire, from: moved(wire.from), to: moved(wire.to) }))
    .filter((wire, i) => JSON.stringify(wire) !== JSON.stringify(wires[i]))
}

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
  const [id, setId] = useState(end?.id ?? freeEndId(ends))
  const [housing, setHousing] = useState(end?.housing ?? '')
  const [keying, setKeying] = useState(end?.keying ?? '')
  const [gender, setGender] = useState(end?.gender ?? '')
  const [mate, setMate] = useState(end?.mate ?? '')
  const [matePlating, setMatePlating] = useState(end?.matePlating ?? '')
  const [jacket, setJacket] = useState(end?.jacketBackMm === undefined ? '' : String(end.jacketBackMm))
  const jacketMm = parseQuantity(jacket, 'length')
  const [inPlace, setInPlace] = useState(end?.inPlace === true)
  const chosen = shelf.housings.find((one) => one.id.toLowerCase() === housing.trim().toLowerCase())
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
  const submit = () => {
    if (!chosen || taken || id.trim() === '' || (jacket !== '' && !jacketMm.ok)) return
    const put: End = {
      id: id.trim(),
      housing: chosen.id,
      ...(end?.note !== undefined && { note: end.note }),
      ...(keying !== '' && chosen.keyings.includes(keying) && { keying }),
      ...(gender !== '' && chosen.eitherGender && { gender: gender as 'pin' }),
      ...(mate !== '' && { mate }),
      ...(matePlating !== '' && { matePlating: matePlating as 'gold' }),
      ...(inPlace && { inPlace: true as const }),
      ...(jacketMm.ok && { jacketBackMm: Math.round(jacketMm.value) }),
    }
    if (moves && !numbers) return
    apply({ putEnds: [put], ...(moves && numbers && { putWires: renumbered(state.plan.wires, put.id, numbers) }) })
  }
  return (
    <form
      className={paneCss.smallForm}
      aria-label={end ? words.changeEnd(end.id) : words.addEnd}
      onSubmit={(event) => {
        event.preventDefault()
        submit()
      }}
      onKeyDown={(event) => event.key === 'Escape' && close()}
    >
      <div className={clsx(paneCss.fieldRow, styles.columns)}>
        <TextInput
          label={words.endName}
          value={id}
          readOnly={end !== undefined}
          maxLength={12}
          onChange={(event) => setId(event.target.value)}
        />
        <TextInput
          label={words.housing}
          value={housing}
          autoFocus
          list="housings"
          onChange={(event) => setHousing(event.target.value)}
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
        <NativeSelect label={words.keying} value={keying} onChange={(event) => setKeying(event.target.value)}>
          <option value="">{words.notChosen}</option>
          {chosen.keyings.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </NativeSelect>
      )}
      {chosen?.eitherGender && (
        <NativeSelect label={words.contacts} value={gender} onChange={(event) => setGender(event.target.value)}>
          <option value="">{words.either}</option>
          <option value="pin">{words.pins}</option>
          <option value="socket">{words.sockets}</option>
        </NativeSelect>
      )}
      <div className={paneCss.fieldRow}>
        <NativeSelect label={words.matesWith} value={mate} onChange={(event) => setMate(event.target.value)}>
          <option value="">{words.elsewhere}</option>
          {ends
            .filter((one) => one.id !== id)
            .map((one) => (
              <option key={one.id} value={one.id}>
                {words.end(one.id)}
              </option>
            ))}
        </NativeSelect>
        <NativeSelect
          label={words.itsPlating}
          value={matePlating}
          onChange={(event) => setMatePlating(event.target.value)}
        >
          <option value="">{words.notKnown}</option>
          {['gold', 'tin', 'nickel', 'silver'].map((one) => (
            <option key={one}>{one}</option>
          ))}
        </NativeSelect>
      </div>
      <TextInput
        label={words.cableJacketsBackMm}
        value={jacket}
        inputMode="decimal"
        placeholder={words.noCablesHere}
        onChange={(event) => setJacket(event.target.value)}
        error={jacket !== '' && !jacketMm.ok}
      />
      <Checkbox
        label={words.workedInPlaceAfter}
        checked={inPlace}
        onChange={(event) => setInPlace(event.target.checked)}
      />
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

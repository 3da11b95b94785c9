'use client'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Checkbox, NativeSelect, TextInput } from '@mantine/core'
import { useState } from 'react'
import { freeEndId } from '@/core/record/plan/freeEndId'
import { planIndex, type End, type PlanChange, type Wire } from '@/core/record/plan/plan'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { useJob } from '@/ui/job/JobProvider'
import { plural } from '@/words/figures'
import { NewNumbersForm } from './NewNumbersForm'
import type { PlanShelf } from './planShelf'

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
    ? `${id} is there already.`
    : housing.trim() !== '' && !chosen
      ? `${housing} is no housing on the shelf.`
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
      aria-label={end ? `Change end ${end.id}` : 'Add an end'}
      onSubmit={(event) => {
        event.preventDefault()
        submit()
      }}
      onKeyDown={(event) => event.key === 'Escape' && close()}
    >
      <div className={paneCss.fieldRow} style={{ gridTemplateColumns: '70px 1fr' }}>
        <TextInput
          label="End"
          value={id}
          readOnly={end !== undefined}
          maxLength={12}
          onChange={(event) => setId(event.target.value)}
        />
        <TextInput
          label="Housing"
          value={housing}
          autoFocus
          list="housings"
          onChange={(event) => setHousing(event.target.value)}
          error={wrong !== undefined}
        />
      </div>
      <datalist id="housings">
        {shelf.housings.map((one) => (
          <option key={one.id} value={one.id}>{`${one.name}, ${String(one.ways)} ways`}</option>
        ))}
      </datalist>
      {chosen && (
        <p className={clsx(textCss.small, textCss.dim)}>
          {chosen.name}, {chosen.ways} ways
        </p>
      )}
      {moves && <NewNumbersForm end={end.id} housing={chosen.id} onChange={setNumbers} />}
      {wrong !== undefined && <p className={clsx(textCss.small, textCss.fault)}>▲ {wrong}</p>}
      {chosen && chosen.keyings.length > 0 && (
        <NativeSelect label="Keying" value={keying} onChange={(event) => setKeying(event.target.value)}>
          <option value="">not chosen</option>
          {chosen.keyings.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </NativeSelect>
      )}
      {chosen?.eitherGender && (
        <NativeSelect label="Contacts" value={gender} onChange={(event) => setGender(event.target.value)}>
          <option value="">either</option>
          <option value="pin">pins</option>
          <option value="socket">sockets</option>
        </NativeSelect>
      )}
      <div className={paneCss.fieldRow}>
        <NativeSelect label="Mates with" value={mate} onChange={(event) => setMate(event.target.value)}>
          <option value="">elsewhere</option>
          {ends
            .filter((one) => one.id !== id)
            .map((one) => (
              <option key={one.id} value={one.id}>
                end {one.id}
              </option>
            ))}
        </NativeSelect>
        <NativeSelect label="Its plating" value={matePlating} onChange={(event) => setMatePlating(event.target.value)}>
          <option value="">not known</option>
          {['gold', 'tin', 'nickel', 'silver'].map((one) => (
            <option key={one}>{one}</option>
          ))}
        </NativeSelect>
      </div>
      <TextInput
        label="Cable jackets back, mm"
        value={jacket}
        inputMode="decimal"
        placeholder="no cables here"
        onChange={(event) => setJacket(event.target.value)}
        error={jacket !== '' && !jacketMm.ok}
      />
      <Checkbox
        label="Worked in place, after its wires are threaded through"
        checked={inPlace}
        onChange={(event) => setInPlace(event.target.checked)}
      />
      <div className={paneCss.two}>
        <Button type="submit" disabled={!chosen || taken || (moves && !numbers)}>
          <span>{moves ? `Move ${plural(used ?? 0, 'wire')}` : end ? 'Change end' : 'Add end'}</span>
        </Button>
        <Button onClick={close}>
          <span>Leave it</span>
        </Button>
      </div>
      {end && (
        <Button disabled={(used ?? 0) > 0} onClick={() => apply({ removeEnds: [end.id] })}>
          <span>{(used ?? 0) > 0 ? `${plural(used ?? 0, 'wire')} still at ${end.id}` : `Take end ${end.id} out`}</span>
        </Button>
      )}
    </form>
  )
}

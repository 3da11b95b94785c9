import { Button, NativeSelect, Textarea, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { plausible } from '@/core/base/units/plausible'
import { useOperator } from '@/ui/frame/Operator'
import { entryId } from '@/ui/job/journalClient'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { bareUnit } from '@/words/benchUnits'
import { quantityWords } from '@/words/quantity'
import { faultStartWords as words } from '@/words/screens/newJob/faultStart'
import { WHO_IS_HERE } from '@/words/unanswered'
import { type BroughtHalf, faultPinout, straightThrough } from './faultPinout'
import { makeJob } from './makeJob'
import styles from './NewJobPlace.module.css'

/** Nobody measures the wire of a harness that works only sometimes: about so long. */
const ABOUT = '500 mm'
const NONE = ''

/** A job from a fault: a harness that somebody brings, of which the connectors are known and little else; it goes to Prove, to be moved while it is watched. */
export function FaultStart({
  housings,
  wireTypes,
}: {
  readonly housings: readonly BroughtHalf[]
  readonly wireTypes: readonly { readonly id: string; readonly name: string }[]
}) {
  const router = useRouter()
  const { operator } = useOperator()
  const [what, setWhat] = useState('')
  const [aId, setA] = useState(housings[0]?.id ?? NONE)
  const [bId, setB] = useState(NONE)
  const [wireType, setWireType] = useState(NONE)
  const [lines, setLines] = useState<string>()
  const [length, setLength] = useState(ABOUT)
  const [busy, setBusy] = useState(false)
  const [fault, setFault] = useState<string>()
  const a = housings.find(({ id }) => id === aId)
  const b = housings.find(({ id }) => id === bId)
  if (!a) return null
  const said = lines ?? straightThrough(a, b)
  const lengthMm = parseQuantity(length, 'length', { plausible: plausible.wireLengthMm, unit: bareUnit('length') })
  const pinout = lengthMm.ok ? faultPinout(a, b, said, wireType, lengthMm.value) : undefined
  const make = async () => {
    if (!operator) return setFault(WHO_IS_HERE)
    if (!pinout?.ok || busy) return undefined
    setBusy(true)
    const title = what.trim() === '' ? words.faultAt(a.name) : what.trim().slice(0, 80)
    const made = await makeJob({ title, csv: pinout.value, ends: {}, kind: 'repair', slack: '' }, undefined)
    if (!made.ok) {
      setFault(made.fault)
      setBusy(false)
      return undefined
    }
    if (what.trim() !== '') await note(made.value, operator.id, what.trim())
    router.push(`/jobs/${made.value}/prove?at=${encodeURIComponent('move 1')}`)
    return undefined
  }
  return (
    <form
      className={clsx(paneCss.panel, paneCss.paneCard, styles.fromFault)}
      aria-label={words.fromFault}
      onSubmit={(event) => {
        event.preventDefault()
        void make()
      }}
    >
      <h2 className={textCss.cardTitle}>{words.fromFault}</h2>
      <p className={textCss.dim}>{words.whatForAnd}</p>
      <Textarea
        label={words.whatItDoes}
        placeholder={words.itWorks}
        rows={2}
        value={what}
        onChange={(e) => setWhat(e.target.value)}
      />
      <div className={paneCss.fieldRow}>
        <NativeSelect
          label={words.connector('A')}
          value={aId}
          onChange={(event) => {
            setA(event.target.value)
            setLines(undefined)
          }}
          data={housings.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <NativeSelect
          label={words.connector('B')}
          value={bId}
          onChange={(event) => {
            setB(event.target.value)
            setLines(undefined)
          }}
          data={[
            { value: NONE, label: words.nobodyCanName },
            ...housings.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
      </div>
      <div className={paneCss.fieldRow}>
        <NativeSelect
          label={words.wireLooksLike}
          value={wireType}
          onChange={(event) => setWireType(event.target.value)}
          data={[
            { value: NONE, label: words.chooseIt },
            ...wireTypes.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
        <TextInput
          label={words.about}
          value={length}
          onChange={(event) => setLength(event.target.value)}
          error={lengthMm.ok ? undefined : quantityWords(lengthMm.fault, 'length')}
        />
      </div>
      <Textarea
        label={words.wires}
        description={words.wiresHint}
        rows={4}
        value={said}
        onChange={(event) => setLines(event.target.value)}
        error={pinout?.ok === false ? words.noSuchLine(pinout.fault.line, pinout.fault.said) : undefined}
      />
      {fault !== undefined && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          ▲ {fault}
        </p>
      )}
      <Button type="submit" disabled={busy || wireType === NONE || !pinout?.ok}>
        <span>{words.watchIt}</span>
      </Button>
    </form>
  )
}

/** What was said of the fault stands in the record from the beginning; a job without it is made all the same. */
async function note(job: string, by: string, text: string): Promise<void> {
  try {
    const { last } = (await (await fetch(`/api/v1/jobs/${job}/journal?limit=1`)).json()) as { readonly last: number }
    const sent = await fetch(`/api/v1/jobs/${job}/journal`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ seen: last, entries: [{ id: entryId(), kind: 'noted', text: text.slice(0, 500), by }] }),
    })
    await sent.arrayBuffer()
  } catch {
    // the title says it too
  }
}

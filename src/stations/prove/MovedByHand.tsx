import { Button, Kbd, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { planIndex } from '@/core/record/plan/plan'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { moveViewWords as words } from '@/words/screens/prove/moveView'

/** A bench without an analyser: a meter is watched while the harness is moved, and what was seen is written down as that. */
export function MovedByHand({ unit, askedS }: { readonly unit: number; readonly askedS: number }) {
  const { state, append } = useJob()
  const busy = useBusy()
  const [wire, setWire] = useState('')
  const said = wire.trim()
  const known = planIndex(state.plan).wires.get(said)
  const write = (answered: string | undefined) =>
    void append({
      kind: 'harness-moved',
      unit,
      seconds: askedS,
      wires: state.plan.wires.map(({ id }) => id),
      events: answered === undefined ? [] : [{ wire: answered, atS: 0, during: 'all' }],
    }).then((written) => written && setWire(''))
  useKeys(busy ? [] : [{ key: 'm', words: words.nothingSeen, run: () => write(undefined) }])
  return (
    <form
      className={paneCss.choices}
      aria-label={words.withoutAnalyser}
      onSubmit={(event) => {
        event.preventDefault()
        if (known && !busy) write(known.id)
      }}
    >
      <p className={clsx(textCss.small, textCss.dim)}>
        <b>{words.withoutAnalyser}.</b> {words.meterOnEachNet(askedS)}
      </p>
      <Button disabled={busy} onClick={() => write(undefined)}>
        <span>{words.nothingSeen}</span> <Kbd aria-hidden="true">M</Kbd>
      </Button>
      <TextInput
        label={words.wireThatAnswered}
        value={wire}
        onChange={(event) => setWire(event.target.value)}
        error={said !== '' && !known ? words.noSuchWire(said) : undefined}
      />
      {known && (
        <Button type="submit" disabled={busy}>
          <span>{words.writeInterruption}</span> <Kbd aria-hidden="true">Enter</Kbd>
        </Button>
      )}
    </form>
  )
}

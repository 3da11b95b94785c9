import { plausible } from '@/core/base/units/plausible'
import { Button, Kbd, TextInput } from '@mantine/core'
import { useState } from 'react'
import { bareUnit, writtenInBase } from '@/words/benchUnits'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { quantityWords, understoodAs } from '@/words/quantity'
import { kitStationWords as words } from '@/words/screens/kit/kitStation'
import textCss from '@/ui/text/text.module.css'

/** The insulation of this wire as callipers find it: it overrides the wire type's figure. */
export function MeasureInsulation({
  now,
  save,
  cancel,
}: {
  readonly now: number
  readonly save: (mm: number) => void
  readonly cancel: () => void
}) {
  const [text, setText] = useState(writtenInBase(String(now), 'length'))
  const read = parseQuantity(text, 'length', { plausible: plausible.insulationMm, unit: bareUnit('length') })
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (read.ok) save(Math.round(read.value * 100) / 100)
      }}
    >
      <TextInput
        label={words.overInsulationThreeTurns}
        value={text}
        description={understoodAs(text, 'length', { plausible: plausible.insulationMm, unit: bareUnit('length') })}
        autoFocus
        inputMode="decimal"
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && cancel()}
        error={!read.ok}
      />
      {!read.ok && <span className={textCss.wrong}>{quantityWords(read.fault, 'length')}</span>}
      <Button type="submit" disabled={!read.ok}>
        <span>{words.useThisFigure}</span> <Kbd aria-hidden="true">Enter</Kbd>
      </Button>
    </form>
  )
}

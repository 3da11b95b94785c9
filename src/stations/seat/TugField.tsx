import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { plausible } from '@/core/base/units/plausible'
import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import { quantityWords } from '@/words/quantity'

/** What a gauge showed at the tug; left empty it was done by hand, and it held. Only a gauge gives a figure. */
export function TugField({ onGauge }: { readonly onGauge: (tugN: number | undefined) => void }) {
  const [text, setText] = useState('')
  const read = (said: string) =>
    said.trim() === '' ? undefined : parseQuantity(said, 'force', { plausible: plausible.tugN })
  const now = read(text)
  return (
    <TextInput
      label={words.gaugeShows}
      description={now?.ok ? undefined : words.byHandHeld}
      value={text}
      inputMode="decimal"
      onChange={(event) => {
        setText(event.target.value)
        const said = read(event.target.value)
        onGauge(said?.ok ? Math.round(said.value * 10) / 10 : undefined)
      }}
      error={now && !now.ok && quantityWords(now.fault, 'force')}
    />
  )
}

import { TextInput } from '@mantine/core'
import { bareUnit } from '@/words/benchUnits'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { plausible } from '@/core/base/units/plausible'
import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import { quantityWords, understoodAs } from '@/words/quantity'

/** What is typed of a gauge, and the figure that it is. */
export interface TugForm {
  readonly text: string
  readonly tugN?: number
}

const tugHelp = () => ({ plausible: plausible.tugN, unit: bareUnit('force') })
const read = (said: string) => (said.trim() === '' ? undefined : parseQuantity(said, 'force', tugHelp()))

/** What a gauge showed at the tug; left empty it was done by hand, and it held. Only a gauge gives a figure. */
export function TugField({ text, onGauge }: { readonly text: string; readonly onGauge: (form: TugForm) => void }) {
  const now = read(text)
  return (
    <TextInput
      label={words.gaugeShows()}
      description={now?.ok ? understoodAs(text, 'force', tugHelp()) : words.byHandHeld}
      value={text}
      inputMode="decimal"
      onChange={({ target: { value } }) => {
        const said = read(value)
        onGauge({ text: value, ...(said?.ok && { tugN: Math.round(said.value * 10) / 10 }) })
      }}
      error={now && !now.ok && quantityWords(now.fault, 'force')}
    />
  )
}

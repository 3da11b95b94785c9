import { TextInput } from '@mantine/core'
import { type ReactNode, useState } from 'react'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { plausible } from '@/core/base/units/plausible'
import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import { quantityWords } from '@/words/quantity'

/** What an entry says of a tug: what was asked, and whether a hand or a gauge did it. Only a gauge gives a figure. */
export interface TugSaid {
  readonly tug: 'by-hand' | 'gauge'
  readonly tugN?: number
  readonly tugAskedN?: number
}

/** A tug as it will be written, and the field for a gauge's figure; left empty it was done by hand, and it held. */
export function useTug(askedN: number | undefined): { readonly said: TugSaid; readonly field: ReactNode } {
  const [text, setText] = useState('')
  const read = text.trim() === '' ? undefined : parseQuantity(text, 'force', { plausible: plausible.tugN })
  return {
    said: {
      ...(askedN !== undefined && { tugAskedN: askedN }),
      ...(read?.ok ? { tug: 'gauge', tugN: Math.round(read.value * 10) / 10 } : { tug: 'by-hand' }),
    },
    field: (
      <TextInput
        label={words.gaugeShows}
        description={read?.ok ? undefined : words.byHandHeld}
        value={text}
        inputMode="decimal"
        onChange={(event) => setText(event.target.value)}
        error={read && !read.ok && quantityWords(read.fault, 'force')}
      />
    ),
  }
}

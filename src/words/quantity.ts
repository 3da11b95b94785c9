import { dimensions, type Dimension } from '@/core/base/units/units'
import { type Quantity, type QuantityFault, type ReadingHelp, readQuantity } from '@/core/base/units/parseQuantity'
import { formatAwg } from '@/core/base/wire/awg'
import { unitsFirst } from './benchUnits'
import { figure } from './figures'

const examples = (): Readonly<Record<Dimension, string>> => ({
  ...(unitsFirst() === 'gauge'
    ? { length: '47 in, 1200 mm or 1.2 m', force: '14 lbf or 62 N' }
    : { length: '1200 mm, 1.2 m or 47 in', force: '62 N or 14 lbf' }),
  resistance: '0.21 Ω or 35 mΩ',
  current: '4.5 A or 20 mA',
  area: '0.5 mm2 or 20 awg',
  temperature: '20 °C or 68 °F',
})

/** Four figures that count, or all of a whole number. */
const short = (value: number): string =>
  Math.abs(value) >= 1000 ? figure(value, 1) : String(Number(value.toPrecision(4)))

const inBase = (value: number, dimension: Dimension) => `${short(value)} ${dimensions[dimension].base}`

/** What is wrong with a figure that was typed, and what would be right. */
export function quantityWords(fault: QuantityFault, dimension: Dimension): string {
  switch (fault.kind) {
    case 'empty':
      return `A figure is wanted, like ${examples()[dimension]}.`
    case 'not-a-number':
      return `“${fault.text}” is no figure. Like ${examples()[dimension]}.`
    case 'unknown-unit':
      return `“${fault.unit}” is no unit of ${dimension}. Like ${examples()[dimension]}.`
    case 'not-positive':
      return `${figure(fault.value, 3)} is not above 0.`
    case 'ambiguous': {
      const [decimal, thousands] = fault.readings
      return `“${fault.text}” can be ${inBase(decimal, dimension)} or ${inBase(thousands, dimension)}: write it without the mark, or with another figure behind it.`
    }
  }
}

/** How a figure was understood: what was said, and what that is in the unit of its field. */
export function readingWords({ said, value }: Quantity, dimension: Dimension): string {
  const base = inBase(value, dimension)
  if (said.kind === 'gauge') return `${formatAwg(said.awg)} AWG, that is ${base}`
  const written = said.kind === 'fraction' ? said.text : short(said.figure)
  const unit = said.unit === '' ? dimensions[dimension].base : said.unit
  return said.kind === 'figure' && unit === dimensions[dimension].base
    ? `${written} ${unit}`
    : `${written} ${unit}, that is ${base}`
}

/** How what was typed is understood, where that is not plain to see; undefined for the rest, and for what cannot be read. */
export function understoodAs(text: string, dimension: Dimension, help: ReadingHelp): string | undefined {
  const read = readQuantity(text, dimension, help)
  if (!read.ok || read.value.value <= 0) return undefined
  const { said, doubtful } = read.value
  const isPlain = said.kind === 'figure' && (said.unit === '' || said.unit === dimensions[dimension].base)
  return doubtful || !isPlain ? `read as ${readingWords(read.value, dimension)}` : undefined
}

export const gaugeWords = {
  reading: (awg: string) => `${awg} AWG`,
  none: (text: string) => `“${text}” is no gauge. Like 20 awg, #18 or 2/0.`,
}

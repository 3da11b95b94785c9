import { z } from 'zod'
import { answer, badInput, endpoint, noAnswer } from '@/api/endpoint'
import { readQuantity, saidGauge } from '@/core/base/units/parseQuantity'
import { type Dimension, dimensions } from '@/core/base/units/units'
import { type AwgNumber, formatAwg, parseAwg } from '@/core/base/wire/awg'
import { gaugeWords, quantityWords, readingWords } from '@/words/quantity'

const ids = Object.keys(dimensions) as [Dimension]

/** Here a bare figure is a gauge too: it is what was asked for. */
const gaugeOf = (text: string): AwgNumber | undefined => saidGauge(text) ?? parseAwg(text)

export const unitsParseEndpoint = endpoint({
  method: 'POST',
  path: 'units/parse',
  summary: 'A figure as people write it: its value, its unit, and how it was understood',
  input: z.strictObject({
    text: z.string().max(200),
    quantity: z.enum([...ids, 'gauge']),
    plausible: z
      .tuple([z.number(), z.number()])
      .refine(([from, to]) => from <= to, 'the lower figure comes first')
      .optional(),
  }),
  output: z.object({
    value: z.union([z.number(), z.object({ awg: z.string() })]),
    unit: z.string(),
    reading: z.string(),
  }),
  fails: [422],
  handle: ({ text, quantity, plausible }) => {
    if (quantity === 'gauge') {
      const awg = gaugeOf(text)
      return awg === undefined
        ? badInput([{ path: ['text'], message: gaugeWords.none(text.trim()) }])
        : answer({ value: { awg: formatAwg(awg) }, unit: 'AWG', reading: gaugeWords.reading(formatAwg(awg)) })
    }
    const read = readQuantity(text, quantity, { plausible })
    const { base } = dimensions[quantity]
    if (!read.ok) {
      const message = quantityWords(read.fault, quantity)
      return read.fault.kind === 'ambiguous'
        ? noAnswer({ code: 'ambiguous', readings: read.fault.readings, unit: base, message })
        : badInput([{ path: ['text'], message }])
    }
    const { value } = read.value
    // nothing that is measured here but a temperature lies below 0
    if (value < 0 && quantity !== 'temperature')
      return badInput([{ path: ['text'], message: quantityWords({ kind: 'not-positive', value }, quantity) }])
    return answer({ value, unit: base, reading: readingWords(read.value, quantity) })
  },
})

import { z } from 'zod'
import { answer, endpoint } from '@/api/endpoint'
import { type WireMeasure, wireSize } from '@/core/base/wire/wireSize'
import { parseAwg } from '@/core/base/wire/awg'

const above0 = z.number().positive()
const awg = z.string().refine((text) => parseAwg(text) !== undefined, 'must be a gauge, like "20", "1/0" or "0000"')

const measures = ['awg', 'areaMm2', 'bareDiameterMm', 'strands'] as const

export const wireSizeEndpoint = endpoint({
  method: 'POST',
  path: 'wire/size',
  summary: 'What follows from one way of knowing a wire: gauge, area, callipers, or strands',
  input: z
    .strictObject({
      awg: awg.optional(),
      areaMm2: above0.optional(),
      bareDiameterMm: above0.optional(),
      strands: z.number().int().positive().optional(),
      strandMm: above0.optional(),
      stranded: z.boolean().optional(),
      lengthM: above0.optional(),
      temperatureC: z.number().min(-234).max(1000).default(20),
    })
    .refine(
      (input) => measures.filter((one) => input[one] !== undefined).length === 1,
      'give one of awg, areaMm2, bareDiameterMm, or strands with strandMm',
    )
    .refine((input) => (input.strands === undefined) === (input.strandMm === undefined), {
      message: 'strands and strandMm go together',
      path: ['strandMm'],
    }),
  output: z.object({
    areaMm2: z.number(),
    solidDiameterMm: z.number(),
    bundleDiameterMm: z.number().optional(),
    nearestAwg: z.string(),
    offByPercent: z.number(),
    ohmPerM: z.number(),
    ohm: z.number().optional(),
  }),
  handle: (input) => {
    const stranded = input.stranded ?? input.strands !== undefined
    return answer(wireSize(measureOf(input), { stranded, lengthM: input.lengthM, temperatureC: input.temperatureC }))
  },
})

function measureOf(input: {
  awg?: string | undefined
  areaMm2?: number | undefined
  bareDiameterMm?: number | undefined
  strands?: number | undefined
  strandMm?: number | undefined
}): WireMeasure {
  if (input.awg !== undefined) return { awg: parseAwg(input.awg) ?? 0 }
  if (input.areaMm2 !== undefined) return { areaMm2: input.areaMm2 }
  if (input.bareDiameterMm !== undefined) return { bareDiameterMm: input.bareDiameterMm }
  return { strands: input.strands ?? 1, strandMm: input.strandMm ?? 1 }
}

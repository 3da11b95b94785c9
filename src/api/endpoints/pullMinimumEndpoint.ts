import { coded } from '../refusalAnswer'
import { z } from 'zod'
import { answer, endpoint, noAnswer } from '@/api/endpoint'
import { pullMinimum } from '@/core/craft/crimp/pullMinimum'
import { pullTables } from '@/core/craft/crimp/pullTables'
import { parseAwg } from '@/core/base/wire/awg'

const above0 = z.number().positive()
const awg = z.string().refine((text) => parseAwg(text) !== undefined, 'must be a gauge, like "20", "1/0" or "0000"')

export const pullMinimumEndpoint = endpoint({
  method: 'POST',
  path: 'crimp/pull-minimum',
  summary: 'The pull that a crimp must hold by a named table; check against your own copy of the document',
  input: z
    .strictObject({
      table: z.enum(Object.keys(pullTables) as [keyof typeof pullTables]),
      areaMm2: above0.optional(),
      awg: awg.optional(),
    })
    .refine((input) => (input.areaMm2 === undefined) !== (input.awg === undefined), 'give areaMm2 or awg'),
  output: z.object({
    forceN: z.number().int(),
    forceLbf: z.number(),
    rows: z.array(z.record(z.string(), z.unknown())),
    scope: z.string(),
  }),
  fails: [422],
  handle: ({ table, areaMm2, awg: gauge }) => {
    const minimum = pullMinimum(table, areaMm2 === undefined ? { awg: parseAwg(gauge ?? '') ?? 0 } : { areaMm2 })
    if (minimum.ok) return answer(minimum.value)
    const { fromMm2, toMm2, areaMm2: asked } = minimum.fault
    return noAnswer({
      ...coded(minimum.fault),
      message: `${table} goes from ${fromMm2.toPrecision(3)} to ${toMm2.toPrecision(3)} mm², not to ${asked.toPrecision(3)} mm²`,
    })
  },
})

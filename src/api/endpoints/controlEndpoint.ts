import { coded } from '../refusalAnswer'
import { z } from 'zod'
import { capability } from '@/core/base/stats/capability'
import { controlChart } from '@/core/base/stats/controlChart'
import { signals } from '@/core/base/stats/signals'
import { chartFaultWords } from '@/words/stats'
import { answer, endpoint, noAnswer } from '../endpoint'

const values = z.array(z.number()).max(100_000)
const lines = z.object({ centre: z.number(), ucl: z.number(), lcl: z.number() })

/** `POST stats/control`: centre, limits and signals of individuals or of equal subgroups. */
export const controlEndpoint = endpoint({
  method: 'POST',
  path: 'stats/control',
  summary:
    'A control chart: individuals with moving range, or means with ranges; capability; the four zone rules and a trend',
  input: z
    .strictObject({
      values: values.optional(),
      subgroups: z.array(values.max(10)).max(50_000).optional(),
      lower: z.number().optional(),
      upper: z.number().optional(),
    })
    .refine((input) => (input.values === undefined) !== (input.subgroups === undefined), 'give values or subgroups')
    .refine(({ lower, upper }) => lower === undefined || upper === undefined || lower < upper, {
      message: 'must be below upper',
      path: ['lower'],
    }),
  output: lines.extend({
    range: lines,
    sigmaWithin: z.number(),
    cp: z.number().optional(),
    cpk: z.number().optional(),
    signals: z.array(
      z.object({
        rule: z.enum(['beyond-limit', 'zone-a', 'zone-b', 'run', 'trend']),
        at: z.number().int(),
        side: z.enum(['high', 'low']),
      }),
    ),
  }),
  fails: [422],
  handle: ({ values: individuals, subgroups = [], lower, upper }) => {
    const chart = controlChart(individuals ? { values: individuals } : { subgroups })
    if (!chart.ok) {
      return noAnswer({ ...coded(chart.fault), message: chartFaultWords(chart.fault) })
    }
    const { centre, ucl, lcl, range, sigmaWithin, points } = chart.value
    return answer({
      centre,
      ucl,
      lcl,
      range,
      sigmaWithin,
      signals: signals(points, chart.value),
      ...capability(centre, sigmaWithin, {
        ...(lower !== undefined && { lower }),
        ...(upper !== undefined && { upper }),
      }),
    })
  },
})

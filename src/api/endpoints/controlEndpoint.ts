import { coded } from '../refusalAnswer'
import { z } from 'zod'
import { statedCapability } from '@/core/base/stats/statedCapability'
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
    /** readings */
    n: z.number().int(),
    range: lines,
    sigmaWithin: z.number(),
    cp: z.number().optional(),
    cpk: z.number().optional(),
    /** one-sided, with 95 % confidence */
    cpkAtLeast: z.number().optional(),
    withheld: z
      .array(
        z.object({
          what: z.literal('capability'),
          why: z.enum(['too-few', 'signals']),
          needs: z.number().int().optional(),
          at: z.array(z.number().int()).optional(),
        }),
      )
      .optional(),
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
    const { count, centre, ucl, lcl, range, sigmaWithin, points } = chart.value
    const found = signals(points, chart.value)
    const { withheld, ...figures } = statedCapability(chart.value, found, {
      ...(lower !== undefined && { lower }),
      ...(upper !== undefined && { upper }),
    })
    const reasons = withheld.flatMap((one) => (one.why === 'estimate' ? [] : [one]))
    return answer({
      n: count,
      centre,
      ucl,
      lcl,
      range,
      sigmaWithin,
      signals: found,
      ...figures,
      ...(reasons.length > 0 && { withheld: reasons }),
    })
  },
})

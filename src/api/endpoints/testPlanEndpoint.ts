import { z } from 'zod'
import { testPlan } from '@/core/craft/probing/testPlan'
import { compute } from '@/threads/compute'
import { testPlanFaultWords } from '@/words/testPlan'
import { answer, badInput, endpoint } from '../endpoint'

const id = z.string().min(1).max(60)
const placeMm = z.number().min(-10_000).max(10_000)
/** Nets up to which it is worked out at once. */
const INLINE = 12
const NETS_AT_MOST = 1000

/** `POST prove/test-plan`: what is touched, in which order. */
export const testPlanEndpoint = endpoint({
  method: 'POST',
  path: 'prove/test-plan',
  summary:
    'Which points are touched, in which order: each net, and pairs that could be joined; by hand the walk is short',
  input: z.strictObject({
    ends: z
      .array(
        z.strictObject({
          id,
          cavities: z
            .array(z.strictObject({ id, xMm: placeMm, yMm: placeMm }))
            .min(1)
            .max(1000),
        }),
      )
      .min(1)
      .max(100),
    nets: z.array(z.array(z.string().min(3).max(121)).min(2).max(1000)).max(NETS_AT_MOST),
    by: z.enum(['hand', 'analyser']),
    /** left out: likely by hand, all by an analyser */
    isolation: z.enum(['likely', 'all']).optional(),
  }),
  output: z.object({
    steps: z.array(z.object({ do: z.enum(['continuity', 'isolation']), red: z.string(), black: z.string() })),
    /** pairs of all pairs that are left out */
    saved: z.number().int(),
  }),
  handle: async (wanted) => {
    const plan = wanted.nets.length <= INLINE ? testPlan(wanted) : await compute('test-plan', wanted)
    return plan.ok
      ? answer({ steps: [...plan.value.steps], saved: plan.value.saved })
      : badInput([{ path: ['nets', plan.fault.net], message: testPlanFaultWords(plan.fault) }])
  },
})

import { z } from 'zod'
import { cutPlan } from '@/core/craft/cut/cutPlan'
import { cutPlanFaultWords } from '@/words/cut'
import { compute } from '@/threads/compute'
import { answer, badInput, endpoint } from '../endpoint'

const id = z.string().min(1).max(60)
const lengthMm = z.number().positive().max(1e7)
/** Pieces times spools up to which it is worked out at once. */
const INLINE = 400
/** More pieces than any day's cutting; beyond it a request is a mistake. */
const PIECES_AT_MOST = 100_000

/** `POST close/cut-plan`: which pieces from which spool of one wire type. */
export const cutPlanEndpoint = endpoint({
  method: 'POST',
  path: 'close/cut-plan',
  summary: 'Pieces from spools of one wire type: fewest missing, then fewest spools opened, then the longest left-over',
  input: z
    .strictObject({
      spools: z.array(z.strictObject({ id, lengthMm })).max(1000),
      cuts: z.array(z.strictObject({ id, lengthMm, count: z.number().int().min(0) })).max(5000),
      kerfMm: z.number().min(0).max(100).default(0),
    })
    .refine(({ cuts }) => cuts.reduce((sum, cut) => sum + cut.count, 0) <= PIECES_AT_MOST, {
      message: `must be at most ${PIECES_AT_MOST} pieces together`,
      path: ['cuts'],
    }),
  output: z.object({
    assign: z.array(
      z.object({
        spool: z.string(),
        cuts: z.array(z.object({ id: z.string(), count: z.number().int() })),
        leftMm: z.number(),
      }),
    ),
    short: z.array(z.object({ id: z.string(), count: z.number().int() })),
    spoolsOpened: z.number().int(),
    wasteMm: z.number(),
    longestLeftMm: z.number(),
    bound: z.number().int(),
    proven: z.boolean(),
  }),
  fails: [422],
  handle: async (input) => {
    const pieces = input.cuts.reduce((sum, cut) => sum + cut.count, 0)
    // what is small is there sooner than a thread
    const plan = pieces * input.spools.length <= INLINE ? cutPlan(input) : await compute('cut-plan', input)
    return plan.ok
      ? answer(plan.value)
      : badInput([
          { path: [plan.fault.kind === 'cut-twice' ? 'cuts' : 'spools'], message: cutPlanFaultWords(plan.fault) },
        ])
  },
})

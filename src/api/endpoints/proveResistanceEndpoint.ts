import { z } from 'zod'
import { answer, endpoint } from '@/api/endpoint'
import { LIKE_LEAST, resistance } from '@/core/craft/resistance/netResistance'

const above0 = z.number().positive()
const atLeast0 = z.number().min(0)

export const proveResistanceEndpoint = endpoint({
  method: 'POST',
  path: 'prove/resistance',
  summary: 'The resistance that a net should have, and what a reading says of the net and of its contacts',
  input: z.strictObject({
    lengthM: above0,
    areaMm2: above0,
    contacts: z.number().int().min(0),
    contactMilliohm: atLeast0.optional(),
    contactMilliohmMax: atLeast0.optional(),
    tolerancePercent: z.number().min(0).max(100).optional(),
    /** of the measurement */
    temperatureC: z.number().min(-100).max(300).optional(),
    stranded: z.boolean().optional(),
    /** left out: four wires */
    leadsOhm: atLeast0.optional(),
    measuredOhm: atLeast0.optional(),
    resolutionOhm: atLeast0.optional(),
    accuracyOhm: atLeast0.optional(),
    /** net readings of like wires, leads off */
    like: z.array(z.number()).min(LIKE_LEAST).max(10_000).optional(),
  }),
  output: z.object({
    expectedOhm: z.number(),
    windowOhm: z.tuple([z.number(), z.number()]),
    netOhm: z.number().optional(),
    verdict: z.enum(['good', 'high', 'low', 'cannot-tell']).optional(),
    contacts: z.object({ verdict: z.enum(['good', 'high', 'cannot-tell']), atMostOhm: z.number() }).optional(),
    outlier: z.boolean().optional(),
  }),
  handle: (query) => answer(resistance(query)),
})

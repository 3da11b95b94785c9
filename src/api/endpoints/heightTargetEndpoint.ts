import { z } from 'zod'
import { answer, endpoint } from '@/api/endpoint'
import { heightTarget } from '@/core/craft/crimp/heightTarget'

const above0 = z.number().positive()

export const heightTargetEndpoint = endpoint({
  method: 'POST',
  path: 'crimp/height-target',
  summary: 'Crimp height from compaction: an estimate; a sheet’s own height wins',
  input: z.strictObject({
    wireAreaMm2: above0,
    barrelAreaMm2: above0,
    widthMm: above0,
    shapeFactor: above0.max(1).optional(),
    compaction: z
      .strictObject({ min: above0, max: above0 })
      .refine((r) => r.min <= r.max, 'min must not be above max')
      .optional(),
  }),
  output: z.object({ minMm: z.number(), nominalMm: z.number(), maxMm: z.number(), estimate: z.literal(true) }),
  handle: (input) => answer(heightTarget(input)),
})

import { z } from 'zod'
import { packBundle } from '@/core/craft/bundle/bundle'
import { compute } from '@/threads/compute'
import { answer, endpoint } from '../endpoint'

/** Wires up to which a bundle is there sooner than a thread. */
const INLINE = 3
/** A bundle of more is laid in groups, and each is measured by itself. */
const WIRES_AT_MOST = 400

/** `POST close/bundle`: the smallest round bundle that was found. */
export const bundleEndpoint = endpoint({
  method: 'POST',
  path: 'close/bundle',
  summary: 'The smallest round bundle found for wires of these diameters, and where each lies in it',
  input: z.strictObject({ diametersMm: z.array(z.number().positive().max(200)).min(1).max(WIRES_AT_MOST) }),
  output: z.object({
    diameterMm: z.number(),
    circles: z.array(z.object({ xMm: z.number(), yMm: z.number(), rMm: z.number() })),
  }),
  handle: async ({ diametersMm }) =>
    answer(diametersMm.length <= INLINE ? packBundle(diametersMm) : await compute('bundle', [...diametersMm])),
})

import { z } from 'zod'
import { above0, atLeast0, id, name, sourceSchema } from './figures'

/** How a part is bought: one pack of one part, or an assortment of several. Wire counts in metres. */
export const packSchema = z.strictObject({
  id,
  name,
  form: z.enum(['piece', 'bag', 'strip', 'reel', 'spool', 'assortment']),
  contents: z
    .array(z.strictObject({ part: id, count: above0 }))
    .min(1)
    .max(200),
  price: atLeast0.optional(),
  source: sourceSchema,
})

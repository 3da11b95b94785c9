import { z } from 'zod'
import type { NewEntry } from './entry'
import { entryFields } from './entryFields'
import { entryShapes } from './entryShapes'

/** Made by the client, so that a retry is not a second entry. */
const clientId = z
  .string()
  .min(8)
  .max(60)
  .regex(/^[A-Za-z0-9_-]+$/, 'only letters, digits, - and _')

const schemas = Object.entries(entryShapes).map(([kind, shape]) =>
  z.strictObject({
    id: clientId,
    kind: z.literal(kind),
    by: z.string().min(1).max(60).optional(),
    ...shape(entryFields),
  }),
)
type Schemas = typeof schemas

/** What an append may say: one schema a kind. Sequence, time, person and hash are the server's. */
export const entrySchema = z.discriminatedUnion(
  'kind',
  schemas as [Schemas[number], ...Schemas],
  // each is made from the shape by which the type of its kind is made
) as unknown as z.ZodType<NewEntry>

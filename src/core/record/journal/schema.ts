import { z } from 'zod'
import type { KeptEntry, NewEntry } from './entry'
import { entryFields } from './entryFields'
import { entryShapes } from './entryShapes'

/** Made by the client, so that a retry is not a second entry. */
const clientId = z
  .string()
  .min(8)
  .max(60)
  .regex(/^[A-Za-z0-9_-]+$/, 'only letters, digits, - and _')

/** What an append may say besides. */
const author = { by: z.string().min(1).max(60).optional() }

/** What the bench adds to an entry that it keeps: who wrote it when, and its place in the chain. */
export const stampSchema = z.object({
  seq: z.number().int().min(1),
  at: z.iso.datetime(),
  by: z.string().min(1).max(60),
  prev: z.string().length(64),
  hash: z.string().length(64),
})

function unionOf(more: z.ZodRawShape): z.ZodType {
  const schemas = Object.entries(entryShapes).map(([kind, shape]) =>
    z.strictObject({ id: clientId, kind: z.literal(kind), ...shape(entryFields), ...more }),
  )
  return z.discriminatedUnion('kind', schemas as [(typeof schemas)[number], ...typeof schemas])
}

/** What an append may say: one schema a kind. Sequence, time, person and hash are the server's. */
// each is made of the shape of which the type of its kind is made
export const entrySchema = unionOf(author) as z.ZodType<NewEntry>

/** An entry as the bench keeps it, with its place in the chain. */
export const keptEntrySchema = unionOf(stampSchema.shape) as z.ZodType<KeptEntry, KeptEntry>

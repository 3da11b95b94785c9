import { z } from 'zod'
import { above0, aliases, id, name, sourceSchema } from './figures'

export const wireTypeSchema = z.strictObject({
  id,
  name,
  aliases,
  /** as printed: it wins over the metal */
  designation: z.union([z.strictObject({ awg: z.string().max(4) }), z.strictObject({ areaMm2: above0 })]),
  strands: z.number().int().positive(),
  strandMm: above0,
  insulationMm: above0,
  insulation: name,
  plated: z.boolean().default(false),
  ratedA: above0.optional(),
  refC: z.number().default(20),
  maxC: z.number().optional(),
  source: sourceSchema,
})

/** A jacket with cores; each core behaves as a wire of its type. */
export const cableSchema = z.strictObject({
  id,
  name,
  aliases,
  jacketMm: above0,
  flat: z.boolean().default(false),
  cores: z
    .array(z.strictObject({ colour: z.string().min(2).max(8), type: id, pair: z.number().int().positive().optional() }))
    .min(1)
    .max(200),
  screen: z.enum(['none', 'braid', 'foil-and-drain']).default('none'),
  source: sourceSchema,
})

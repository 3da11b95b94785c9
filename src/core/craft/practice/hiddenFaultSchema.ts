import { z } from 'zod'

const term = z.string().min(1).max(60)
/** when it was put in: what hands did to these contacts since then has put it right */
const at = z.string().max(40)

/**
 * Faults that are put into the stand-in, for practice: the record does not know of them. They are what a hand does wrong, or what
 * breaks.
 */
export const hiddenFaultSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('swap'), terms: z.tuple([term, term]), at }),
  z.strictObject({ kind: z.literal('open'), term, at }),
  z.strictObject({ kind: z.literal('short'), terms: z.tuple([term, term]), at }),
  z.strictObject({ kind: z.literal('high-resistance'), term, ohm: z.number().positive(), at }),
  z.strictObject({ kind: z.literal('intermittent'), term, during: z.enum(['push-back', 'bend']), at }),
])

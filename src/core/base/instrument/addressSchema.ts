import { z } from 'zod'

/** Where an instrument is: a name or an address, and a port. */
export const addressSchema = z.strictObject({
  host: z
    .string()
    .trim()
    .min(1)
    .max(253)
    .regex(/^[A-Za-z0-9.:_-]+$/, 'must be a name or an address, without spaces or slashes'),
  port: z.number().int().min(1).max(65_535),
})
export type Address = z.infer<typeof addressSchema>

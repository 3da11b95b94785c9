import { z } from 'zod'

/**
 * Building blocks of the catalogue's schemas. A figure is in the unit of its name; one that stands on no sheet is left out,
 * never guessed. Jobs keep copies of these documents: a field that comes later is optional, so that old copies stay whole.
 */

export const id = z
  .string()
  .trim()
  .min(1)
  .max(60)
  .regex(/^[^\s,;:"'<>]+$/, 'an id has no spaces, commas or quotes')
export const name = z.string().trim().min(1).max(120)
export const above0 = z.number().positive()
export const atLeast0 = z.number().min(0)
export const aliases = z.array(z.string().trim().min(1).max(60)).max(50).default([])

export const sourceSchema = z.strictObject({
  document: name,
  revision: z.string().max(40).optional(),
  /** where the figures come from */
  basis: z.enum(['sheet', 'measured', 'estimated']).default('sheet'),
})

export const rangeMm = z
  .strictObject({ minMm: atLeast0, maxMm: above0 })
  .refine((r) => r.minMm <= r.maxMm, 'min must not be above max')
export const rangeMm2 = z
  .strictObject({ minMm2: atLeast0, maxMm2: above0 })
  .refine((r) => r.minMm2 <= r.maxMm2, 'min must not be above max')
export const point = z.strictObject({ xMm: z.number(), yMm: z.number() })

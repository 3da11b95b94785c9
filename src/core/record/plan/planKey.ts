import { z } from 'zod'

/** What wires, ends and stretches are called. */
export const planKey = z
  .string()
  .trim()
  .min(1)
  .max(40)
  .regex(/^[^\s,;:"'<>/]+$/, 'has spaces, commas, quotes or slashes')

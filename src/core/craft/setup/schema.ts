import { z } from 'zod'

const partId = z.string().trim().min(1).max(60)
const above0 = z.number().positive()

/** What is mounted and dialled for a termination. */
export const setupSchema = z.strictObject({
  tool: partId,
  die: partId.optional(),
  positioner: partId.optional(),
  turret: z.number().int().optional(),
  selector: z.number().int().optional(),
  nest: z.string().max(20).optional(),
  wireStopMm: above0.optional(),
  notchMm: above0.optional(),
})

const limit = z.enum([
  'hole-empty',
  'gap-too-small',
  'insulation-in-barrel',
  'gap-too-large',
  'brush-too-short',
  'insulation-under-wings',
  'brush-reaches-mating-part',
  'bare-under-insulation-wings',
  'tip-not-reached',
  'strands-past-tip',
])

/** What was chosen for one side of a wire, with its figures as they were on that day. */
export const chosenSetSchema = z.strictObject({
  contact: partId,
  seal: partId.optional(),
  setup: setupSchema,
  /** what is printed beside the stripper's notch, where that is not its opening */
  notchMark: z.string().max(12).optional(),
  strip: z.strictObject({
    minMm: above0,
    nominalMm: above0,
    maxMm: above0,
    limits: z.strictObject({ below: limit, above: limit }),
  }),
  stripFrom: z.enum(['sheet', 'dimensions']),
  height: z.strictObject({ minMm: above0, maxMm: above0, estimate: z.boolean() }).optional(),
  pull: z
    .strictObject({
      forceN: above0,
      basis: z.enum(['sheet', 'table', 'general']),
      table: z.enum(['iec-60352-2', 'ul-486a', 'as7928']).optional(),
    })
    .optional(),
  /** the bare end is folded back on itself: the strip is for both legs */
  foldBack: z.literal(true).optional(),
  /** chosen by a person: a later choice for the whole job leaves it alone */
  byHand: z.literal(true).optional(),
  source: z.string().max(300),
  estimate: z.boolean(),
})

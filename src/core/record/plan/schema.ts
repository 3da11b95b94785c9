import { z } from 'zod'
import { layoutSchema } from './layoutSchema'
import { planKey as key } from './planKey'
import { platings } from '../../parts/catalogue/schema/contact'

/** The job document: plan, pinned facts, journal. What one bench writes, another reads. */

const partId = z.string().trim().min(1).max(60)
const above0 = z.number().positive()

const sideSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('cavity'), end: key, cavity: z.string().min(1).max(6) }),
  z.strictObject({ kind: z.literal('terminal'), part: partId }),
  z.strictObject({ kind: z.literal('splice'), splice: key }),
  /** in the same contact as another wire's side */
  z.strictObject({ kind: z.literal('with'), wire: key, side: z.enum(['a', 'b']) }),
  z.strictObject({ kind: z.literal('open') }),
])

export const endSchema = z.strictObject({
  id: key,
  housing: partId,
  /** one of the keyings in which the housing is made */
  keying: z.string().min(1).max(10).optional(),
  /** where the family leaves it open */
  gender: z.enum(['pin', 'socket']).optional(),
  /** the end of this job that it mates with */
  mate: key.optional(),
  /** ends that fit it and are meant for something else */
  meetsNot: z.array(key).max(200).optional(),
  /** plating of what it mates with outside of this job */
  matePlating: z.enum(platings).optional(),
  /** worked where it will lie, once its wires are threaded through: after all that is done at the bench */
  inPlace: z.literal(true).optional(),
  /** how far the jackets of cables go back here, so that covers slide past their edge over single wires, or flat cables are split */
  jacketBackMm: above0.max(2000).optional(),
  note: z.string().max(200).optional(),
})

/** Wires that belong together: twisted, under one screen, cores of one cable, or of one flat cable that is split at its ends. */
export const groupSchema = z.strictObject({
  kind: z.enum(['twist', 'screen', 'cable', 'flat']),
  name: z.string().trim().min(1).max(20),
})

export const wireSchema = z.strictObject({
  id: key,
  type: partId,
  colour: z.string().max(8),
  from: sideSchema,
  to: sideSchema,
  lengthMm: above0.max(100_000),
  signal: z.string().max(60).optional(),
  currentA: above0.optional(),
  /** measured here: it overrides the wire type's figure */
  insulationMm: above0.optional(),
  group: groupSchema.optional(),
  note: z.string().max(200).optional(),
})

const metaFields = {
  title: z.string().trim().min(1).max(120),
  rev: z.string().max(20),
  kind: z.enum(['build', 're-pin', 'repair']),
  quantity: z.number().int().min(1).max(999),
  rules: z.string().trim().min(1).max(40),
  ambientC: z.number().min(-60).max(250),
  /** supply voltage, for the drop as a share of it */
  supplyV: above0.max(2000).optional(),
  /** loaded wires that lie in one bundle; not derated for a bundle when left out */
  loadedInBundle: z.number().int().min(1).max(10_000).optional(),
}

export const planSchema = z.strictObject({
  ...metaFields,
  rev: metaFields.rev.default('A'),
  kind: metaFields.kind.default('build'),
  quantity: metaFields.quantity.default(1),
  rules: metaFields.rules.default('sheet-strict'),
  ambientC: metaFields.ambientC.default(20),
  ends: z.array(endSchema).max(200),
  wires: z.array(wireSchema).max(20_000),
  /** how the bundle lies; nothing of it is planned when left out */
  layout: layoutSchema.optional(),
})

export const planChangeSchema = z.strictObject({
  // what a change does not name stays as it is: no defaults here
  meta: z.strictObject(metaFields).partial().optional(),
  putEnds: z.array(endSchema).optional(),
  removeEnds: z.array(key).optional(),
  putWires: z.array(wireSchema).optional(),
  removeWires: z.array(key).optional(),
  /** the whole of it anew; null takes it out */
  layout: layoutSchema.nullable().optional(),
})

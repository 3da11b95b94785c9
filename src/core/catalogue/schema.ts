import { z } from 'zod'
import { numberingSchemes } from '../face/numbering'

/**
 * The catalogue package: families with their parts, wire types, tools and placards.
 * Every figure is in the unit of its name; one that stands on no sheet is left out, never guessed.
 */

const id = z.string().trim().min(1).max(60).regex(/^[^\s,;:"'<>]+$/, 'an id has no spaces, commas or quotes')
const name = z.string().trim().min(1).max(120)
const above0 = z.number().positive()
const atLeast0 = z.number().min(0)

const sourceSchema = z.strictObject({
  document: name,
  revision: z.string().max(40).optional(),
  /** where the figures come from */
  basis: z.enum(['sheet', 'measured', 'estimated']).default('sheet'),
})

const rangeMm = z.strictObject({ minMm: atLeast0, maxMm: above0 }).refine((r) => r.minMm <= r.maxMm, 'min must not be above max')
const rangeMm2 = z.strictObject({ minMm2: atLeast0, maxMm2: above0 }).refine((r) => r.minMm2 <= r.maxMm2, 'min must not be above max')
const point = z.strictObject({ xMm: z.number(), yMm: z.number() })

const count = z.number().int().min(1).max(200)
const arrangementSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('rows'),
    rowCounts: z.array(count).min(1).max(60),
    pitchMm: above0,
    rowPitchMm: above0,
    rowOffsetsMm: z.array(z.number()).optional(),
  }),
  z.strictObject({
    kind: z.literal('rings'),
    ringCounts: z.array(count).min(1).max(30),
    ringRadiiMm: z.array(atLeast0),
    startDeg: z.number().default(90),
    clockwise: z.boolean().default(true),
  }),
])

const order = z.enum(Object.keys(numberingSchemes) as [keyof typeof numberingSchemes])
const idsSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('numbers'), start: z.number().int().min(0).default(1), order }),
  z.strictObject({ kind: z.literal('letters'), skip: z.array(z.string().regex(/^[A-Z]$/)).default([]), order }),
])

const markSchema = z.strictObject({ kind: z.enum(['chamfer', 'notch', 'key', 'rib']), at: point })

const outlineSchema = z.strictObject({
  shape: z.enum(['rounded', 'circle']).default('rounded'),
  widthMm: above0,
  heightMm: above0,
  cornerMm: atLeast0.default(1),
})

const cavitySchema = z.strictObject({
  id: z.string().min(1).max(6),
  row: z.number().int().min(0),
  index: z.number().int().min(0),
  xMm: z.number(),
  yMm: z.number(),
  /** contact size */
  size: id,
})

export const housingSchema = z.strictObject({
  id,
  name,
  aliases: z.array(z.string().min(1).max(60)).default([]),
  role: z.enum(['plug', 'receptacle']),
  keying: z.string().max(10).optional(),
  arrangement: arrangementSchema,
  ids: idsSchema,
  mark: markSchema,
  outline: outlineSchema,
  /** contact size of all cavities, where they are alike */
  cavitySize: id.optional(),
  /** filled from arrangement and cavitySize when left out */
  cavities: z.array(cavitySchema).optional(),
  /** small parts of this half, by part id: fitted once each */
  lock: id.optional(),
  interfaceSeal: id.optional(),
  source: sourceSchema,
})

const sizeSchema = z.strictObject({
  id,
  name,
  /** what the contact and its crimp must pass */
  boreMm: above0,
  /** the mat's window for the insulation; only where the family seals with a mat */
  matWindow: rangeMm.optional(),
  /** force at which a seated contact must stay */
  retentionN: above0,
  /** part that closes an unused cavity */
  plug: id.optional(),
})

const closedBarrel = z.strictObject({
  depthMm: above0,
  boreMm: above0,
  outerMm: above0,
  cupDepthMm: atLeast0.default(0),
  /** middle of the inspection hole, from the barrel's mouth */
  holeAtMm: above0,
})
const openBarrel = z.strictObject({
  conductorBarrelMm: above0,
  transitionMm: above0,
  insulationBarrelMm: above0,
  /** free beyond the conductor wings, before the mating part or lance */
  reachMm: atLeast0,
  metalAreaMm2: above0,
  /** of the closed crimp, as the die makes it */
  crimpWidthMm: above0,
  wings: z.enum(['touching', 'overlapping', 'staggered']),
})

const contactBase = {
  id,
  name,
  aliases: z.array(z.string().min(1).max(60)).default([]),
  size: id,
  gender: z.enum(['pin', 'socket']),
  /** metal or designated area, as the sheet states it */
  conductor: rangeMm2,
  /** what its insulation wings hold */
  insulation: rangeMm.optional(),
  plating: z.enum(['gold', 'tin', 'nickel', 'silver']),
  ratedA: above0,
  refC: z.number().default(20),
  maxC: z.number(),
  matings: z.number().int().positive(),
  overallMm: above0,
  matingMm: above0,
  /** largest diameter of the crimped contact: it must pass the bore */
  crimpedMm: above0,
  twoWires: z.boolean().default(false),
  reuses: z.number().int().min(0).default(0),
  /** the sheet's own pull minima; they come before any table */
  pullMinima: z.array(z.strictObject({ areaMm2: above0, forceN: above0 })).default([]),
  contactMilliohm: above0.default(5),
  source: sourceSchema,
}
const contactKinds = [
  z.strictObject({ ...contactBase, construction: z.literal('closed-barrel'), barrel: closedBarrel }),
  z.strictObject({ ...contactBase, construction: z.literal('open-barrel'), barrel: openBarrel }),
  z.strictObject({ ...contactBase, construction: z.literal('open-barrel-sealed'), barrel: openBarrel }),
] as const
export const contactSchema = z.discriminatedUnion('construction', contactKinds)

export const sealSchema = z.strictObject({
  id,
  name,
  aliases: z.array(z.string()).default([]),
  insulation: rangeMm,
  /** cavity bore that it seals in */
  boreMm: above0,
  lengthMm: above0,
  source: sourceSchema,
})

export const smallPartSchema = z.strictObject({
  id,
  name,
  kind: z.enum(['cavity-plug', 'lock', 'interface-seal']),
  source: sourceSchema,
})

export const familySchema = z.strictObject({
  id,
  name,
  /** how the wire is sealed; a whole mat must not be pierced, an open one is plugged */
  sealing: z.enum(['none', 'wire-seal', 'mat-seal', 'mat-self-piercing']),
  release: z.enum(['finger', 'barbs', 'window-lance', 'rear-sleeve', 'side-tang', 'neck', 'comb']),
  lock: z.enum(['none', 'wedge', 'tail-cover', 'comb', 'cap', 'gate']),
  /** contact gender that each half takes */
  halves: z.strictObject({ plug: z.enum(['pin', 'socket']), receptacle: z.enum(['pin', 'socket']) }),
  /** which way is up for a contact that goes in */
  orientation: z.string().max(120).optional(),
  sizes: z.array(sizeSchema).min(1),
  housings: z.array(housingSchema).max(500),
  contacts: z.array(contactSchema).max(10_000),
  seals: z.array(sealSchema).max(2_000).default([]),
  parts: z.array(smallPartSchema).max(1_000).default([]),
  source: sourceSchema,
})

export const wireTypeSchema = z.strictObject({
  id,
  name,
  aliases: z.array(z.string()).default([]),
  /** as printed: it wins over the metal */
  designation: z.union([z.strictObject({ awg: z.string().max(4) }), z.strictObject({ areaMm2: above0 })]),
  strands: z.number().int().positive(),
  strandMm: above0,
  insulationMm: above0,
  insulation: name,
  plated: z.boolean().default(false),
  ratedA: above0,
  refC: z.number().default(20),
  maxC: z.number(),
  source: sourceSchema,
})

const conductorRow = {
  contact: id,
  conductor: rangeMm2,
  /** the sheet's strip length, where it states one */
  strip: rangeMm.optional(),
  source: z.string().max(120).optional(),
}
export const toolSchema = z.strictObject({
  id,
  name,
  class: z.enum(['four-indent-positioned', 'four-indent-plain', 'parallel-die', 'nest-ratchet', 'notch-pliers', 'plain-pliers', 'ferrule-square', 'stripper', 'release', 'gauge']),
  /** a stripper's openings */
  notchesMm: z.array(above0).optional(),
  verification: z.strictObject({ doneOn: z.iso.date(), dueOn: z.iso.date(), by: name }).optional(),
  source: sourceSchema,
})

export const placardSchema = z.strictObject({
  id,
  tool: id,
  rows: z.array(
    z.strictObject({
      ...conductorRow,
      die: id.optional(),
      positioner: id.optional(),
      selector: z.number().int().min(1).max(40).optional(),
      nest: z.string().max(10).optional(),
      wireStopMm: above0.optional(),
      height: rangeMm.optional(),
      insulationHeight: rangeMm.optional(),
    }),
  ).max(20_000),
  source: sourceSchema,
})

export const catalogueSchema = z.strictObject({
  format: z.literal('urn-bench/catalogue'),
  version: z.literal(1),
  families: z.array(familySchema).max(500).default([]),
  wireTypes: z.array(wireTypeSchema).max(5_000).default([]),
  tools: z.array(toolSchema).max(1_000).default([]),
  placards: z.array(placardSchema).max(1_000).default([]),
})

const ofFamily = { family: id }

/** The catalogue facts that a job copied when its sets were chosen, by id. */
export const factsSchema = z.strictObject({
  families: z.record(z.string(), familySchema.omit({ housings: true, contacts: true, seals: true, parts: true })).default({}),
  housings: z.record(z.string(), housingSchema.omit({ cavities: true }).extend({ ...ofFamily, cavities: z.array(cavitySchema) })).default({}),
  contacts: z.record(z.string(), z.discriminatedUnion('construction', [contactKinds[0].extend(ofFamily), contactKinds[1].extend(ofFamily), contactKinds[2].extend(ofFamily)])).default({}),
  seals: z.record(z.string(), sealSchema.extend(ofFamily)).default({}),
  parts: z.record(z.string(), smallPartSchema.extend(ofFamily)).default({}),
  wireTypes: z.record(z.string(), wireTypeSchema).default({}),
  tools: z.record(z.string(), toolSchema).default({}),
})

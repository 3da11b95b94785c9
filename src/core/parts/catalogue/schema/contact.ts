import { z } from 'zod'
import { contactSprings, wingFolds } from '../partIds'
import { above0, aliases, atLeast0, id, name, rangeMm, rangeMm2, sourceSchema } from './figures'

export const platings = ['gold', 'tin', 'nickel', 'silver'] as const

const closedBarrel = z.strictObject({
  depthMm: above0,
  boreMm: above0,
  outerMm: above0,
  cupDepthMm: atLeast0.default(0),
  /** what the insulation cup takes, where there is one */
  cupBoreMm: above0.optional(),
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
  /** over the open conductor wings, as callipers find it */
  wingWidthMm: above0.optional(),
  wings: z.enum(wingFolds),
})
const sleeveBarrel = z.strictObject({
  /** from the mouth to the tip, the tongue or the stop */
  depthMm: above0,
  boreMm: above0,
  outerMm: above0,
  metalAreaMm2: above0.optional(),
  /** a seamed barrel is indented where its sheet says */
  seam: z.enum(['none', 'indent-away', 'indent-on']).default('none'),
})

const base = {
  id,
  name,
  aliases,
  /** metal or designated area, as the sheet states it */
  conductor: rangeMm2,
  /** what its insulation wings or collar hold */
  insulation: rangeMm.optional(),
  plating: z.enum(platings),
  ratedA: above0.optional(),
  refC: z.number().default(20),
  maxC: z.number().optional(),
  matings: z.number().int().positive().optional(),
  overallMm: above0.optional(),
  /** two wires of one cavity may share it */
  twoWires: z.boolean().default(false),
  reuses: z.number().int().min(0).default(0),
  /** the tool that its sheet names: it comes first */
  sheetTool: id.optional(),
  /** the sheet's own pull minima; they come before any table */
  pullMinima: z.array(z.strictObject({ areaMm2: above0, forceN: above0 })).default([]),
  contactMilliohm: above0.default(5),
  source: sourceSchema,
}
const inCavity = {
  ...base,
  size: id,
  gender: z.enum(['pin', 'socket']),
  /** left out: it is not on the sheet */
  spring: z.enum(contactSprings).optional(),
  /** its sheet asks for a mating pin to be tried after the crimp */
  pinTry: z.boolean().optional(),
  /** it comes on a strip and is broken off it: so much of the tab may stay, mm */
  tabMm: above0.optional(),
  /** diameter or width of the part that mates */
  matingMm: above0.optional(),
  /** largest diameter of the crimped contact: it must pass the bore */
  crimpedMm: above0.optional(),
  /** bin code that its colour bands spell */
  bin: z
    .string()
    .regex(/^\d{3}$/, 'three digits, as three bands spell them')
    .optional(),
}

/** Shapes of a terminal that goes into no housing. */
export const terminalShapeIds = ['ferrule', 'ring', 'fork', 'blade', 'bullet', 'butt'] as const

/** The constructions of a contact, each with the dimensions that its sheet gives, and with what else is said of it where it is kept. */
const kindsWith = <More extends z.ZodRawShape>(more: More) =>
  [
    z.strictObject({ ...inCavity, ...more, construction: z.literal('closed-barrel'), barrel: closedBarrel.optional() }),
    z.strictObject({ ...inCavity, ...more, construction: z.literal('open-barrel'), barrel: openBarrel.optional() }),
    z.strictObject({
      ...inCavity,
      ...more,
      construction: z.literal('open-barrel-sealed'),
      barrel: openBarrel.optional(),
    }),
    z.strictObject({
      ...base,
      ...more,
      construction: z.literal('sleeve'),
      shape: z.enum(terminalShapeIds),
      barrel: sleeveBarrel.optional(),
      /** hole or slot of a ring or fork; width of a blade; diameter of a bullet */
      studMm: above0.optional(),
      /** at which it is fixed to its stud */
      torqueNm: above0.optional(),
      /** what is printed on its sleeve, or its colour by word */
      sleeveMark: z.string().trim().min(1).max(40).optional(),
      /** an insulating collar or sleeve covers the barrel */
      insulated: z.boolean().default(false),
      /** its sleeve shrinks when heated */
      shrinks: z.boolean().default(false),
    }),
  ] as const
export const contactSchema = z.discriminatedUnion('construction', kindsWith({}))
/** A contact as a job keeps it, with the family that it is of. */
export const contactFactsSchema = z.discriminatedUnion('construction', kindsWith({ family: id }))

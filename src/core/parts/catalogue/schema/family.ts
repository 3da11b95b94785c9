import { z } from 'zod'
import { smallPartKindIds } from '../partIds'
import { contactSchema, terminalShapeIds } from './contact'
import { above0, aliases, id, name, rangeMm, rangeMm2, sourceSchema } from './figures'
import { housingSchema } from './housing'
import { lockKindIds } from './lock'

/** A clamp or a stud: which terminals it fixes, and with how much. Nothing snaps into it. */
const fixingSchema = z.strictObject({
  takes: z.array(z.enum(terminalShapeIds)).min(1).max(terminalShapeIds.length),
  /** the stud, or the shank of the screw, that a ring or fork goes round */
  studMm: above0.optional(),
  /** conductors that it holds */
  conductor: rangeMm2.optional(),
  /** N·m, by its own sheet; the terminal's counts where it says none, and where neither does it is hand-tight */
  torqueNm: above0.optional(),
})

export const sizeSchema = z.strictObject({
  id,
  name,
  /** what the contact and its crimp must pass */
  boreMm: above0.optional(),
  /** the mat's window for the insulation; only where the family seals with a mat */
  matWindow: rangeMm.optional(),
  /** force at which a seated contact must stay */
  retentionN: above0.optional(),
  /** part that closes an unused cavity */
  plug: id.optional(),
  /** how it fixes what is put in, where that is a terminal and no contact */
  fixing: fixingSchema.optional(),
})

export const sealSchema = z.strictObject({
  id,
  name,
  aliases,
  insulation: rangeMm,
  /** cavity bore that it seals in */
  boreMm: above0,
  lengthMm: above0,
  source: sourceSchema,
})

export const smallPartSchema = z.strictObject({
  id,
  name,
  aliases: aliases.optional(),
  kind: z.enum(smallPartKindIds),
  source: sourceSchema,
})

const halfTakes = z.enum(['pin', 'socket', 'either'])

/** What somebody who must choose a family asks of it. */
export const suitsSchema = z.strictObject({
  mounting: z.array(z.enum(['in-line', 'panel', 'board', 'stud'])).min(1),
  vibration: z.enum(['low', 'medium', 'high']),
  /** a contact can be exchanged without a special tool */
  fieldService: z.boolean(),
  /** 1 is cheap, 3 dear, for a like number of ways */
  cost: z.union([z.literal(1), z.literal(2), z.literal(3)]),
})

export const familySchema = z.strictObject({
  id,
  name,
  /** how the wire is sealed; a whole mat must not be pierced, an open one is plugged */
  sealing: z.enum(['none', 'wire-seal', 'mat-seal', 'mat-self-piercing']),
  release: z.enum([
    'finger',
    'barbs',
    'window-lance',
    'rear-sleeve',
    'side-tang',
    'neck',
    'comb',
    'clamp',
    'stud',
    'none',
  ]),
  lock: z.enum(lockKindIds),
  /** contact gender that each half takes */
  halves: z.strictObject({ plug: halfTakes, receptacle: halfTakes }),
  /** which way is up for a contact that goes in */
  orientation: z.string().max(120).optional(),
  suits: suitsSchema.optional(),
  sizes: z.array(sizeSchema).max(40),
  housings: z.array(housingSchema).max(500),
  contacts: z.array(contactSchema).max(10_000),
  seals: z.array(sealSchema).max(2_000).default([]),
  parts: z.array(smallPartSchema).max(1_000).default([]),
  source: sourceSchema,
})

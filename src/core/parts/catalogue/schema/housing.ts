import { z } from 'zod'
import { numberingSchemes } from '../../../base/face/numbering'
import { above0, aliases, atLeast0, id, name, point, sourceSchema } from './figures'
import { markKinds } from '../partIds'
import { securings } from '../securings'
import { secondLockSchema } from './lock'

const count = z.number().int().min(1).max(200)

export const arrangementSchema = z.discriminatedUnion('kind', [
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
  /** every cavity at a place of its own; those of one row stand in it from left to right */
  z.strictObject({
    kind: z.literal('free'),
    positions: z
      .array(point.extend({ row: z.number().int().min(0).max(60).default(0) }))
      .min(1)
      .max(1000),
  }),
])

const order = z.enum(Object.keys(numberingSchemes) as [keyof typeof numberingSchemes])
export const idsSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('numbers'), start: z.number().int().min(0).default(1), order }),
  z.strictObject({
    kind: z.literal('letters'),
    skip: z.array(z.string().regex(/^[A-Z]$/, 'one capital letter')).default([]),
    order,
  }),
  /** as printed, in the order of the cavities: for what no scheme gives */
  z.strictObject({ kind: z.literal('list'), list: z.array(z.string().trim().min(1).max(6)).min(1).max(1000), order }),
])

export const markSchema = z.strictObject({ kind: z.enum(markKinds), at: point })

export const outlineSchema = z.strictObject({
  shape: z.enum(['rounded', 'circle']).default('rounded'),
  widthMm: above0,
  heightMm: above0,
  cornerMm: atLeast0.default(1),
})

const keyingId = z.string().min(1).max(10)

/** A feature of the shell that keeps halves from being joined wrongly. */
export const keySchema = z.strictObject({
  kind: z.enum(['key', 'slot']),
  at: point,
  widthMm: above0,
  heightMm: above0,
  /** the keyings that have it; all when left out */
  keyings: z.array(keyingId).min(1).max(40).optional(),
})

export const cavitySchema = z.strictObject({
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
  aliases,
  role: z.enum(['plug', 'receptacle']),
  /** the keyings in which it is made; none has but one */
  keyings: z.array(keyingId).max(40).optional(),
  arrangement: arrangementSchema,
  ids: idsSchema,
  mark: markSchema,
  outline: outlineSchema,
  keys: z.array(keySchema).max(120).optional(),
  /** contact size of all cavities, where they are alike */
  cavitySize: id.optional(),
  /** cavities of other sizes: contact size to cavity ids */
  otherSizes: z.record(z.string(), z.array(z.string())).optional(),
  /** filled from arrangement and sizes when left out */
  cavities: z.array(cavitySchema).optional(),
  /** cavities that a bar or bridge of it joins inside: what is wired to one is wired to all */
  joined: z
    .array(z.array(z.string().min(1).max(6)).min(2).max(200))
    .max(100)
    .optional(),
  /** small parts of this half, by part id: fitted once each */
  lock: id.optional(),
  /** how the second lock of this half works, as its own sheet says */
  secondLock: secondLockSchema.optional(),
  interfaceSeal: id.optional(),
  /** further parts that belong to it, such as caps, backshells and clips */
  parts: z
    .array(z.strictObject({ part: id, count: z.number().int().min(1).max(99).default(1) }))
    .max(30)
    .optional(),
  /** how its shell is made fast, and with how much, as its sheet says: N·m for torque, N for a wire's or cable's pull */
  secures: z
    .array(z.strictObject({ what: z.enum(securings), asked: above0 }))
    .max(4)
    .optional(),
  /** housings that it is made to mate with */
  mates: z.array(id).max(30).optional(),
  source: sourceSchema,
})

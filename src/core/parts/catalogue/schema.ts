import { z } from 'zod'
import { houseRulesSchema } from '../rules/schema'
import { contactFactsSchema } from './schema/contact'
import { familySchema, sealSchema, smallPartSchema } from './schema/family'
import { id } from './schema/figures'
import { cavitySchema, housingSchema } from './schema/housing'
import { packSchema } from './schema/pack'
import { placardSchema, toolSchema } from './schema/tool'
import { cableSchema, wireTypeSchema } from './schema/wire'

interface Rated {
  readonly refC: number
  readonly maxC?: number | undefined
}

/** The catalogue package: families with their parts, wire types, cables, tools, placards, packs and house rules. */
export const catalogueSchema = z
  .strictObject({
    format: z.literal('urn-bench/catalogue'),
    version: z.literal(1),
    families: z.array(familySchema).max(500).default([]),
    wireTypes: z.array(wireTypeSchema).max(5_000).default([]),
    cables: z.array(cableSchema).max(2_000).default([]),
    tools: z.array(toolSchema).max(1_000).default([]),
    placards: z.array(placardSchema).max(1_000).default([]),
    packs: z.array(packSchema).max(20_000).default([]),
    /** a bench's own house rules; the schools that ship are always there */
    rules: z.array(houseRulesSchema).max(200).default([]),
  })
  .superRefine((shelf, context) => {
    // a rating at a temperature above the highest one says nothing: its derating would be no number
    const look = ({ refC, maxC }: Rated, path: readonly (string | number)[]) => {
      if (maxC !== undefined && refC >= maxC)
        context.addIssue({
          code: 'custom',
          path: [...path, 'refC'],
          message: `must be below the highest temperature of ${String(maxC)} °C`,
        })
    }
    for (const [f, family] of shelf.families.entries())
      for (const [c, contact] of family.contacts.entries()) look(contact, ['families', f, 'contacts', c])
    for (const [w, type] of shelf.wireTypes.entries()) look(type, ['wireTypes', w])
  })

const ofFamily = { family: id }

/** The catalogue facts that a job copied when its sets were chosen, by id. */
export const factsSchema = z.strictObject({
  families: z
    .record(z.string(), familySchema.omit({ housings: true, contacts: true, seals: true, parts: true }))
    .default({}),
  housings: z
    .record(z.string(), housingSchema.omit({ cavities: true }).extend({ ...ofFamily, cavities: z.array(cavitySchema) }))
    .default({}),
  contacts: z.record(z.string(), contactFactsSchema).default({}),
  seals: z.record(z.string(), sealSchema.extend(ofFamily)).default({}),
  parts: z.record(z.string(), smallPartSchema.extend(ofFamily)).default({}),
  wireTypes: z.record(z.string(), wireTypeSchema).default({}),
  tools: z.record(z.string(), toolSchema).default({}),
  rules: z.record(z.string(), houseRulesSchema).optional(),
})

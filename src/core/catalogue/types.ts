import type { z } from 'zod'
import type { Arrangement, PlacedCavity } from '../face/arrangement'
import type {
  catalogueSchema, contactSchema, familySchema, housingSchema, placardSchema, sealSchema, smallPartSchema, toolSchema, wireTypeSchema,
} from './schema'

/** A cavity with its place on the wire face and the contact size that it takes. */
export interface Cavity extends PlacedCavity {
  readonly size: string
}

export type HousingInput = z.infer<typeof housingSchema>
/** A housing whose cavities have been placed. */
export type Housing = Omit<HousingInput, 'cavities' | 'arrangement'> & { readonly arrangement: Arrangement; readonly cavities: readonly Cavity[]; readonly family: string }
export type Contact = z.infer<typeof contactSchema> & { readonly family: string }
export type Construction = Contact['construction']
export type Seal = z.infer<typeof sealSchema> & { readonly family: string }
export type SmallPart = z.infer<typeof smallPartSchema> & { readonly family: string }
export type FamilyInput = z.infer<typeof familySchema>
export type ContactSize = FamilyInput['sizes'][number]
/** What all parts of a family have in common. */
export type FamilyFacts = Omit<FamilyInput, 'housings' | 'contacts' | 'seals' | 'parts'>
export type WireType = z.infer<typeof wireTypeSchema>
export type Tool = z.infer<typeof toolSchema>
export type Placard = z.infer<typeof placardSchema>
export type PlacardRow = Placard['rows'][number]
export type CatalogueInput = z.infer<typeof catalogueSchema>
export type ContactGender = Contact['gender']
export type Plating = Contact['plating']

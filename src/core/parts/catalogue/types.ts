import type { z } from 'zod'
import type { Arrangement, PlacedCavity } from '../../base/face/arrangement'
import type { catalogueSchema } from './schema'
import type { contactSchema } from './schema/contact'
import type { familySchema, sealSchema, smallPartSchema } from './schema/family'
import type { housingSchema } from './schema/housing'
import type { secondLockSchema } from './schema/lock'
import type { packSchema } from './schema/pack'
import type { placardSchema, toolSchema } from './schema/tool'
import type { cableSchema, wireTypeSchema } from './schema/wire'

/** A cavity with its place on the wire face and the contact size that it takes. */
export interface Cavity extends PlacedCavity {
  readonly size: string
}

/** How the second lock of one half works, as its own sheet says. */
export type SecondLock = z.infer<typeof secondLockSchema>
export type HousingInput = z.infer<typeof housingSchema>
/** A housing whose cavities have been placed. */
export type Housing = Omit<HousingInput, 'cavities' | 'arrangement'> & {
  readonly arrangement: Arrangement
  readonly cavities: readonly Cavity[]
  readonly family: string
}
export type ContactInput = z.infer<typeof contactSchema>
export type Contact = ContactInput & { readonly family: string }
/** A contact that goes into a cavity. */
export type CavityContact = Exclude<Contact, { construction: 'sleeve' }>
/** A terminal or splice: it goes into no housing. */
export type SleeveContact = Extract<Contact, { construction: 'sleeve' }>
export type Construction = Contact['construction']
export type Seal = z.infer<typeof sealSchema> & { readonly family: string }
export type SmallPart = z.infer<typeof smallPartSchema> & { readonly family: string }
export type FamilyInput = z.infer<typeof familySchema>
export type ContactSize = FamilyInput['sizes'][number]
/** What all parts of a family have in common. */
export type FamilyFacts = Omit<FamilyInput, 'housings' | 'contacts' | 'seals' | 'parts'>
export type WireType = z.infer<typeof wireTypeSchema>
export type Cable = z.infer<typeof cableSchema>
export type Tool = z.infer<typeof toolSchema>
export type Placard = z.infer<typeof placardSchema>
export type PlacardRow = Placard['rows'][number]
export type Pack = z.infer<typeof packSchema>
export type CatalogueInput = z.infer<typeof catalogueSchema>
export type ContactGender = CavityContact['gender']
export type Plating = Contact['plating']

/** A terminal or splice has no contact size, since it goes into no cavity. */
export const isSleeve = <C extends ContactInput>(contact: C): contact is Extract<C, { construction: 'sleeve' }> =>
  !('size' in contact)
export const isTerminal = (contact: ContactInput | undefined): boolean => contact !== undefined && isSleeve(contact)
/** The tool is at hand: in the crib. */
export const isInCrib = (tool: Tool): boolean => (tool.held ?? 'crib') === 'crib'

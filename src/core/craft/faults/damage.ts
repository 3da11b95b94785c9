/** What is broken at a seated contact, or of its wire. */
export const damageIds = ['contact', 'seal', 'wire-end', 'wire'] as const
/** Why a contact is cut off and made again: broken, or redone so that its wire stays as long as its neighbours. */
export const redoneIds = [...damageIds, 'kept-equal'] as const
export type DamageId = (typeof redoneIds)[number]

/** What is broken of an end itself. */
export const endDamageIds = ['lock', 'housing'] as const
export type EndDamageId = (typeof endDamageIds)[number]

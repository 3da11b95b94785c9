/** What is broken at a seated contact, or of its wire. */
export const damageIds = ['contact', 'seal', 'wire-end', 'wire'] as const
export type DamageId = (typeof damageIds)[number]

/** What is broken of an end itself. */
export const endDamageIds = ['lock', 'housing'] as const
export type EndDamageId = (typeof endDamageIds)[number]

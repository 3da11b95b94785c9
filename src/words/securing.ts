import type { Securing } from '@/core/parts/catalogue/securings'

/** How a shell is made fast, in words. */
export const securingWords: Readonly<Record<Securing, { readonly name: string; readonly set: string }>> = {
  backshell: { name: 'Backshell', set: 'torque' },
  'jam-nut': { name: 'Jam nut', set: 'torque' },
  'safety-wire': { name: 'Safety wire', set: 'pull' },
  'safety-cable': { name: 'Safety cable', set: 'pull' },
}

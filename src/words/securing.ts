import { type Securing, securingUnits } from '@/core/parts/catalogue/securings'

/** How a shell is made fast, in words. */
export const securingWords: Readonly<Record<Securing, { readonly name: string; readonly set: string }>> = {
  backshell: { name: 'Backshell', set: 'torque' },
  'jam-nut': { name: 'Jam nut', set: 'torque' },
  'safety-wire': { name: 'Safety wire', set: 'pull' },
  'safety-cable': { name: 'Safety cable', set: 'pull' },
}

/** The unit in which it is set, as it is written: torque, or the pull of a wire or cable. */
export const securingSign = (what: Securing): string => (securingUnits[what] === 'Nm' ? 'N·m' : 'N')

/** How a shell is made fast, in the order of the work. */
export const securings = ['jam-nut', 'backshell', 'safety-wire', 'safety-cable'] as const
export type Securing = (typeof securings)[number]

/** What each is set in: torque, N·m; the pull of a wire or cable, N. */
export const securingUnits: Readonly<Record<Securing, 'Nm' | 'N'>> = {
  backshell: 'Nm',
  'jam-nut': 'Nm',
  'safety-wire': 'N',
  'safety-cable': 'N',
}

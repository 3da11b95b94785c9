/** How a shell is made fast. */
export const securings = ['backshell', 'jam-nut', 'safety-wire', 'safety-cable'] as const
export type Securing = (typeof securings)[number]

/** What each is set in: torque, N·m; the pull of a wire or cable, N. */
export const securingUnits: Readonly<Record<Securing, 'Nm' | 'N'>> = {
  backshell: 'Nm',
  'jam-nut': 'Nm',
  'safety-wire': 'N',
  'safety-cable': 'N',
}

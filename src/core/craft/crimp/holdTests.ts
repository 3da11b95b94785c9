/** What is pulled at a finished contact: the contact in its cavity, or the wire in its crimp. */
export const holdTests = ['retention', 'hand-pull'] as const
export type HoldTest = (typeof holdTests)[number]

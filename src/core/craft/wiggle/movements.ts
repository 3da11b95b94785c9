/** How a harness is moved while its resistance is watched. */
export const movements = ['all', 'push-back', 'bend', 'leg'] as const
export type Movement = (typeof movements)[number]

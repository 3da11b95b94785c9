/** What a table of pull minima speaks of. Outside of it, its figures are general ones. */
export type PullScope = 'crimped-connections' | 'terminals-lugs-splices'

/** How plastic, metal and tools look in the drawings of a cavity. */
export const plastic = {
  fill: 'var(--slip)',
  stroke: 'var(--ink)',
  strokeWidth: 0.22,
  strokeLinejoin: 'round',
} as const
export const metal = {
  fill: 'var(--metal-1)',
  stroke: 'var(--ink)',
  strokeWidth: 0.2,
  strokeLinejoin: 'round',
} as const
export const toolFill = { fill: 'var(--glaze)', stroke: 'var(--glaze-ink)', strokeWidth: 0.16 } as const

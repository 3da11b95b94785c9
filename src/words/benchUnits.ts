/** What a bench says first: millimetres, mm² and newtons, or gauges, inches and pounds-force. */
export const benchUnits = ['metric', 'gauge'] as const
export type BenchUnits = (typeof benchUnits)[number]

export const isBenchUnits = (text: string): text is BenchUnits => benchUnits.some((one) => one === text)

/**
 * The units of the bench whose words these are. Like a language, they belong to the whole page or process and to no sentence: they
 * are set before anything is said (`sayIn`), and a page that changes them begins anew. What is kept and judged is metric always.
 */
let first: BenchUnits = 'metric'

export function sayIn(units: BenchUnits): void {
  first = units
}

export const unitsFirst = (): BenchUnits => first

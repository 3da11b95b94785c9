/** What a bench says first: millimetres, mm² and newtons, or gauges, inches and pounds-force. */
export const benchUnits = ['metric', 'gauge'] as const
export type BenchUnits = (typeof benchUnits)[number]

export const isBenchUnits = (text: string): text is BenchUnits => benchUnits.some((one) => one === text)

/** What a bench's figures are said in. */
export interface BenchSays {
  readonly units: BenchUnits
  /** of its prices, by ISO 4217; undefined: nobody has said */
  readonly currency?: string | undefined
}

/**
 * The units of the bench whose words these are. Like a language, they belong to the whole page or process and to no sentence: they
 * are set before anything is said (`sayIn`), and a page that changes them begins anew. What is kept and judged is metric always.
 *
 * A server has a copy of this module for its pages, its actions and its open interface each: what they share is the process's.
 */
const shared = globalThis as typeof globalThis & { urnBenchSays?: BenchSays }

export function sayIn(now: BenchSays): void {
  shared.urnBenchSays = now
}

export const unitsFirst = (): BenchUnits => shared.urnBenchSays?.units ?? 'metric'
export const currencySaid = (): string | undefined => shared.urnBenchSays?.currency

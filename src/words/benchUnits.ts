import { type Dimension, dimensions } from '@/core/base/units/units'

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

/** What a figure is in that somebody types at this bench without a unit; undefined: in the base unit. */
export const bareUnit = (dimension: Dimension): string | undefined =>
  unitsFirst() === 'gauge' ? gaugeUnits[dimension] : undefined

/** The sign of that unit, for the label of a field. */
export const bareUnitSign = (dimension: Dimension): string => bareUnit(dimension) ?? dimensions[dimension].base

/** A figure in the base unit as it is written into a field: with its unit, where a bare one would be read in another. */
export const writtenInBase = (figure: string, dimension: Dimension): string =>
  bareUnit(dimension) === undefined ? figure : `${figure} ${dimensions[dimension].base}`

/** The unit of figures that stand without one, by its name: what to ask when one cannot be. */
export const bareUnitName = (dimension: 'length' | 'force'): string =>
  unitsFirst() === 'gauge'
    ? { length: 'inches', force: 'pounds-force' }[dimension]
    : { length: 'millimetres', force: 'newtons' }[dimension]

const gaugeUnits: Readonly<Partial<Record<Dimension, string>>> = { length: 'in', force: 'lbf' }

export const unitsFirst = (): BenchUnits => shared.urnBenchSays?.units ?? 'metric'
export const currencySaid = (): string | undefined => shared.urnBenchSays?.currency

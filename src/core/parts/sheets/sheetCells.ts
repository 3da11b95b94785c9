import type { CellShape, CellValue, SheetColumn } from './sheet'

/** What the sheets of a family have in common: how a column is said, how a row is read and written. */

export const mm: CellShape = { kind: 'figure', dimension: 'length' }
export const column = (
  id: string,
  heading: string,
  cell: CellShape,
  required = false,
  aliases: readonly string[] = [],
): SheetColumn => ({ id, heading, cell, required, aliases })
export const idColumn = (name: string, heading: string, aliases: readonly string[] = []) =>
  column(name, heading, { kind: 'id' }, true, aliases)

export type Values = Readonly<Record<string, CellValue>>
export const num = (values: Values, key: string): number | undefined =>
  typeof values[key] === 'number' ? values[key] : undefined
export const str = (values: Values, key: string): string | undefined =>
  typeof values[key] === 'string' ? values[key] : undefined
export const opt = <K extends string, V>(key: K, value: V | undefined) =>
  (value === undefined ? {} : { [key]: value }) as Readonly<Partial<Record<K, V>>>
export const span = (min: number | undefined, max: number | undefined) =>
  min === undefined && max === undefined ? undefined : { minMm: min ?? max ?? 0, maxMm: max ?? min ?? 0 }

const text = (value: string | number | boolean | undefined): string =>
  value === undefined ? '' : value === true ? 'yes' : value === false ? '' : String(value)
export const row = (values: Readonly<Record<string, string | number | boolean | undefined>>): Record<string, string> =>
  Object.fromEntries(Object.entries(values).map(([key, value]) => [key, text(value)]))

/** Where a part's figures come from: the family's own sheet, its revision, and on what they rest. */
export interface SheetSource {
  readonly document: string
  readonly revision?: string
  readonly basis: 'sheet' | 'measured' | 'estimated'
}

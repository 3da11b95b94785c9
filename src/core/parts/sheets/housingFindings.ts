import type { ArrangementFault } from '../../base/face/arrangement'
import type { HousingDraft, SecondLockDraft } from './housingDraft'
import type { HousingSheet } from './housingSheets'
import type { CellValue, SheetProblem } from './sheet'

export type HousingField = keyof HousingDraft | keyof SecondLockDraft
export type HousingProblem =
  | { readonly kind: 'missing' }
  | { readonly kind: 'bad-id' }
  /** another housing of the family has that number */
  | { readonly kind: 'twice' }
  | { readonly kind: 'unknown-size'; readonly size: string; readonly known: readonly string[] }
  | { readonly kind: 'not-numbers' }
  | { readonly kind: 'not-positive' }
  | { readonly kind: 'not-counts' }
  | { readonly kind: 'bad-list'; readonly found: string }
  | { readonly kind: 'arrangement'; readonly fault: ArrangementFault }

/** A fault in a cell of one of a housing's tables. */
export interface HousingCellFault {
  readonly sheet: HousingSheet
  readonly row: number
  readonly column: string
  readonly problem: SheetProblem
}

/** What is found while a draft is read. */
export interface Findings {
  readonly problems: Partial<Record<HousingField, HousingProblem>>
  readonly cells: HousingCellFault[]
}

export interface ReadCells {
  /** place of the row in its table, from 0 */
  readonly row: number
  readonly values: Readonly<Record<string, CellValue>>
}

/** A figure above nought; left empty, what stands in for it. A figure that is none is drawn as 1. */
export function readPositive(said: string, field: HousingField, { problems }: Findings, fallback?: number): number {
  const text = said.trim()
  if (text === '' && fallback !== undefined) return fallback
  const value = Number(text.replace(',', '.').replace(/\s*(mm|N·?m|N)$/i, ''))
  if (text === '') problems[field] = { kind: 'missing' }
  else if (!Number.isFinite(value)) problems[field] = { kind: 'not-numbers' }
  else if (value <= 0) problems[field] = { kind: 'not-positive' }
  return value > 0 ? value : 1
}

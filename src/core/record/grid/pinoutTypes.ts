import type { CellError } from '../../base/cells/cellError'
import type { PlanFault, Wire } from '@/core/record/plan/plan'
import type { Dimension, Quantity, QuantityFault } from '@/core/base/units/parseQuantity'
import type { ColumnId } from './pinoutColumns'

export const PINOUT_ROW_LIMIT = 5000

/** Why a cell cannot be read; the words stand elsewhere. */
export type CellProblem =
  /** an error of a spreadsheet, or a formula that it did not compute */
  | { readonly kind: 'spreadsheet'; readonly error: CellError }
  | { readonly kind: 'missing' }
  | { readonly kind: 'bad-id' }
  | { readonly kind: 'wire-twice'; readonly firstRow: number }
  | { readonly kind: 'unknown-type'; readonly known: readonly string[] }
  | { readonly kind: 'several-types'; readonly known: readonly string[] }
  | { readonly kind: 'bad-colour' }
  | { readonly kind: 'unknown-housing'; readonly known: readonly string[] }
  | { readonly kind: 'housing-differs'; readonly end: string; readonly first: string; readonly firstRow: number }
  | { readonly kind: 'no-housing'; readonly end: string }
  | { readonly kind: 'unknown-cavity'; readonly housing: string; readonly known: readonly string[] }
  | { readonly kind: 'cavity-taken'; readonly byWire: string; readonly firstRow: number }
  | { readonly kind: 'half-a-side' }
  | { readonly kind: 'open-both-sides' }
  | { readonly kind: 'quantity'; readonly dimension: Dimension; readonly fault: QuantityFault }
  | { readonly kind: 'too-long'; readonly limit: number }
  | { readonly kind: 'bad-group' }
  /** what no single row can say of itself: a shared contact that is none, a splice of one wire */
  | { readonly kind: 'plan'; readonly fault: PlanFault }

export interface CellFault {
  /** line in the file, the heading being 1 */
  readonly row: number
  readonly column: ColumnId
  readonly found: string
  readonly problem: CellProblem
}

export type TableFault =
  | { readonly kind: 'empty' }
  | { readonly kind: 'not-text' }
  | { readonly kind: 'too-many-rows'; readonly rows: number; readonly limit: number }
  /** characters */
  | { readonly kind: 'too-large'; readonly limit: number }
  | { readonly kind: 'columns-missing'; readonly missing: readonly ColumnId[]; readonly unknown: readonly string[] }
  | { readonly kind: 'columns-twice'; readonly headings: readonly string[] }
  | { readonly kind: 'ragged'; readonly row: number; readonly cells: number; readonly expected: number }
  | { readonly kind: 'quote-open'; readonly row: number }
  | { readonly kind: 'no-rows' }

/** A row as it will be read; undefined parts could not be. */
export interface PinoutRow {
  readonly row: number
  readonly cells: Readonly<Partial<Record<ColumnId, string>>>
  readonly wire?: Wire
}

export interface PinoutEnd {
  readonly id: string
  /** the housing as resolved, from a column or a pick */
  readonly housing?: string
  readonly from: 'column' | 'pick' | 'none'
  readonly wires: number
}

/** The same before it is a wire. */
export type CellRow = Omit<PinoutRow, 'wire'>

/** A figure that could be read in two ways, and how it was. */
export interface UnderstoodCell {
  readonly row: number
  readonly column: ColumnId
  readonly found: string
  readonly dimension: Dimension
  readonly quantity: Quantity
  /** the row whose figure shows the decimal mark of the column; without one, what such a figure can be decided */
  readonly byRow?: number
}

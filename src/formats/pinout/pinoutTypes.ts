import type { PlanFault, Wire } from '@/core/record/plan/plan'
import type { Dimension, QuantityFault } from '@/core/base/units/parseQuantity'
import type { ColumnId } from './columns'

export const PINOUT_ROW_LIMIT = 5000

/** Why a cell cannot be read; the words stand elsewhere. */
export type CellProblem =
  | { readonly code: 'missing' }
  | { readonly code: 'bad-id' }
  | { readonly code: 'wire-twice'; readonly firstRow: number }
  | { readonly code: 'unknown-type'; readonly known: readonly string[] }
  | { readonly code: 'several-types'; readonly known: readonly string[] }
  | { readonly code: 'bad-colour' }
  | { readonly code: 'unknown-housing'; readonly known: readonly string[] }
  | { readonly code: 'housing-differs'; readonly end: string; readonly first: string; readonly firstRow: number }
  | { readonly code: 'no-housing'; readonly end: string }
  | { readonly code: 'unknown-cavity'; readonly housing: string; readonly known: readonly string[] }
  | { readonly code: 'cavity-taken'; readonly byWire: string; readonly firstRow: number }
  | { readonly code: 'half-a-side' }
  | { readonly code: 'open-both-sides' }
  | { readonly code: 'quantity'; readonly dimension: Dimension; readonly fault: QuantityFault }
  | { readonly code: 'too-long'; readonly limit: number }
  | { readonly code: 'bad-group' }
  /** what no single row can say of itself: a shared contact that is none, a splice of one wire */
  | { readonly code: 'plan'; readonly fault: PlanFault }

export interface CellFault {
  /** line in the file, the heading being 1 */
  readonly row: number
  readonly column: ColumnId
  readonly found: string
  readonly problem: CellProblem
}

export type TableFault =
  | { readonly code: 'empty' }
  | { readonly code: 'not-text' }
  | { readonly code: 'too-many-rows'; readonly rows: number; readonly limit: number }
  | { readonly code: 'columns-missing'; readonly missing: readonly ColumnId[]; readonly unknown: readonly string[] }
  | { readonly code: 'columns-twice'; readonly headings: readonly string[] }
  | { readonly code: 'ragged'; readonly row: number; readonly cells: number; readonly expected: number }
  | { readonly code: 'quote-open'; readonly row: number }
  | { readonly code: 'no-rows' }

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

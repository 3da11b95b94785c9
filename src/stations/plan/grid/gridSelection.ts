import { gridColumnIds, type GridColumnId } from '@/core/grid/columns'

/** Where the hand is in the grid, and from where a selection was drawn: row and column as seen, from 0. */
export interface GridSelection {
  readonly row: number
  readonly column: number
  readonly fromRow: number
  readonly fromColumn: number
}

export const at = (row: number, column: number): GridSelection => ({ row, column, fromRow: row, fromColumn: column })

const clamp = (value: number, last: number) => Math.max(0, Math.min(last, value))

/** The selection after a move; with `extend` the place where it began stays. The row below the last one is for a new wire. */
export function moved(selection: GridSelection, rows: number, byRows: number, byColumns: number, extend: boolean): GridSelection {
  const row = clamp(selection.row + byRows, extend ? Math.max(0, rows - 1) : rows)
  const column = clamp(selection.column + byColumns, gridColumnIds.length - 1)
  return extend ? { ...selection, row, column } : at(row, column)
}

export interface Rectangle {
  readonly top: number
  readonly bottom: number
  readonly left: number
  readonly right: number
}

export const rectangle = (selection: GridSelection): Rectangle => ({
  top: Math.min(selection.row, selection.fromRow), bottom: Math.max(selection.row, selection.fromRow),
  left: Math.min(selection.column, selection.fromColumn), right: Math.max(selection.column, selection.fromColumn),
})

export const columnsOf = ({ left, right }: Rectangle): readonly GridColumnId[] => gridColumnIds.slice(left, right + 1)

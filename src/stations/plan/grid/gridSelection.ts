import { gridColumnIds, type GridColumnId } from '@/core/record/grid/columns'

/** The cell in hand, and how far a selection reaches from it: row and column as seen, from 0. */
export interface GridSelection {
  readonly row: number
  readonly column: number
  readonly toRow: number
  readonly toColumn: number
}

export const at = (row: number, column: number): GridSelection => ({ row, column, toRow: row, toColumn: column })

const clamp = (value: number, last: number) => Math.max(0, Math.min(last, value))

/** The selection after a move; with `extend` the cell in hand stays, and the far end moves. The row below the last one is for a new wire. */
export function moved(
  selection: GridSelection,
  rows: number,
  byRows: number,
  byColumns: number,
  extend: boolean,
): GridSelection {
  const lastColumn = gridColumnIds.length - 1
  return extend
    ? {
        ...selection,
        toRow: clamp(selection.toRow + byRows, Math.max(0, rows - 1)),
        toColumn: clamp(selection.toColumn + byColumns, lastColumn),
      }
    : at(clamp(selection.row + byRows, rows), clamp(selection.column + byColumns, lastColumn))
}

export interface Rectangle {
  readonly top: number
  readonly bottom: number
  readonly left: number
  readonly right: number
}

export const rectangle = ({ row, column, toRow, toColumn }: GridSelection): Rectangle => ({
  top: Math.min(row, toRow),
  bottom: Math.max(row, toRow),
  left: Math.min(column, toColumn),
  right: Math.max(column, toColumn),
})

export const columnsOf = ({ left, right }: Rectangle): readonly GridColumnId[] => gridColumnIds.slice(left, right + 1)

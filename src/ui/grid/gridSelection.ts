/** How far a selection reaches from the cell in hand: row and column as seen, from 0. */
export interface GridSelection {
  readonly row: number
  readonly column: number
  readonly toRow: number
  readonly toColumn: number
}

export const at = (row: number, column: number): GridSelection => ({ row, column, toRow: row, toColumn: column })

const clamp = (value: number, last: number) => Math.max(0, Math.min(last, value))

/** What there is to move in: so many rows, so many columns. */
export interface GridExtent {
  readonly rows: number
  readonly columns: number
}

/** The selection after a move; with `extend` the cell in hand stays, and the far end moves. The row below the last one is for a new row. */
export function moved(
  selection: GridSelection,
  { rows, columns }: GridExtent,
  byRows: number,
  byColumns: number,
  extend: boolean,
): GridSelection {
  return extend
    ? {
        ...selection,
        toRow: clamp(selection.toRow + byRows, Math.max(0, rows - 1)),
        toColumn: clamp(selection.toColumn + byColumns, columns - 1),
      }
    : at(clamp(selection.row + byRows, rows), clamp(selection.column + byColumns, columns - 1))
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

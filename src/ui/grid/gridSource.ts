import type { ReactNode } from 'react'
import type { CellRow, NewRow } from '@/core/base/cells/cells'

/** A column of a grid. */
export interface GridColumn<Id extends string> {
  readonly id: Id
  readonly heading: string
  readonly widthPx: number
  /** a cell must say something */
  readonly required?: boolean
  /** how a sound cell is shown; else as its text */
  readonly show?: (text: string) => ReactNode
}

/**
 * What a grid is about: rows that are written by hand, how a cell is read, and what is said of it. It stays the same object
 * while nothing of it changes.
 */
export interface GridSource<Id extends string, Row extends CellRow<Id>> {
  readonly columns: readonly GridColumn<Id>[]
  readonly rows: readonly Row[]
  readonly edit: (next: (rows: readonly Row[]) => readonly Row[]) => void
  readonly undo: () => void
  readonly redo: () => void
  readonly canUndo: boolean
  readonly canRedo: boolean
  readonly newRow: NewRow<Id, Row>
  /** a cell as it will be read */
  readonly tidy: (column: Id, said: string) => string
  /** what a cell becomes so many rows below one that says `text` */
  readonly following: (column: Id, text: string, by: number) => string
  /** puts a block over the rows as they are seen, in another way than cell by cell */
  readonly paste?: (
    block: readonly (readonly string[])[],
    at: { readonly row: number; readonly column: Id },
    seen: readonly string[],
  ) => void
  /** columns of a row that cannot be taken as they are */
  readonly faultsOf: (key: string) => Readonly<Partial<Record<Id, unknown>>> | undefined
  readonly faultWords: (key: string, column: Id) => string | undefined
  readonly isEdited: (row: Row) => boolean
  /** what a cell may say; made when it is typed into */
  readonly suggestions: (column: Id) => readonly string[]
  /** what to know about a cell; undefined row: the empty one below */
  readonly hint: (column: Id, row: Row | undefined) => string
  /** what a new row begins with, below another */
  readonly begins: (above: Row | undefined) => Readonly<Partial<Record<Id, string>>>
  /** a column whose cells can be dragged out of the grid, and what a place that takes its row asks for */
  readonly drags?: { readonly column: Id; readonly type: string }
}

'use client'
import { type RefObject, useCallback, useState } from 'react'
import { shownFrom } from '../shownFrom'
import type { GridColumn } from './gridSource'
import { type GridSelection, at, moved } from './gridSelection'

interface Reach {
  /** the row from which it reaches */
  readonly from: string | undefined
  readonly to: string | undefined
  readonly toColumn: number
}

/** The row in hand, where it is known outside of the grid: by the address, on a drawing. */
export interface HeldRow {
  readonly selected: string | undefined
  readonly onSelect: (key: string) => void
}

/**
 * Where the hand is in a grid. The row in hand is whose `held` says, or the grid's own; the column and how far a selection
 * reaches are the grid's. The empty row below the last one is in hand while nothing else is chosen.
 */
export function useGridHand<Id extends string>(
  keys: readonly string[],
  columns: readonly GridColumn<Id>[],
  places: ReadonlyMap<string, number>,
  held: HeldRow | undefined,
) {
  const [own, setOwn] = useState<string>()
  const [column, setColumn] = useState(0)
  // the empty row is in hand until another row is
  const [belowFrom, setBelowFrom] = useState<{ readonly key: string | undefined }>()
  const [reach, setReach] = useState<Reach>()
  const key = held ? held.selected : own
  const place = key === undefined ? undefined : places.get(key)
  const below = belowFrom !== undefined && belowFrom.key === key
  const row = below ? keys.length : (place ?? 0)
  const far = reach && reach.from === key && !below ? reach : undefined
  const selection: GridSelection = {
    row,
    column,
    toRow: far?.to === undefined ? row : (places.get(far.to) ?? row),
    toColumn: far ? far.toColumn : column,
  }
  const take = held?.onSelect ?? setOwn
  const go = useCallback(
    (next: GridSelection) => {
      const there = keys[next.row]
      setColumn(next.column)
      setBelowFrom(there === undefined ? { key } : undefined)
      setReach(
        next.toRow === next.row && next.toColumn === next.column
          ? undefined
          : { from: there, to: keys[next.toRow], toColumn: next.toColumn },
      )
      if (there !== undefined) take(there)
    },
    [keys, key, take],
  )
  const step = (byRows: number, byColumns: number, extend = false, intoNew = true) => {
    const size = { rows: intoNew ? keys.length : Math.max(0, keys.length - 1), columns: columns.length }
    go(moved(selection, size, byRows, byColumns, extend))
  }
  /** takes a row that has only just come */
  const takeNew = (fresh: string, inColumn: number) => {
    setColumn(inColumn)
    setBelowFrom(undefined)
    setReach(undefined)
    take(fresh)
  }
  const all = () => keys.length > 0 && go({ ...at(0, 0), toRow: keys.length - 1, toColumn: columns.length - 1 })
  return { selection, go, step, takeNew, all }
}

/** A box that scrolls as little as shows a cell below its headings. All rows are of one height, so nothing has to be measured. */
export function reveal<Id extends string>(
  box: RefObject<HTMLElement | null>,
  columns: readonly GridColumn<Id>[],
  { row, column }: { readonly row: number; readonly column: number },
  { rowPx, headPx }: { readonly rowPx: number; readonly headPx: number },
): void {
  const element = box.current
  if (!element) return
  const start = row * rowPx
  element.scrollTop = shownFrom(element.scrollTop, element.clientHeight - headPx, { start, end: start + rowPx })
  const left = columns.slice(0, column).reduce((sum, one) => sum + one.widthPx, 0)
  const right = left + (columns[column]?.widthPx ?? 0)
  element.scrollLeft = shownFrom(element.scrollLeft, element.clientWidth, { start: left, end: right })
}

'use client'
import {
  type ColumnSort,
  columnFilteringFeature,
  columnSizingFeature,
  createFilteredRowModel,
  createSortedRowModel,
  globalFilteringFeature,
  rowSortingFeature,
  tableFeatures,
  useTable,
} from '@tanstack/react-table'
import { useMemo, useState } from 'react'
import { type CellRow, cellOf } from '@/core/base/cells/cells'
import { compareCells, rowTest } from '@/core/base/cells/cellView'
import { colourLetters } from '@/core/base/wire/colour'
import type { GridSource } from './gridSource'

const features = tableFeatures({
  columnFilteringFeature,
  columnSizingFeature,
  globalFilteringFeature,
  rowSortingFeature,
  filteredRowModel: createFilteredRowModel(),
  sortedRowModel: createSortedRowModel(),
})

interface Filter {
  readonly keeps: (row: CellRow<string>) => boolean
}

/**
 * Columns and rows of a grid as they are seen: filtered, sorted. While a view is sorted or filtered, a row that is edited
 * stays where it is, so that it does not move away under the hand; another view, or rows that come or go, make it anew.
 */
export function useGridRows<Id extends string, Row extends CellRow<Id>>(source: GridSource<Id, Row>) {
  const { columns, rows, faultsOf } = source
  const [filter, setFilter] = useState('')
  const [sorting, setSorting] = useState<ColumnSort[]>([])
  const there = rows.map((row) => row.key).join('\n')
  // oxlint-disable-next-line react/exhaustive-deps
  const ordered = useMemo(() => [...rows], [there, filter, sorting])
  const globalFilter = useMemo((): Filter | undefined => {
    const keeps = rowTest(filter, columns, (key) => faultsOf(key) !== undefined, colourLetters)
    return keeps && { keeps }
    // faults of the moment in which the view was asked for
    // oxlint-disable-next-line react/exhaustive-deps
  }, [filter, ordered, columns])
  const definitions = useMemo(
    () =>
      columns.map(({ id, heading, widthPx }) => ({
        id,
        header: heading,
        size: widthPx,
        accessorFn: (row: Row) => cellOf(row, id),
      })),
    [columns],
  )
  const table = useTable({
    features,
    columns: definitions,
    data: ordered,
    defaultColumn: { sortFn: (one, other, id) => compareCells(one.getValue<string>(id), other.getValue<string>(id)) },
    getRowId: (row) => row.key,
    // the whole row is asked once, not each of its cells
    getColumnCanGlobalFilter: (column) => column.id === columns[0]?.id,
    globalFilterFn: (row, _column, { keeps }: Filter) => keeps(row.original),
    sortDescFirst: false,
    enableMultiSort: false,
    state: { sorting, globalFilter },
    onSortingChange: setSorting,
  })
  const seen = table.getRowModel().rows
  const keys = useMemo(() => seen.map((row) => row.id), [seen])
  return { table, keys, sorted: sorting[0], filter, setFilter }
}

'use client'
import type { ColumnSort } from '@tanstack/react-table'
import type { Virtualizer } from '@tanstack/react-virtual'
import type { ClipboardEventHandler, KeyboardEventHandler, RefObject } from 'react'
import type { CellRow } from '@/core/base/cells/cells'
import type { CellTyping } from './CellEditor'
import { useSteady } from '../useSteady'
import styles from './Grid.module.css'
import { GridHead } from './GridHead'
import { cellId, GridRow } from './GridRow'
import type { GridSelection, Rectangle } from './gridSelection'
import type { GridSource } from './gridSource'
import type { useGridRows } from './useGridRows'

export interface GridCellsProps<Id extends string, Row extends CellRow<Id>> {
  readonly id: string
  readonly ref: RefObject<HTMLDivElement | null>
  readonly label: string
  readonly source: GridSource<Id, Row>
  readonly table: ReturnType<typeof useGridRows<Id, Row>>['table']
  readonly sorted: ColumnSort | undefined
  readonly keys: readonly string[]
  readonly byKey: ReadonlyMap<string, Row>
  readonly virtual: Virtualizer<HTMLDivElement, Element>
  readonly selection: GridSelection
  readonly area: Rectangle
  readonly typing: CellTyping | undefined
  readonly onKeyDown: KeyboardEventHandler
  readonly onCell: (row: number, column: number, extend: boolean) => void
  readonly onEdit: (row: number, column: number) => void
  readonly onCopy: ClipboardEventHandler
  readonly onCut: ClipboardEventHandler
  readonly onPaste: ClipboardEventHandler
}

const blank: CellRow<never> = { key: '', text: {} }

/** The cells themselves: one element takes the focus, the cell in hand is named to it. */
export function GridCells<Id extends string, Row extends CellRow<Id>>(props: GridCellsProps<Id, Row>) {
  const { id, ref, source, table, keys, byKey, virtual, selection, area, typing } = props
  const { columns } = source
  const template = columns.map((column) => `${String(column.widthPx)}px`).join(' ')
  const width = table.getTotalSize()
  const sort = useSteady((column: string) => {
    ref.current?.focus({ preventScroll: true })
    table.getColumn(column)?.toggleSorting()
  })
  return (
    <div
      ref={ref}
      role="grid"
      aria-label={props.label}
      aria-rowcount={keys.length + 2}
      aria-colcount={columns.length}
      aria-multiselectable="true"
      aria-activedescendant={cellId(id, selection.row, selection.column)}
      tabIndex={0}
      data-own-keys
      className={styles.gridBox}
      onKeyDown={props.onKeyDown}
      onCopy={props.onCopy}
      onCut={props.onCut}
      onPaste={props.onPaste}
    >
      <GridHead columns={columns} template={template} sorted={props.sorted} sort={sort} />
      <div role="presentation" className={styles.gridRows} style={{ height: virtual.getTotalSize(), width }}>
        {virtual.getVirtualItems().map((item) => {
          const key = keys[item.index]
          const row = key === undefined ? undefined : byKey.get(key)
          const here = item.index === selection.row
          const inArea = item.index >= area.top && item.index <= area.bottom
          return (
            <GridRow
              key={key ?? 'new'}
              grid={id}
              columns={columns}
              row={row ?? blank}
              index={item.index}
              top={item.start}
              template={template}
              faults={key === undefined ? undefined : source.faultsOf(key)}
              edited={row !== undefined && source.isEdited(row)}
              active={here ? selection.column : undefined}
              left={inArea ? area.left : undefined}
              right={inArea ? area.right : undefined}
              drags={source.drags}
              typing={here ? typing : undefined}
              onCell={props.onCell}
              onEdit={props.onEdit}
            />
          )
        })}
      </div>
    </div>
  )
}

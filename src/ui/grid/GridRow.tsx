import { memo } from 'react'
import type { CellRow } from '@/core/base/cells/cells'
import { gridHeadWords } from '@/words/screens/grid/gridFrame'
import textCss from '@/ui/text/text.module.css'
import { CellEditor, type CellTyping } from './CellEditor'
import styles from './GridRow.module.css'
import type { GridColumn, GridSource } from './gridSource'

export interface GridRowProps<Id extends string> {
  /** id of its grid; its cells' ids are made of it */
  readonly grid: string
  readonly columns: readonly GridColumn<Id>[]
  readonly row: CellRow<Id>
  /** place as it is seen, from 0 */
  readonly index: number
  readonly top: number
  /** widths of the columns, as CSS writes them */
  readonly template: string
  readonly faults: Readonly<Partial<Record<Id, unknown>>> | undefined
  readonly edited: boolean
  /** column of the cell in hand, when it is in this row */
  readonly active: number | undefined
  /** first and last column that are selected in this row */
  readonly left: number | undefined
  readonly right: number | undefined
  readonly drags: GridSource<Id, CellRow<Id>>['drags']
  readonly typing: CellTyping | undefined
  readonly onCell: (row: number, column: number, extend: boolean) => void
  readonly onEdit: (row: number, column: number) => void
}

export const cellId = (grid: string, row: number, column: number): string => `${grid}-${String(row)}-${String(column)}`

/** A row of a grid. A wrong cell is outlined and carries a sign; its words stand below the grid when the hand is on it. */
function PlainGridRow<Id extends string>(props: GridRowProps<Id>) {
  const { grid, columns, row, index, faults, active, left, right, typing, drags, onCell, onEdit } = props
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      aria-selected={active !== undefined}
      className={styles.gridRow}
      data-edited={props.edited || undefined}
      style={{ top: props.top, gridTemplateColumns: props.template }}
    >
      {columns.map(({ id, heading, show }, i) => {
        const text = row.text[id] ?? ''
        const wrong = faults?.[id] !== undefined
        const isTyped = typing !== undefined && active === i
        return (
          <div
            key={id}
            id={cellId(grid, index, i)}
            role="gridcell"
            aria-colindex={i + 1}
            aria-invalid={wrong || undefined}
            className={styles.gridCell}
            data-active={active === i || undefined}
            data-selected={(left !== undefined && right !== undefined && i >= left && i <= right) || undefined}
            data-wrong={wrong || undefined}
            draggable={id === drags?.column && text !== '' && !typing}
            onDragStart={drags && ((event) => event.dataTransfer.setData(drags.type, row.key))}
            onMouseDown={(event) => (isTyped ? undefined : onCell(index, i, event.shiftKey))}
            onDoubleClick={() => onEdit(index, i)}
          >
            {isTyped ? (
              <CellEditor {...typing} heading={heading} id={grid} />
            ) : (
              <>
                {wrong && (
                  <span className={textCss.fault} aria-label={gridHeadWords.wrong}>
                    ▲{' '}
                  </span>
                )}
                {show && !wrong && text !== '' ? show(text) : text}
              </>
            )}
          </div>
        )
      })}
    </div>
  )
}

// rows that nothing happened to are not drawn again; the cast keeps the column ids' type, which memo drops
export const GridRow = memo(PlainGridRow) as unknown as typeof PlainGridRow

import styles from './PlanGridRow.module.css'
import textCss from '@/ui/text/text.module.css'
import { memo } from 'react'
import { gridColumnIds, type GridColumnId } from '@/core/record/grid/columns'
import type { GridRow, RowProblems } from '@/core/record/grid/draft'
import { Swatch } from '@/ui/wire/Swatch'
import { CellEditor, type CellEdit } from './CellEditor'

export interface PlanGridRowProps {
  readonly row: GridRow
  readonly index: number
  readonly top: number
  readonly columns: string
  readonly problems: RowProblems | undefined
  readonly edited: boolean
  /** column of the cell in hand, when it is in this row */
  readonly active: number | undefined
  /** first and last column that are selected in this row */
  readonly left: number | undefined
  readonly right: number | undefined
  readonly editing: CellEdit | undefined
  readonly onCell: (row: number, column: number, extend: boolean) => void
  readonly onEdit: (row: number, column: number) => void
}

/** A wire of the grid. A wrong cell is outlined and carries a sign; its words stand below the grid when the hand is on it. */
export const PlanGridRow = memo(function PlanGridRow({
  row,
  index,
  top,
  columns,
  problems,
  edited,
  active,
  left,
  right,
  editing,
  onCell,
  onEdit,
}: PlanGridRowProps) {
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      aria-selected={active !== undefined}
      className={styles.gridRow}
      data-edited={edited || undefined}
      style={{ top, gridTemplateColumns: columns }}
    >
      {gridColumnIds.map((column, i) => {
        const problem = problems?.[column]
        return (
          <div
            key={column}
            id={`cell-${index}-${i}`}
            role="gridcell"
            aria-colindex={i + 1}
            aria-invalid={problem ? true : undefined}
            className={styles.gridCell}
            data-active={active === i || undefined}
            data-selected={(left !== undefined && right !== undefined && i >= left && i <= right) || undefined}
            data-wrong={problem ? true : undefined}
            draggable={column === 'id' && row.text.id !== '' && !editing}
            onDragStart={(event) => event.dataTransfer.setData('application/x-wire', row.key)}
            onMouseDown={(event) => (editing && active === i ? undefined : onCell(index, i, event.shiftKey))}
            onDoubleClick={() => onEdit(index, i)}
          >
            {editing && active === i ? (
              <CellEditor {...editing} column={column} />
            ) : (
              <CellText column={column} text={row.text[column]} wrong={problem !== undefined} />
            )}
          </div>
        )
      })}
    </div>
  )
})

function CellText({
  column,
  text,
  wrong,
}: {
  readonly column: GridColumnId
  readonly text: string
  readonly wrong: boolean
}) {
  return (
    <>
      {wrong && (
        <span className={textCss.fault} aria-label="wrong">
          ▲{' '}
        </span>
      )}
      {column === 'colour' && !wrong && text !== '' ? <Swatch colour={text} width={18} /> : text}
    </>
  )
}

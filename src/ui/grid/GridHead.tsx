import { UnstyledButton } from '@mantine/core'
import type { ColumnSort } from '@tanstack/react-table'
import { memo } from 'react'
import { gridHeadWords } from '@/words/screens/grid/gridFrame'
import styles from './Grid.module.css'
import type { GridColumn } from './gridSource'

/** The headings: each sorts up, down, and no more. */
export const GridHead = memo(function GridHead({
  columns,
  template,
  sorted,
  sort,
}: {
  readonly columns: readonly GridColumn<string>[]
  readonly template: string
  /** undefined: the rows stand as they came */
  readonly sorted: ColumnSort | undefined
  readonly sort: (column: string) => void
}) {
  return (
    <div role="row" aria-rowindex={1} className={styles.gridHead} style={{ gridTemplateColumns: template }}>
      {columns.map(({ id, heading, required = false }, i) => {
        const by = sorted?.id === id ? sorted : undefined
        return (
          <div
            key={id}
            role="columnheader"
            aria-colindex={i + 1}
            aria-sort={by === undefined ? 'none' : by.desc ? 'descending' : 'ascending'}
          >
            <UnstyledButton
              className={styles.sort}
              tabIndex={-1}
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => sort(id)}
            >
              {heading}
              {required && <span aria-label={gridHeadWords.needed}> *</span>}
              {by !== undefined && <span aria-hidden="true"> {by.desc ? '▾' : '▴'}</span>}
            </UnstyledButton>
          </div>
        )
      })}
    </div>
  )
})

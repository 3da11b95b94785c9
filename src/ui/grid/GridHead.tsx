import { UnstyledButton } from '@mantine/core'
import { gridHeadWords } from '@/words/screens/grid/gridFrame'
import styles from './Grid.module.css'

export interface GridHeading {
  readonly id: string
  readonly heading: string
  readonly required: boolean
  readonly sorted: false | 'asc' | 'desc'
  readonly sort: () => void
}

/** The headings: each sorts up, down, and no more. */
export function GridHead({
  headings,
  template,
}: {
  readonly headings: readonly GridHeading[]
  readonly template: string
}) {
  return (
    <div role="row" aria-rowindex={1} className={styles.gridHead} style={{ gridTemplateColumns: template }}>
      {headings.map(({ id, heading, required, sorted, sort }, i) => (
        <div
          key={id}
          role="columnheader"
          aria-colindex={i + 1}
          aria-sort={sorted === false ? 'none' : sorted === 'asc' ? 'ascending' : 'descending'}
        >
          <UnstyledButton
            className={styles.sort}
            tabIndex={-1}
            onMouseDown={(event) => event.preventDefault()}
            onClick={sort}
          >
            {heading}
            {required && <span aria-label={gridHeadWords.needed}> *</span>}
            {sorted !== false && <span aria-hidden="true"> {sorted === 'desc' ? '▾' : '▴'}</span>}
          </UnstyledButton>
        </div>
      ))}
    </div>
  )
}

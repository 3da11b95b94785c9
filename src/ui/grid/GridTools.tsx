import { Button, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { memo, type RefObject } from 'react'
import { type GridWords, gridHeadWords } from '@/words/screens/grid/gridFrame'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './Grid.module.css'

/** Above the cells: the filter, how much there is and what is wrong with it, back and forth, rows in and out. */
export const GridTools = memo(function GridTools({
  words,
  filter,
  setFilter,
  leaveFilter,
  filterBox,
  seen,
  all,
  faulty,
  unsaved,
  undo,
  redo,
  add,
  remove,
}: {
  readonly words: GridWords
  readonly filter: string
  readonly setFilter: (text: string) => void
  readonly leaveFilter: () => void
  readonly filterBox: RefObject<HTMLInputElement | null>
  readonly seen: number
  readonly all: number
  readonly faulty: number
  readonly unsaved: number
  /** undefined: there is nothing to go back to */
  readonly undo: (() => void) | undefined
  readonly redo: (() => void) | undefined
  readonly add: () => void
  readonly remove: (() => void) | undefined
}) {
  return (
    <div className={clsx(paneCss.panelHead, styles.gridTools)}>
      <TextInput
        aria-label={gridHeadWords.filter(words)}
        className={styles.gridFilter}
        ref={filterBox}
        placeholder={words.filterHint}
        value={filter}
        onChange={(event) => setFilter(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && leaveFilter()}
      />
      <span className={clsx(textCss.small, styles.gridCount)} role="status">
        {gridHeadWords.count(words, seen, all)}
        {faulty > 0 && <b className={textCss.fault}> · ▲ {gridHeadWords.toMend(faulty)}</b>}
        {unsaved > 0 && ` · ${gridHeadWords.unsaved(unsaved)}`}
      </span>
      <span className={styles.gridButtons}>
        <Button variant="subtle" onClick={undo} disabled={!undo}>
          {gridHeadWords.undo}
        </Button>
        <Button variant="subtle" onClick={redo} disabled={!redo}>
          {gridHeadWords.redo}
        </Button>
        <Button variant="subtle" onClick={add}>
          {gridHeadWords.add(words)}
        </Button>
        {remove && (
          <Button variant="subtle" onClick={remove}>
            {gridHeadWords.remove(words)}
          </Button>
        )}
      </span>
    </div>
  )
})

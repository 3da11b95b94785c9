'use client'
import { useVirtualizer } from '@tanstack/react-virtual'
import clsx from 'clsx'
import { useCallback, useId, useMemo, useRef } from 'react'
import type { CellRow } from '@/core/base/cells/cells'
import { useKeys } from '@/ui/keys/KeyProvider'
import { useAfterLayout } from '@/ui/later/useAfterLayout'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { gridHeadWords, type GridWords, gridKeyWords } from '@/words/screens/grid/gridFrame'
import styles from './Grid.module.css'
import { GridCells } from './GridCells'
import { GridTools } from './GridTools'
import { runGridKey } from './gridKeys'
import { at, rectangle } from './gridSelection'
import type { GridSource } from './gridSource'
import { useGridEdits } from './useGridEdits'
import { type HeldRow, reveal, useGridHand } from './useGridHand'
import { useGridRows } from './useGridRows'
import { useSteady } from '../useSteady'
import { useTableText } from './useTableText'

const ROW_PX = 34
const HEAD_PX = 35
const heights = { rowPx: ROW_PX, headPx: HEAD_PX }

export interface GridProps<Id extends string, Row extends CellRow<Id>> {
  readonly source: GridSource<Id, Row>
  readonly words: GridWords
  readonly held?: HeldRow
  /** rows that differ from what is kept, gone ones included */
  readonly unsaved?: number
  /** a grid that is all there is to see fills its pane; another is as high as its rows, up to a limit */
  readonly fills?: boolean
  /** what people paste is a file's text: cells may be parted by commas */
  readonly takesFiles?: boolean
  /** rows can be taken out by a button, besides Ctrl Delete */
  readonly removes?: boolean
}

/** Rows of cells that are worked like a spreadsheet: type, paste, fill down, undo, sort, filter; only the rows in sight are drawn. */
export function Grid<Id extends string, Row extends CellRow<Id>>(props: GridProps<Id, Row>) {
  const { source, words, held, unsaved = 0, fills = false, takesFiles = false, removes = false } = props
  const id = useId()
  const box = useRef<HTMLDivElement>(null)
  const filterBox = useRef<HTMLInputElement>(null)
  const readTable = useTableText()
  const { table, keys, sorted, filter, setFilter } = useGridRows(source)
  const byKey = useMemo(() => new Map(source.rows.map((row) => [row.key, row])), [source.rows])
  const places = useMemo(() => new Map(keys.map((key, i) => [key, i])), [keys])
  const hand = useGridHand(keys, source.columns, places, held)
  const { selection } = hand
  const area = rectangle(selection)
  const edits = useGridEdits(source, keys, byKey, selection, area)
  const virtual = useVirtualizer({
    count: keys.length + 1,
    getScrollElement: () => box.current,
    estimateSize: () => ROW_PX,
    overscan: 3,
    initialRect: { width: 700, height: 520 },
  })
  const { toRow, toColumn } = selection
  useAfterLayout(
    () => reveal(box, source.columns, { row: Math.min(toRow, keys.length), column: toColumn }, heights),
    `${String(toRow)} ${String(toColumn)} ${String(keys.length)}`,
  )

  const toCells = useCallback(() => box.current?.focus({ preventScroll: true }), [])
  const add = useSteady(() => {
    hand.takeNew(edits.add(), 1)
    toCells()
  })
  const remove = useSteady(edits.remove)
  const faulty = useMemo(() => source.rows.filter((row) => source.faultsOf(row.key) !== undefined).length, [source])
  useKeys([
    { key: 'j', words: gridKeyWords.next(words), run: () => hand.step(1, 0, false, false) },
    { key: 'k', words: gridKeyWords.previous(words), run: () => hand.step(-1, 0) },
    { key: 'ArrowDown', words: '', run: () => hand.step(1, 0, false, false) },
    { key: 'ArrowUp', words: '', run: () => hand.step(-1, 0) },
    { key: 'c', words: gridKeyWords.cells, run: () => box.current?.focus() },
    { key: 'ctrl+z', words: gridKeyWords.undo(words), run: source.undo },
    { key: 'ctrl+y', words: gridKeyWords.redo(words), run: source.redo },
    { key: '/', words: gridHeadWords.filter(words), run: () => filterBox.current?.focus() },
  ])
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (edits.typing || event.nativeEvent.isComposing) return
    const done = runGridKey(event, {
      ...edits,
      step: hand.step,
      all: hand.all,
      add,
      change: () => edits.change(),
      redo: source.redo,
    })
    if (!done) return
    event.preventDefault()
    event.stopPropagation()
  }
  const onClipboard = (event: React.ClipboardEvent, run: (clipboard: DataTransfer) => void) => {
    if (edits.typing) return
    event.preventDefault()
    run(event.clipboardData)
  }
  const onCell = useSteady((row: number, column: number, extend: boolean) =>
    hand.go(extend ? { ...selection, toRow: Math.min(row, keys.length - 1), toColumn: column } : at(row, column)),
  )
  const onEdit = useSteady((row: number, column: number) => {
    hand.go(at(row, column))
    edits.change(byKey.get(keys[row] ?? ''), source.columns[column]?.id)
  })
  const wrong = edits.key !== undefined && edits.column !== undefined && source.faultWords(edits.key, edits.column)
  return (
    <section className={clsx(paneCss.panel, fills ? paneCss.panelFill : styles.short)} aria-label={words.label}>
      <GridTools
        words={words}
        filter={filter}
        setFilter={setFilter}
        leaveFilter={toCells}
        filterBox={filterBox}
        seen={keys.length}
        all={source.rows.length}
        faulty={faulty}
        unsaved={unsaved}
        undo={source.canUndo ? source.undo : undefined}
        redo={source.canRedo ? source.redo : undefined}
        add={add}
        remove={removes && edits.key !== undefined ? remove : undefined}
      />
      <GridCells
        id={id}
        ref={box}
        label={words.label}
        source={source}
        table={table}
        sorted={sorted}
        keys={keys}
        byKey={byKey}
        virtual={virtual}
        selection={selection}
        area={area}
        typing={
          edits.typing && {
            ...edits.typing,
            suggestions: edits.suggestions,
            commit: (text, byRows, byColumns) => {
              edits.put(text)
              hand.step(byRows, byColumns)
              toCells()
            },
            cancel: () => {
              edits.leave()
              toCells()
            },
          }
        }
        onKeyDown={onKeyDown}
        onCell={onCell}
        onEdit={onEdit}
        onCopy={(event) => onClipboard(event, (clipboard) => clipboard.setData('text/plain', edits.copy()))}
        onCut={(event) =>
          onClipboard(event, (clipboard) => {
            clipboard.setData('text/plain', edits.copy())
            edits.clear()
          })
        }
        onPaste={(event) =>
          onClipboard(event, (clipboard) =>
            readTable(clipboard.getData('text/plain'), takesFiles ? 'file' : 'clipboard', edits.paste),
          )
        }
      />
      <div className={styles.gridFoot} role="status" aria-live="polite">
        {wrong ? (
          <span className={textCss.fault}>
            <b>▲ {source.columns[selection.column]?.heading}:</b> {wrong}
          </span>
        ) : (
          <span className={textCss.dim}>{edits.column !== undefined && source.hint(edits.column, edits.active)}</span>
        )}
      </div>
    </section>
  )
}

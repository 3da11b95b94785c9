'use client'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import styles from './PlanGrid.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, TextInput, UnstyledButton } from '@mantine/core'
import { useVirtualizer } from '@tanstack/react-virtual'
import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { gridColumnIds, gridColumns, tidyCell, type GridColumnId } from '@/core/record/grid/columns'
import { freeCavities, freeColour, isEdited, newRow, nextId, readRow, type GridRow } from '@/core/record/grid/draft'
import {
  copyBlock,
  fillDown,
  pasteBlock,
  removeRows,
  setCells,
  viewKeys,
  type GridView,
} from '@/core/record/grid/edits'
import type { GridNames } from '@/core/record/grid/gridNames'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list, plural } from '@/words/figures'
import { gridProblemWords } from '@/words/grid'
import { at, columnsOf, moved, rectangle, type GridSelection } from './gridSelection'
import { PlanGridRow } from './PlanGridRow'
import { clipboardSeparators, useTableText } from '@/ui/sheet/useTableText'
import type { GridDraft } from './useGridDraft'
import { useSteady } from './useSteady'

const ROW_PX = 34
const HEAD_PX = 35
const PAGE_ROWS = 12
const widths: Readonly<Record<GridColumnId, number>> = {
  id: 66,
  type: 86,
  colour: 92,
  from: 92,
  to: 92,
  length: 84,
  signal: 150,
  current: 70,
  group: 96,
  note: 180,
}
const columns = gridColumnIds.map((id) => `${String(widths[id])}px`).join(' ')
const lefts = gridColumnIds.map((_, i) => gridColumnIds.slice(0, i).reduce((sum, id) => sum + widths[id], 0))
const totalWidth = Object.values(widths).reduce((sum, one) => sum + one, 0)

export interface PlanGridProps {
  readonly draft: GridDraft
  readonly names: GridNames
  /** wire in hand, by row key */
  readonly selected: string | undefined
  readonly onSelect: (key: string) => void
  readonly onSave: () => void
}

/** The pinout as a grid that is worked like a spreadsheet: type, paste, fill down, undo; only the rows in sight are drawn. */
export function PlanGrid({ draft, names, selected, onSelect, onSave }: PlanGridProps) {
  const { rows, reading, edit } = draft
  const [view, setView] = useState<GridView>({ filter: '' })
  const faulty = useCallback((key: string) => Object.keys(reading.byKey.get(key)?.problems ?? {}).length > 0, [reading])
  // while a view is sorted or filtered, a row that is edited stays where it is until the view is asked for again
  const keys = useStableKeys(rows, view, faulty)
  const byKey = useMemo(() => new Map(rows.map((row) => [row.key, row])), [rows])
  const places = useMemo(() => new Map(keys.map((key, i) => [key, i])), [keys])
  const [selection, setSelection] = useState<GridSelection>(at(0, 0))
  const [typing, setTyping] = useState<{ readonly initial: string; readonly typed: boolean }>()
  const readTable = useTableText()
  const told = useRef<readonly string[]>([])
  const box = useRef<HTMLDivElement>(null)
  const filterBox = useRef<HTMLInputElement>(null)
  const virtual = useVirtualizer({
    count: keys.length + 1,
    getScrollElement: () => box.current,
    estimateSize: () => ROW_PX,
    overscan: 3,
    initialRect: { width: 700, height: 520 },
  })

  const go = useCallback(
    (next: GridSelection) => {
      setSelection(next)
      const key = keys[next.row]
      if (key === undefined) return
      told.current = [...told.current, key]
      // the grid first, then what stands beside it
      startTransition(() => onSelect(key))
    },
    [keys, onSelect],
  )

  // what is selected elsewhere, on the face or by a link, is where the hand is; what this grid said itself comes back late and is no news
  useEffect(() => {
    const news = selected === undefined || !told.current.includes(selected)
    if (!news && told.current.at(-1) !== selected) return
    told.current = news ? [] : told.current.slice(-1)
    const place = selected === undefined ? undefined : places.get(selected)
    if (place !== undefined) setSelection((now) => (now.row === place ? now : at(place, now.column)))
  }, [selected, places])
  useEffect(() => {
    if (box.current) reveal(box.current, Math.min(selection.toRow, keys.length), selection.toColumn)
  }, [selection.toRow, selection.toColumn, keys.length])

  const area = rectangle(selection)
  const activeKey = keys[selection.row]
  const activeColumn = gridColumnIds[selection.column] ?? 'id'
  const active = activeKey === undefined ? undefined : byKey.get(activeKey)
  const selectedKeys = useMemo(() => keys.slice(area.top, area.bottom + 1), [keys, area.top, area.bottom])

  const ghost = useGhostRow(rows, names, byKey.get(keys[keys.length - 1] ?? ''))
  const commit = useCallback(
    (text: string, byRows: number, byColumns: number) => {
      setTyping(undefined)
      edit((now) => {
        if (activeKey !== undefined)
          return setCells(now, [{ key: activeKey, column: activeColumn, text: tidyCell(activeColumn, text, names) }])
        return text.trim() === ''
          ? now
          : [...now, newRow(draft.newKey(), { ...ghost, [activeColumn]: tidyCell(activeColumn, text, names) })]
      })
      go(moved(selection, keys.length + 1, byRows, byColumns, false))
      box.current?.focus({ preventScroll: true })
    },
    [activeColumn, activeKey, draft, edit, ghost, go, keys.length, names, selection],
  )
  const cancel = useCallback(() => {
    setTyping(undefined)
    box.current?.focus({ preventScroll: true })
  }, [])
  const begin = (initial: string, typed: boolean) => setTyping({ initial, typed })
  const paste = (block: readonly (readonly string[])[]) => {
    const single = block.length === 1 && block[0]?.length === 1 && selectedKeys.length * columnsOf(area).length > 1
    if (single)
      edit((now) =>
        setCells(
          now,
          selectedKeys.flatMap((key) =>
            columnsOf(area).map((column) => ({ key, column, text: tidyCell(column, block[0]?.[0] ?? '', names) })),
          ),
        ),
      )
    else
      edit((now) =>
        pasteBlock(now, keys, { row: area.top, column: columnsOf(area)[0] ?? 'id' }, block, draft.newKey, names),
      )
  }
  const clear = () =>
    edit((now) =>
      setCells(
        now,
        selectedKeys.flatMap((key) => columnsOf(area).map((column) => ({ key, column, text: '' }))),
      ),
    )
  const remove = () => edit((now) => removeRows(now, new Set(selectedKeys)))
  const addWire = useCallback(() => {
    const key = draft.newKey()
    edit((now) => [...now, newRow(key, ghost)])
    onSelect(key)
    setSelection(at(keys.length, 1))
    box.current?.focus({ preventScroll: true })
  }, [draft, edit, ghost, keys.length, onSelect])

  useKeys([
    { key: 'j', words: 'Next wire', run: () => go(moved(selection, keys.length - 1, 1, 0, false)) },
    { key: 'k', words: 'Previous wire', run: () => go(moved(selection, keys.length, -1, 0, false)) },
    { key: 'ArrowDown', words: '', run: () => go(moved(selection, keys.length - 1, 1, 0, false)) },
    { key: 'ArrowUp', words: '', run: () => go(moved(selection, keys.length, -1, 0, false)) },
    { key: 'c', words: 'Work in the cells (Escape leaves them)', run: () => box.current?.focus() },
    { key: 'ctrl+s', words: 'Save the plan', run: onSave },
    { key: 'ctrl+z', words: 'Undo in the pinout', run: draft.undo },
    { key: 'ctrl+y', words: 'Redo in the pinout', run: draft.redo },
    { key: '/', words: 'Filter the wires', run: () => filterBox.current?.focus() },
  ])

  const onKeyDown = (event: React.KeyboardEvent) => {
    if (typing || event.nativeEvent.isComposing) return
    const { key, shiftKey: shift } = event
    const ctrl = event.ctrlKey || event.metaKey
    const step = (byRows: number, byColumns: number) => go(moved(selection, keys.length, byRows, byColumns, shift))
    const moves: Readonly<Record<string, () => void>> = {
      ArrowDown: () => step(ctrl ? keys.length : 1, 0),
      ArrowUp: () => step(ctrl ? -keys.length : -1, 0),
      ArrowRight: () => step(0, ctrl ? 99 : 1),
      ArrowLeft: () => step(0, ctrl ? -99 : -1),
      PageDown: () => step(PAGE_ROWS, 0),
      PageUp: () => step(-PAGE_ROWS, 0),
      Home: () => step(ctrl ? -keys.length : 0, -99),
      End: () => step(ctrl ? keys.length - 1 - selection.row : 0, 99),
      Enter: () => (ctrl ? addWire() : begin(active?.text[activeColumn] ?? '', false)),
      F2: () => begin(active?.text[activeColumn] ?? '', false),
      Delete: () => (ctrl ? remove() : clear()),
      Backspace: () => (ctrl ? remove() : clear()),
    }
    const combos: Readonly<Record<string, () => void>> = {
      d: () => edit((now) => fillDown(now, selectedKeys, columnsOf(area), names)),
      a: () =>
        setSelection({ row: 0, column: 0, toRow: Math.max(0, keys.length - 1), toColumn: gridColumnIds.length - 1 }),
    }
    const run = moves[key] ?? (ctrl ? combos[key.toLowerCase()] : undefined)
    if (ctrl && shift && key.toLowerCase() === 'z') {
      event.preventDefault()
      event.stopPropagation()
      draft.redo()
    } else if (run) {
      event.preventDefault()
      event.stopPropagation()
      run()
    } else if (!ctrl && !event.altKey && key.length === 1) {
      event.preventDefault()
      begin(key, true)
    }
  }

  const suggestions = useMemo(
    () => (typing ? suggest(activeColumn, names, rows) : []),
    [typing, activeColumn, names, rows],
  )
  const problem = activeKey === undefined ? undefined : reading.byKey.get(activeKey)?.problems[activeColumn]
  const onCell = useSteady((row: number, column: number, extend: boolean) =>
    go(extend ? { ...selection, toRow: Math.min(row, keys.length - 1), toColumn: column } : at(row, column)),
  )
  const onEdit = useSteady((row: number, column: number) => {
    go(at(row, column))
    setTyping({ initial: byKey.get(keys[row] ?? '')?.text[gridColumnIds[column] ?? 'id'] ?? '', typed: false })
  })
  const sortBy = (column: GridColumnId) => {
    box.current?.focus({ preventScroll: true })
    setView(
      (now) =>
        ({
          ...now,
          ...(now.sort?.column !== column
            ? { sort: { column, down: false } }
            : now.sort.down
              ? { sort: undefined }
              : { sort: { column, down: true } }),
        }) as GridView,
    )
  }

  return (
    <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label="Pinout" style={{ minHeight: 0 }}>
      <div className={clsx(paneCss.sheetHead, styles.gridTools)}>
        <TextInput
          aria-label="Filter the wires"
          className={styles.gridFilter}
          ref={filterBox}
          placeholder="filter: colour:RD, is:fault"
          value={view.filter}
          onChange={(event) => setView((now) => ({ ...now, filter: event.target.value }))}
          onKeyDown={(event) => event.key === 'Enter' && box.current?.focus()}
        />
        <span className={clsx(textCss.small, styles.gridCount)} role="status">
          {keys.length < rows.length
            ? `${String(keys.length)} of ${plural(rows.length, 'wire')}`
            : plural(rows.length, 'wire')}
          {reading.faulty > 0 && <b className={textCss.fault}> · ▲ {reading.faulty} to mend</b>}
          {draft.edited > 0 && ` · ${String(draft.edited)} not saved`}
        </span>
        <span style={{ display: 'flex', gap: 2, whiteSpace: 'nowrap' }}>
          <Button variant="subtle" onClick={draft.undo} disabled={!draft.canUndo}>
            Undo
          </Button>
          <Button variant="subtle" onClick={draft.redo} disabled={!draft.canRedo}>
            Redo
          </Button>
          <Button variant="subtle" onClick={addWire}>
            Add wire
          </Button>
        </span>
      </div>
      <div
        ref={box}
        role="grid"
        aria-label="Pinout"
        aria-rowcount={keys.length + 2}
        aria-colcount={gridColumnIds.length}
        aria-multiselectable="true"
        aria-activedescendant={`cell-${String(selection.row)}-${String(selection.column)}`}
        tabIndex={0}
        data-own-keys
        className={styles.gridBox}
        onKeyDown={onKeyDown}
        onCopy={(event) => {
          if (typing) return
          event.preventDefault()
          event.clipboardData.setData('text/plain', copyBlock(rows, selectedKeys, columnsOf(area)))
        }}
        onCut={(event) => {
          if (typing) return
          event.preventDefault()
          event.clipboardData.setData('text/plain', copyBlock(rows, selectedKeys, columnsOf(area)))
          clear()
        }}
        onPaste={(event) => {
          if (typing) return
          event.preventDefault()
          const text = event.clipboardData.getData('text/plain')
          readTable(text, clipboardSeparators, paste)
        }}
      >
        <div
          role="row"
          aria-rowindex={1}
          className={styles.gridHead}
          style={{ gridTemplateColumns: columns, width: totalWidth }}
        >
          {gridColumnIds.map((id) => (
            <div
              key={id}
              role="columnheader"
              aria-sort={view.sort?.column === id ? (view.sort.down ? 'descending' : 'ascending') : 'none'}
            >
              <UnstyledButton
                className={styles.sort}
                tabIndex={-1}
                onMouseDown={(event) => event.preventDefault()}
                onClick={() => sortBy(id)}
              >
                {gridColumns[id].heading}
                {view.sort?.column === id && <span aria-hidden="true"> {view.sort.down ? '▾' : '▴'}</span>}
              </UnstyledButton>
            </div>
          ))}
        </div>
        <div role="presentation" style={{ height: virtual.getTotalSize(), width: totalWidth, position: 'relative' }}>
          {virtual.getVirtualItems().map((item) => {
            const key = keys[item.index]
            const row = key === undefined ? undefined : byKey.get(key)
            const here = item.index === selection.row
            const inArea = item.index >= area.top && item.index <= area.bottom
            return (
              <PlanGridRow
                key={key ?? 'new'}
                row={row ?? blankRow}
                index={item.index}
                top={item.start}
                columns={columns}
                problems={key === undefined ? undefined : reading.byKey.get(key)?.problems}
                edited={row !== undefined && isEdited(row)}
                active={here ? selection.column : undefined}
                left={inArea ? area.left : undefined}
                right={inArea ? area.right : undefined}
                editing={here && typing ? { ...typing, suggestions, commit, cancel } : undefined}
                onCell={onCell}
                onEdit={onEdit}
              />
            )
          })}
        </div>
      </div>
      <div className={styles.gridFoot} role="status" aria-live="polite">
        {problem ? (
          <span className={textCss.fault}>
            <b>▲ {gridColumns[activeColumn].heading}:</b> {gridProblemWords(problem, active?.text[activeColumn] ?? '')}
          </span>
        ) : (
          <span className={textCss.dim}>
            {active ? hint(activeColumn, active, rows, names) : `Type here for a new wire: it will be ${ghost.id}.`}
          </span>
        )}
      </div>
    </section>
  )
}

/** Scrolls as little as shows a cell below the headings. All rows are of one height, so nothing has to be measured. */
function reveal(box: HTMLElement, row: number, column: number): void {
  const seen = box.clientHeight - HEAD_PX
  const top = row * ROW_PX
  if (top < box.scrollTop) box.scrollTop = top
  else if (top + ROW_PX > box.scrollTop + seen) box.scrollTop = top + ROW_PX - seen
  const id = gridColumnIds[column]
  const left = lefts[column] ?? 0
  const right = left + (id ? widths[id] : 0)
  if (left < box.scrollLeft) box.scrollLeft = left
  else if (right > box.scrollLeft + box.clientWidth) box.scrollLeft = right - box.clientWidth
}

const blankRow: GridRow = newRow('')

/** Keys in the order of the view. Editing a cell does not move its row away under the hand: only another view, or rows that come or go, do. */
function useStableKeys(rows: readonly GridRow[], view: GridView, faulty: (key: string) => boolean): readonly string[] {
  const there = rows.map((row) => row.key).join('\n')
  // eslint-disable-next-line react-hooks/exhaustive-deps
  return useMemo(() => viewKeys(rows, view, faulty), [there, view])
}

/** What a new wire begins with: the next id, and what it is likely to share with the one above. */
function useGhostRow(
  rows: readonly GridRow[],
  names: GridNames,
  above: GridRow | undefined,
): Partial<GridRow['text']> & { readonly id: string } {
  return useMemo(() => {
    const wire = above && readRow(above, names).wire
    const place = (at: NonNullable<typeof wire>['from'] | undefined) => {
      if (at?.kind !== 'cavity') return 'open'
      const [free] = freeCavities(rows, names, at.end)
      return free === undefined ? 'open' : `${at.end}.${free}`
    }
    const end = wire?.from.kind === 'cavity' ? wire.from.end : [...names.ends.keys()][0]
    const [first] = end === undefined ? [] : freeCavities(rows, names, end)
    return {
      id: nextId(rows),
      type: above?.text.type ?? '',
      length: above?.text.length ?? '',
      colour: end === undefined ? '' : (freeColour(rows, names, end) ?? ''),
      from: wire ? place(wire.from) : end !== undefined && first !== undefined ? `${end}.${first}` : '',
      to: place(wire?.to),
    }
  }, [rows, names, above])
}

function suggest(column: GridColumnId, names: GridNames, rows: readonly GridRow[]): readonly string[] {
  switch (column) {
    case 'type':
      return [...names.wireAreasMm2.keys()]
    case 'from':
    case 'to':
      return [
        ...[...names.ends.keys()].flatMap((end) => freeCavities(rows, names, end).map((cavity) => `${end}.${cavity}`)),
        'open',
        ...new Set(names.terminals.values()),
      ].slice(0, 200)
    case 'group':
      return ['twist 1', 'screen A', 'cable 1']
    default:
      return []
  }
}

function hint(column: GridColumnId, row: GridRow, rows: readonly GridRow[], names: GridNames): string {
  const wire = readRow(row, names).wire
  switch (column) {
    case 'colour': {
      const end = wire?.from.kind === 'cavity' ? wire.from.end : undefined
      const free = end === undefined ? undefined : freeColour(rows, names, end)
      return free === undefined
        ? 'IEC letters, like RD, WH/BU or GNYE.'
        : `IEC letters, like RD or WH/BU. Not yet at ${String(end)}: ${free}.`
    }
    case 'from':
    case 'to':
      return `End and cavity like A.1, a terminal’s part number, “splice S1”, “with W03a”, or “open”. Free: ${list([...names.ends.keys()].map((end) => `${end} ${String(freeCavities(rows, names, end).length)}`))}.`
    case 'length':
      return 'A figure in mm, or with its unit: 1.2 m, 47 in.'
    case 'current':
      return 'The load that it carries, like 4.5 or 20 mA.'
    case 'group':
      return 'Wires that belong together: twist 1, screen A, cable 2.'
    case 'type':
      return 'A wire type of the shelf, or its printed size: 0.5 mm2, 20 awg.'
    default:
      return 'Enter edits, Tab goes on, Ctrl D fills down, Ctrl Delete takes the wire out, Escape leaves the cells.'
  }
}

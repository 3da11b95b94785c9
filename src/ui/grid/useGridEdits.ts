'use client'
import { useMemo, useState } from 'react'
import { type CellRow, cellOf, copyBlock, fillDown, pasteBlock, removeRows, setCells } from '@/core/base/cells/cells'
import type { GridSource } from './gridSource'
import type { GridSelection, Rectangle } from './gridSelection'

/** What the hand does to the cells that it has: types, pastes, fills, clears, takes rows out. */
export function useGridEdits<Id extends string, Row extends CellRow<Id>>(
  source: GridSource<Id, Row>,
  seen: readonly string[],
  byKey: ReadonlyMap<string, Row>,
  selection: GridSelection,
  area: Rectangle,
) {
  const { columns, edit, tidy } = source
  const ids = columns.map((column) => column.id)
  const here = ids.slice(area.left, area.right + 1)
  const rows = useMemo(() => seen.slice(area.top, area.bottom + 1), [seen, area.top, area.bottom])
  const key = seen[selection.row]
  const column = ids[selection.column] ?? ids[0]
  const { setTyping, ...cell } = useTyping(source, column)
  const [active, above] = [byKey.get(key ?? ''), byKey.get(seen.at(-1) ?? '')]
  const freshRow = (more?: Readonly<Partial<Record<Id, string>>>) => source.newRow({ ...source.begins(above), ...more })

  const put = (text: string) => {
    setTyping(undefined)
    if (column === undefined) return
    edit((now) => {
      if (key !== undefined) return setCells(now, [{ key, column, text: tidy(column, text) }])
      if (text.trim() === '') return now
      return [...now, freshRow({ [column]: tidy(column, text) } as Partial<Record<Id, string>>)]
    })
  }
  const everywhere = (text: (column: Id) => string) => {
    const cells = rows.flatMap((one) => here.map((id) => ({ key: one, column: id, text: text(id) })))
    edit((now) => setCells(now, cells))
  }
  const paste = (block: readonly (readonly string[])[]) => {
    const [first] = here
    if (first === undefined) return
    const at = { row: area.top, column: first }
    const only = block.length === 1 && block[0]?.length === 1 ? block[0][0] : undefined
    if (only !== undefined && rows.length * here.length > 1) everywhere((id) => tidy(id, only))
    else if (source.paste) source.paste(block, at, seen)
    else edit((now) => pasteBlock(now, { seen, columns: ids, at, block, newRow: source.newRow, tidy }))
  }
  return {
    active,
    key,
    column,
    ...cell,
    /** the cell in hand, or another one, as it stands */
    change: (row = active, at = column) =>
      setTyping({ initial: at === undefined ? '' : cellOf(row, at), typed: false }),
    put,
    paste,
    clear: () => everywhere(() => ''),
    remove: () => edit((now) => removeRows(now, new Set(rows))),
    fill: () => edit((now) => fillDown(now, rows, here, source.following)),
    copy: () => copyBlock(source.rows, rows, here),
    add: () => {
      const fresh = freshRow()
      edit((now) => [...now, fresh])
      return fresh.key
    },
  }
}

/** The cell that is being typed into, and what its column suggests. */
function useTyping<Id extends string, Row extends CellRow<Id>>(source: GridSource<Id, Row>, column: Id | undefined) {
  const [typing, setTyping] = useState<{ readonly initial: string; readonly typed: boolean }>()
  const suggestions = useMemo(
    () => (typing && column !== undefined ? source.suggestions(column) : []),
    [typing, column, source],
  )
  return {
    typing,
    setTyping,
    suggestions,
    type: (initial: string) => setTyping({ initial, typed: true }),
    leave: () => setTyping(undefined),
  }
}

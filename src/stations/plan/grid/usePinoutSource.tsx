'use client'
import { useMemo } from 'react'
import { gridColumnIds, gridColumns, tidyCell, type GridColumnId } from '@/core/record/grid/columns'
import {
  freeCavities,
  freeColour,
  isEdited,
  newRow,
  nextId,
  readRow,
  type GridRow,
  type RowProblems,
} from '@/core/record/grid/draft'
import { pasteBlock } from '@/core/base/cells/cells'
import { pasteHeaded } from '@/core/record/grid/pasteHeaded'
import { following } from '@/core/record/grid/following'
import type { GridNames } from '@/core/record/grid/gridNames'
import type { GridColumn, GridSource } from '@/ui/grid/gridSource'
import { WIRE_DRAGGED } from '@/ui/face/FaceDrawing'
import { Swatch } from '@/ui/wire/Swatch'
import { gridProblemWords, pinoutHints } from '@/words/grid'
import type { GridDraft } from './useGridDraft'

const widthsPx: Readonly<Record<GridColumnId, number>> = {
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
const columns: readonly GridColumn<GridColumnId>[] = gridColumnIds.map((id) => ({
  id,
  heading: gridColumns[id].heading,
  widthPx: widthsPx[id],
  ...(id === 'colour' && { show: (text: string) => <Swatch colour={text} width={18} /> }),
}))
const drags = { column: 'id', type: WIRE_DRAGGED } as const
/** A cell can say so many places that a list of all of them is no help. */
const SUGGESTED = 200

/** The pinout as a grid takes it. */
export function usePinoutSource(draft: GridDraft, names: GridNames): GridSource<GridColumnId, GridRow> {
  const { rows, reading, edit, undo, redo, canUndo, canRedo, newKey } = draft
  return useMemo(() => {
    const faultsOf = (key: string): RowProblems | undefined => {
      const problems = reading.byKey.get(key)?.problems
      return problems && Object.keys(problems).length > 0 ? problems : undefined
    }
    const byKey = new Map(rows.map((row) => [row.key, row]))
    return {
      columns,
      rows,
      edit,
      undo,
      redo,
      canUndo,
      canRedo,
      newRow: (text) => newRow(newKey(), text),
      tidy: (column, said) => tidyCell(column, said, names),
      following: following(names),
      paste: (block, at, seen) => {
        const tidy = (column: GridColumnId, said: string) => tidyCell(column, said, names)
        const fresh = (text: Partial<GridRow['text']>) => newRow(newKey(), text)
        edit(
          (now) =>
            pasteHeaded(now, block, { seen, from: at.row }, { newRow: fresh, tidy }) ??
            pasteBlock(now, { seen, columns: gridColumnIds, at, block, newRow: fresh, tidy }),
        )
      },
      faultsOf,
      faultWords: (key, column) => {
        const problem = faultsOf(key)?.[column]
        return problem && gridProblemWords(problem, byKey.get(key)?.text[column] ?? '')
      },
      isEdited,
      suggestions: (column) => suggest(column, rows, names),
      hint: (column, row) => (row ? hint(column, row, rows, names) : pinoutHints.newWire(nextId(rows))),
      begins: (above) => beginning(rows, names, above),
      drags,
    }
  }, [rows, reading, edit, undo, redo, canUndo, canRedo, newKey, names])
}

/** What a new wire begins with: the next id, and what it is likely to share with the one above. */
function beginning(rows: readonly GridRow[], names: GridNames, above: GridRow | undefined): Partial<GridRow['text']> {
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
}

function suggest(column: GridColumnId, rows: readonly GridRow[], names: GridNames): readonly string[] {
  switch (column) {
    case 'type':
      return [...names.wireAreasMm2.keys()]
    case 'from':
    case 'to':
      return [
        ...[...names.ends.keys()].flatMap((end) => freeCavities(rows, names, end).map((cavity) => `${end}.${cavity}`)),
        'open',
        ...new Set(names.terminals.values()),
      ].slice(0, SUGGESTED)
    case 'group':
      return ['twist 1', 'screen A', 'cable 1']
    default:
      return []
  }
}

function hint(column: GridColumnId, row: GridRow, rows: readonly GridRow[], names: GridNames): string {
  if (column === 'colour') {
    const wire = readRow(row, names).wire
    const end = wire?.from.kind === 'cavity' ? wire.from.end : undefined
    return pinoutHints.colour(end, end === undefined ? undefined : freeColour(rows, names, end))
  }
  if (column === 'from' || column === 'to')
    return pinoutHints.place(
      [...names.ends.keys()].map((end) => ({ end, free: freeCavities(rows, names, end).length })),
    )
  return pinoutHints.of(column)
}

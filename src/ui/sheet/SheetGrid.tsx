'use client'
import { useCallback, useMemo, useState } from 'react'
import { countOn } from '@/core/base/cells/cells'
import {
  isBlankRow,
  layPasted,
  pasteIntoSheet,
  type SheetColumn,
  type SheetProblem,
  type SheetRow,
} from '@/core/parts/sheets/sheet'
import { Grid } from '@/ui/grid/Grid'
import type { GridColumn, GridSource } from '@/ui/grid/gridSource'
import { useHistory } from '@/ui/grid/useHistory'
import { useSteady } from '@/ui/useSteady'
import { sheetNotes, sheetProblemWords, sheetWords } from '@/words/sheets'

export interface SheetGridProps {
  readonly label: string
  readonly columns: readonly SheetColumn[]
  readonly rows: readonly SheetRow[]
  readonly problemAt: (row: number, column: string) => SheetProblem | undefined
  readonly onChange: (rows: readonly SheetRow[]) => void
  /** the row that is in hand at first, from 0 */
  readonly first?: number | undefined
  /** the row in hand has changed */
  readonly onRow?: ((row: number) => void) | undefined
  /** ids that a column of ids may say */
  readonly offered?: ((column: string) => readonly string[]) | undefined
}

const NONE_OFFERED = (): readonly string[] => []

/** A row of a sheet has no name of its own: it goes by its place. */
interface PlacedRow {
  readonly key: string
  readonly text: SheetRow
}

const placed = (rows: readonly SheetRow[]): readonly PlacedRow[] => rows.map((text, i) => ({ key: String(i), text }))
const YES_NO = ['yes', 'no'] as const
/** A column is at least and at most so many letters wide. */
const NARROWEST = 5
const WIDEST = 24
const LETTER_PX = 8.5
const PADDING_PX = 26

/** As wide as the heading and what stands below it, within reason. */
const widthPx = (column: SheetColumn, rows: readonly SheetRow[]) =>
  Math.round(
    Math.max(
      column.heading.length + (column.required ? 2 : 0),
      Math.min(WIDEST, Math.max(NARROWEST, ...rows.map((row) => (row[column.id] ?? '').length))),
    ) *
      LETTER_PX +
      PADDING_PX,
  )

/** A table of a data sheet: typed into, or pasted into from a spreadsheet with its headings or without. */
export function SheetGrid({
  label,
  columns,
  rows,
  problemAt,
  onChange,
  first,
  onRow,
  offered = NONE_OFFERED,
}: SheetGridProps) {
  const offers = useSteady(offered)
  const [selected, setSelected] = useState(first === undefined || first < 0 ? undefined : String(first))
  const [note, setNote] = useState<string>()
  const { change, undo, redo, canUndo, canRedo } = useHistory(rows, onChange)
  const edit = useCallback(
    (next: (rows: readonly PlacedRow[]) => readonly PlacedRow[]) => {
      setNote(undefined)
      change((now) => next(placed(now)).map((row) => row.text))
    },
    [change],
  )
  const paste = useCallback(
    (
      block: readonly (readonly string[])[],
      at: { readonly row: number; readonly column: string },
      seen: readonly string[],
    ) => {
      const pasted = pasteIntoSheet(columns, block, at.column)
      change((now) => layPasted(now, pasted.rows, seen.map(Number), at.row))
      setNote(sheetNotes.pasted(pasted.rows.length, pasted.byHeadings, pasted.ignored))
    },
    [columns, change],
  )
  const shown = useMemo(
    (): readonly GridColumn<string>[] =>
      columns.map((column) => ({
        id: column.id,
        heading: column.heading,
        required: column.required,
        widthPx: widthPx(column, rows),
      })),
    // widths stay while a row is typed into
    // oxlint-disable-next-line react/exhaustive-deps
    [columns, rows.length],
  )
  const faults = useMemo(
    () =>
      rows.map((row, i) => {
        if (isBlankRow(row)) return undefined
        const wrong = columns.flatMap(({ id }) => {
          const problem = problemAt(i, id)
          return problem ? [[id, problem] as const] : []
        })
        return wrong.length === 0 ? undefined : Object.fromEntries(wrong)
      }),
    [rows, columns, problemAt],
  )
  const source = useMemo(
    (): GridSource<string, PlacedRow> => ({
      columns: shown,
      rows: placed(rows),
      edit,
      undo,
      redo,
      canUndo,
      canRedo,
      // a new row is the last one
      newRow: (text) => ({ key: String(rows.length), text: text as SheetRow }),
      tidy: (_column, said) => said.trim(),
      following: (column, text, by) => (column === columns[0]?.id ? countOn(text, by) : text),
      paste,
      faultsOf: (key) => faults[Number(key)],
      faultWords: (key, column) => {
        const problem = faults[Number(key)]?.[column]
        return problem && sheetProblemWords(problem)
      },
      isEdited: () => false,
      suggestions: (column) => {
        const cell = columns.find((one) => one.id === column)?.cell
        return cell?.kind === 'choice' ? cell.of : cell?.kind === 'yes-no' ? YES_NO : offers(column)
      },
      hint: () => note ?? sheetNotes.begin,
      begins: () => ({}),
    }),
    [shown, rows, edit, undo, redo, canUndo, canRedo, columns, paste, faults, note, offers],
  )
  return (
    <Grid
      source={source}
      words={sheetWords(label)}
      held={{
        selected,
        onSelect: (key) => {
          setSelected(key)
          onRow?.(Number(key))
        },
      }}
      takesFiles
      removes
    />
  )
}

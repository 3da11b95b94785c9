import { type GridColumnId, type GridText, gridColumnIds, tidyCell } from './columns'
import { type GridRow, countOn, newRow } from './draft'
import type { GridNames } from './gridNames'

/** What hands do to a grid. Each takes the rows and gives new ones; rows that are not touched stay the same objects. */

export interface CellEdit {
  readonly key: string
  readonly column: GridColumnId
  readonly text: string
}

export function setCells(rows: readonly GridRow[], edits: readonly CellEdit[]): readonly GridRow[] {
  const byKey = new Map<string, Partial<Record<GridColumnId, string>>>()
  for (const { key, column, text } of edits) byKey.set(key, { ...byKey.get(key), [column]: text })
  return rows.map((row) => {
    const edit = byKey.get(row.key)
    if (!edit || Object.entries(edit).every(([column, text]) => row.text[column as GridColumnId] === text)) return row
    return { ...row, text: { ...row.text, ...edit } }
  })
}

export const removeRows = (rows: readonly GridRow[], keys: ReadonlySet<string>): readonly GridRow[] =>
  rows.filter((row) => !keys.has(row.key))

/** New rows after the one with that key, or at the end. */
export function insertRows(
  rows: readonly GridRow[],
  after: string | undefined,
  added: readonly GridRow[],
): readonly GridRow[] {
  const at = after === undefined ? -1 : rows.findIndex((row) => row.key === after)
  return at < 0 ? [...rows, ...added] : [...rows.slice(0, at + 1), ...added, ...rows.slice(at + 1)]
}

/**
 * Puts a block of cells over the grid, from a cell to the right and down in the order in which rows are seen. Below the
 * last row it makes new ones. A single cell fills the whole selection.
 * @param newKey makes keys for new rows
 */
export function pasteBlock(
  rows: readonly GridRow[],
  seen: readonly string[],
  at: { readonly row: number; readonly column: GridColumnId },
  block: readonly (readonly string[])[],
  newKey: () => string,
  names: GridNames,
): readonly GridRow[] {
  const firstColumn = gridColumnIds.indexOf(at.column)
  const cellsOf = (line: readonly string[]): Partial<GridText> =>
    Object.fromEntries(
      line.flatMap((text, i) => {
        const column = gridColumnIds[firstColumn + i]
        return column === undefined ? [] : [[column, tidyCell(column, text, names)]]
      }),
    )
  const edits: CellEdit[] = []
  const added: GridRow[] = []
  block.forEach((line, i) => {
    const key = seen[at.row + i]
    const cells = cellsOf(line)
    if (key === undefined) added.push(newRow(newKey(), cells))
    else edits.push(...Object.entries(cells).map(([column, text]) => ({ key, column: column as GridColumnId, text })))
  })
  return [...setCells(rows, edits), ...added]
}

/** The top cell of each column over the ones below it; ids and cavities count on, since no two may be alike. */
export function fillDown(
  rows: readonly GridRow[],
  keys: readonly string[],
  columns: readonly GridColumnId[],
  names: GridNames,
): readonly GridRow[] {
  const top = rows.find((row) => row.key === keys[0])
  if (!top) return rows
  const edits = keys
    .slice(1)
    .flatMap((key, i) =>
      columns.map((column): CellEdit => ({ key, column, text: following(column, top.text[column], i + 1, names) })),
    )
  return setCells(rows, edits)
}

function following(column: GridColumnId, text: string, by: number, names: GridNames): string {
  if (column === 'id') return countOn(text, by)
  if (column !== 'from' && column !== 'to') return text
  const dot = text.lastIndexOf('.')
  const end = dot < 0 ? undefined : names.ends.get(text.slice(0, dot))
  const at = end?.cavities.indexOf(text.slice(dot + 1)) ?? -1
  const next = at < 0 ? undefined : end?.cavities[at + by]
  return end && next !== undefined ? `${end.id}.${next}` : text
}

/** Cells as text for a spreadsheet: a line a row, tabs between. */
export const copyBlock = (
  rows: readonly GridRow[],
  keys: readonly string[],
  columns: readonly GridColumnId[],
): string => {
  const byKey = new Map(rows.map((row) => [row.key, row]))
  return keys.map((key) => columns.map((column) => cellText(byKey.get(key)?.text[column] ?? '')).join('\t')).join('\n')
}

/** A cell with a tab, a line or a quote goes in quotes, as spreadsheets do. */
const cellText = (text: string) => (/[\t\n"]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text)

/** Rows by their keys in an order in which they are seen: filtered, sorted. The plan's own order is not touched. */
export interface GridView {
  readonly filter: string
  readonly sort?: { readonly column: GridColumnId; readonly down: boolean }
}

const collator = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })

/**
 * Keys of the rows that a view shows. A filter is words that all must stand somewhere in the row; `colour:RD` looks in one
 * column; `is:fault` keeps rows with a problem.
 */
export function viewKeys(
  rows: readonly GridRow[],
  view: GridView,
  isFaulty: (key: string) => boolean,
): readonly string[] {
  const tests = view.filter
    .trim()
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => filterTest(word, isFaulty))
  const shown = tests.length === 0 ? rows : rows.filter((row) => tests.every((test) => test(row)))
  const { sort } = view
  if (!sort) return shown.map((row) => row.key)
  const sign = sort.down ? -1 : 1
  return [...shown]
    .sort((a, b) => sign * collator.compare(a.text[sort.column], b.text[sort.column]))
    .map((row) => row.key)
}

function filterTest(word: string, isFaulty: (key: string) => boolean): (row: GridRow) => boolean {
  if (word === 'is:fault') return (row) => isFaulty(row.key)
  const [name = '', rest] = word.split(':', 2)
  const column =
    rest === undefined ? undefined : gridColumnIds.find((id) => id === name || (id === 'id' && name === 'wire'))
  if (column !== undefined && rest !== undefined) return (row) => row.text[column].toLowerCase().includes(rest)
  return (row) => gridColumnIds.some((id) => row.text[id].toLowerCase().includes(word))
}

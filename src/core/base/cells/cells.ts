/**
 * Rows of cells that are written by hand, and what hands do to them. Each takes the rows and gives new ones; rows that are
 * not touched stay the same objects.
 */

/** A row as it is written, right or wrong. Rows are never changed in place. */
export interface CellRow<Id extends string> {
  /** stays the same while the row is edited */
  readonly key: string
  /** by column; a column that says nothing may be missing */
  readonly text: Readonly<Partial<Record<Id, string>>>
}

export interface CellEdit<Id extends string> {
  readonly key: string
  readonly column: Id
  readonly text: string
}

/** Makes a row of cells, with a key that no other has. */
export type NewRow<Id extends string, Row extends CellRow<Id>> = (text: Readonly<Partial<Record<Id, string>>>) => Row

export const cellOf = <Id extends string>(row: CellRow<Id> | undefined, column: Id): string => row?.text[column] ?? ''

export function setCells<Id extends string, Row extends CellRow<Id>>(
  rows: readonly Row[],
  edits: readonly CellEdit<Id>[],
): readonly Row[] {
  const byKey = new Map<string, readonly CellEdit<Id>[]>()
  for (const edit of edits) byKey.set(edit.key, [...(byKey.get(edit.key) ?? []), edit])
  return rows.map((row) => {
    const mine = byKey.get(row.key)
    if (!mine || mine.every(({ column, text }) => cellOf(row, column) === text)) return row
    return { ...row, text: { ...row.text, ...Object.fromEntries(mine.map(({ column, text }) => [column, text])) } }
  })
}

export const removeRows = <Row extends { readonly key: string }>(
  rows: readonly Row[],
  keys: ReadonlySet<string>,
): readonly Row[] => rows.filter((row) => !keys.has(row.key))

/** Where a block is put, and what its cells become. */
export interface Paste<Id extends string, Row extends CellRow<Id>> {
  /** keys of the rows in the order in which they are seen */
  readonly seen: readonly string[]
  readonly columns: readonly Id[]
  /** the row as it is seen, from 0, and the column of the block's first cell */
  readonly at: { readonly row: number; readonly column: Id }
  readonly block: readonly (readonly string[])[]
  readonly newRow: NewRow<Id, Row>
  readonly tidy: (column: Id, text: string) => string
}

/** Puts a block of cells over the rows, from a cell to the right and down. Below the last row it makes new ones. */
export function pasteBlock<Id extends string, Row extends CellRow<Id>>(
  rows: readonly Row[],
  { seen, columns, at, block, newRow, tidy }: Paste<Id, Row>,
): readonly Row[] {
  const first = columns.indexOf(at.column)
  const cellsOf = (line: readonly string[]) =>
    line.flatMap((said, i) => {
      const column = columns[first + i]
      return column === undefined ? [] : [{ column, text: tidy(column, said) }]
    })
  const edits: CellEdit<Id>[] = []
  const added: Row[] = []
  block.forEach((line, i) => {
    const key = seen[at.row + i]
    const cells = cellsOf(line)
    if (key === undefined)
      added.push(newRow(Object.fromEntries(cells.map(({ column, text }) => [column, text])) as CellRow<Id>['text']))
    else edits.push(...cells.map((cell) => ({ key, ...cell })))
  })
  return [...setCells(rows, edits), ...added]
}

/**
 * The top cell of each column over the ones below it.
 * @param following what a cell becomes so many rows below one that says `text`
 */
export function fillDown<Id extends string, Row extends CellRow<Id>>(
  rows: readonly Row[],
  keys: readonly string[],
  columns: readonly Id[],
  following: (column: Id, text: string, by: number) => string,
): readonly Row[] {
  const top = rows.find((row) => row.key === keys[0])
  if (!top) return rows
  return setCells(
    rows,
    keys
      .slice(1)
      .flatMap((key, i) =>
        columns.map((column) => ({ key, column, text: following(column, cellOf(top, column), i + 1) })),
      ),
  )
}

/** Cells as text for a spreadsheet: a line a row, tabs between. */
export function copyBlock<Id extends string>(
  rows: readonly CellRow<Id>[],
  keys: readonly string[],
  columns: readonly Id[],
): string {
  const byKey = new Map(rows.map((row) => [row.key, row]))
  return keys.map((key) => columns.map((column) => quoted(cellOf(byKey.get(key), column))).join('\t')).join('\n')
}

/** A cell with a tab, a line or a quote goes in quotes, as spreadsheets do. */
const quoted = (text: string) => (/[\t\n"]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text)

/** The text with the number at its end counted on; without a number it stays. */
export const countOn = (text: string, by: number): string =>
  text.replace(/\d+$/, (digits) => String(Number(digits) + by).padStart(digits.length, '0'))

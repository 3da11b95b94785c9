import { type GridColumnId, type GridText, gridColumnIds } from './columns'
import type { GridRow } from './draft'
import { guessMapping, looksLikeHeading, mapRows } from './importTable'

/**
 * A block that was copied with its headings, laid over the rows as they are seen and added below: each cell under its own
 * heading, whatever the order of the columns.
 * @param seen keys of the rows in the order in which they are seen
 * @param from the first row that is pasted over
 * @returns undefined for a block without headings
 */
export function pasteHeaded(
  rows: readonly GridRow[],
  block: readonly (readonly string[])[],
  { seen, from }: { readonly seen: readonly string[]; readonly from: number },
  {
    newRow,
    tidy,
  }: {
    readonly newRow: (text: Partial<GridText>) => GridRow
    readonly tidy: (column: GridColumnId, text: string) => string
  },
): readonly GridRow[] | undefined {
  const [head, ...body] = block
  if (!head || head.length < 2 || body.length === 0 || !looksLikeHeading(head)) return undefined
  const said = mapRows(body, guessMapping(head)).map((text): Partial<GridText> =>
    Object.fromEntries(gridColumnIds.flatMap((id) => (text[id] === undefined ? [] : [[id, tidy(id, text[id])]]))),
  )
  const over = new Map(said.map((text, i) => [seen[from + i], text]))
  return [
    ...rows.map((row) => {
      const text = over.get(row.key)
      return text ? { ...row, text: { ...row.text, ...text } } : row
    }),
    ...said.slice(Math.max(0, seen.length - from)).map(newRow),
  ]
}

import { parseColour } from '../../base/wire/colour'
import { parseQuantity } from '../../base/units/parseQuantity'
import { type ColumnId, matchHeadings, pinoutColumns } from './pinoutColumns'

/** For each heading that names no column, the column that it may be; undefined where nothing speaks for one. */
export type HeadingGuess = Readonly<Record<string, ColumnId | undefined>>

const quantity = (dimension: 'length' | 'current') => (cell: string) => parseQuantity(cell, dimension).ok

/** What the cells of a column look like, the surest first. A bare number may be anything. */
const looks: readonly (readonly [ColumnId, (cell: string) => boolean])[] = [
  ['colour', (cell) => parseColour(cell) !== undefined],
  ['length', (cell) => /[a-z"′″]/i.test(cell) && quantity('length')(cell)],
  ['current', (cell) => /a\b/i.test(cell) && quantity('current')(cell)],
  ['wire', (cell) => /^w?[a-z]{0,3}-?\d{1,4}$/i.test(cell) && /[a-z]/i.test(cell)],
]

/**
 * What headings of somebody's own may mean: by what stands below them, each column once, and none that a known heading has.
 * @param rows the first rows below the headings
 */
export function guessHeadings(head: readonly string[], rows: readonly (readonly string[])[]): HeadingGuess {
  const { at, unknown } = matchHeadings(head)
  const taken = new Set(Object.keys(at))
  const guess: Record<string, ColumnId | undefined> = {}
  for (const heading of unknown) {
    const cells = rows.map((row) => (row[head.indexOf(heading)] ?? '').trim()).filter((cell) => cell !== '')
    const found = looks.find(([id, isLike]) => !taken.has(id) && cells.length > 0 && cells.every(isLike))?.[0]
    if (found) taken.add(found)
    guess[heading] = found
  }
  return guess
}

/** Columns that a heading may be told to be, those that are needed first. */
export const columnsToName = (Object.keys(pinoutColumns) as readonly ColumnId[]).toSorted(
  (a, b) => Number(pinoutColumns[b].required) - Number(pinoutColumns[a].required),
)

import { type CellRow, cellOf } from './cells'

const collator = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })

const figureOf = (text: string) => (text.trim() === '' ? NaN : Number(text.replace(',', '.')))

/** The order of two cells: figures by their size, parts of a text that count by their count, letters whatever their case. */
export function compareCells(one: string, other: string): number {
  const difference = figureOf(one) - figureOf(other)
  return Number.isNaN(difference) ? collator.compare(one, other) : difference
}

/**
 * Which rows a filter keeps: its words must all stand somewhere in the row; `colour:RD` looks in one column; `faulty` keeps rows
 * with a problem.
 * @param meaning what a plain word stands for in a cell, like RD for red
 * @param columns by the name that people type: the column's id, or its heading
 * @returns undefined when the filter says nothing
 */
export function rowTest<Id extends string>(
  filter: string,
  columns: readonly { readonly id: Id; readonly heading: string }[],
  isFaulty: (key: string) => boolean,
  meaning: Readonly<Record<string, string>> = {},
): ((row: CellRow<Id>) => boolean) | undefined {
  const tests = filter
    .trim()
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => wordTest(word, columns, isFaulty, meaning))
  return tests.length === 0 ? undefined : (row) => tests.every((test) => test(row))
}

function wordTest<Id extends string>(
  word: string,
  columns: readonly { readonly id: Id; readonly heading: string }[],
  isFaulty: (key: string) => boolean,
  meaning: Readonly<Record<string, string>>,
): (row: CellRow<Id>) => boolean {
  if (word === 'faulty' || word === 'is:fault') return (row) => isFaulty(row.key)
  const [name = '', rest] = word.split(':', 2)
  const column = columns.find(({ id, heading }) => id.toLowerCase() === name || heading.toLowerCase() === name)
  if (column !== undefined && rest !== undefined) return (row) => cellOf(row, column.id).toLowerCase().includes(rest)
  // a colour is written in letters, alone or as a stripe; whoever says its name means them
  const letters = Object.hasOwn(meaning, word) ? meaning[word]?.toLowerCase() : undefined
  return (row) =>
    columns.some(({ id }) => {
      const text = cellOf(row, id).toLowerCase()
      return text.includes(word) || (letters !== undefined && text.split('/').includes(letters))
    })
}

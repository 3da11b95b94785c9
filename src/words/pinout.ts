import { cellErrorWords } from './cellError'
import { list, plural } from '@/words/figures'
import { planFaultWords } from '@/words/plan'
import { quantityWords, readingWords } from '@/words/quantity'
import { pinoutColumns, type ColumnId } from '../core/record/grid/pinoutColumns'
import type { CellProblem, TableFault, UnderstoodCell } from '../core/record/grid/pinoutTypes'

export const columnWords = (id: ColumnId): string => pinoutColumns[id].heading

const columns = (ids: readonly ColumnId[]) =>
  list(
    ids.map((id) => `“${pinoutColumns[id].heading}”`),
    12,
  )

/** What is wrong with the file as a table, and what would be right. */
export function tableFaultWords(fault: TableFault): string {
  switch (fault.kind) {
    case 'empty':
      return 'Nothing to read yet. Drop a CSV file here, or paste its rows with their headings.'
    case 'not-text':
      return 'This is no text. Save the pinout as CSV (UTF-8) and drop that file.'
    case 'too-large':
      return `The table is larger than ${String(fault.limit / 1e6)} MB, as no pinout is: take out what is not one`
    case 'too-many-rows':
      return `${plural(fault.rows, 'row')} are too many for one harness: at most ${fault.limit}. Split the pinout.`
    case 'columns-missing':
      return `The first row must name the columns. Missing: ${columns(fault.missing)}.${fault.unknown.length > 0 ? ` Not known: ${list(fault.unknown)}.` : ''}`
    case 'columns-twice':
      return `Column ${list(fault.headings)} stands twice: keep one.`
    case 'ragged':
      return `Row ${fault.row} has ${plural(fault.cells, 'cell')}, the heading has ${fault.expected}. Put a text with a comma in quotes, or fill the missing cells.`
    case 'quote-open':
      return `Row ${fault.row} opens a quote that is not closed. Double a quote inside a text, and close it at the end.`
    case 'no-rows':
      return 'There is a heading but no row under it. Add one row a wire.'
  }
}

/** What is wrong with one cell, and what would be right. */
export function cellProblemWords(problem: CellProblem, found: string): string {
  const said = found === '' ? 'empty' : `“${found}”`
  switch (problem.kind) {
    case 'spreadsheet':
      return cellErrorWords(problem.error)
    case 'missing':
      return 'is empty: fill it in'
    case 'bad-id':
      return `${said}: an id has up to 40 letters and digits, without spaces, commas, quotes or slashes`
    case 'wire-twice':
      return `${said} stands in row ${problem.firstRow} already: each wire needs an id of its own`
    case 'unknown-type':
      return `${said} is no wire type on the shelf; there are ${list(problem.known)}`
    case 'several-types':
      return `${said} could be ${list(problem.known)}: name the one you have`
    case 'bad-colour':
      return `${said} is no colour: letters like RD, WH/BU or GNYE, or words like red, white/blue`
    case 'unknown-housing':
      return `${said} is no housing on the shelf; there are ${list(problem.known)}`
    case 'housing-differs':
      return `${said}: end ${problem.end} is ${problem.first} by row ${problem.firstRow}; one end has one housing`
    case 'no-housing':
      return `end ${problem.end} has no housing yet: pick it beside the table`
    case 'unknown-cavity':
      return `${said} is no cavity of ${problem.housing}; it has ${list(problem.known, 12)}`
    case 'cavity-taken':
      return `${said} is taken by ${problem.byWire} in row ${problem.firstRow}: one wire to a cavity`
    case 'half-a-side':
      return `${said}: give end and cavity, a terminal or a splice alone, or leave both empty for an open side`
    case 'open-both-sides':
      return 'both sides are open: give an end and a cavity for one at least'
    case 'quantity':
      return quantityWords(problem.fault, problem.dimension)
    case 'bad-group':
      return `${said}: write “twist 1”, “screen A” or “cable 2”`
    case 'plan':
      return planFaultWords(problem.fault.kind, problem.fault).replace(/\.$/, '')
    case 'too-long':
      return `${said} is over the limit of ${problem.limit}`
  }
}

/** How a figure was understood that could be read in two ways. */
export function understoodWords({ row, column, found, dimension, quantity, byRow }: UnderstoodCell): string {
  const why =
    byRow === undefined
      ? `the other reading is no likely ${columnWords(column)}`
      : `row ${byRow} shows which mark is the decimal`
  return `Row ${row}, ${columnWords(column)} “${found}” is read as ${readingWords(quantity, dimension)}: ${why}.`
}

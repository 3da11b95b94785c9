import Papa from 'papaparse'
import { readSeparator } from '@/core/base/cells/separator'

/** The first line of a table as text, cell by cell, and what stands around it. */
interface HeadLine {
  readonly cells: readonly string[]
  readonly separator: string
  readonly before: string
  readonly after: string
}

function headLine(text: string): HeadLine | undefined {
  const { separator, body } = readSeparator(text)
  const end = body.search(/\r?\n/)
  const line = end < 0 ? body : body.slice(0, end)
  if (line.trim() === '') return undefined
  const [cells = []] = Papa.parse<string[]>(line, { delimiter: separator }).data
  return {
    cells,
    separator,
    before: text.slice(0, text.length - body.length),
    after: end < 0 ? '' : body.slice(end),
  }
}

/** The headings of a table as text; none while it is empty. */
export const headingsOf = (text: string): readonly string[] => headLine(text)?.cells ?? []

/** The table with some of its headings called otherwise; what is not named stays as it is. */
export function renameHeadings(text: string, name: (heading: string) => string | undefined): string {
  const head = headLine(text)
  if (!head) return text
  const cells = head.cells.map((heading) => name(heading) ?? heading)
  return `${head.before}${Papa.unparse([cells], { delimiter: head.separator })}${head.after}`
}

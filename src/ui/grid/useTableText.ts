import { useCallback, useEffect } from 'react'

type Rows = readonly (readonly string[])[]
type Parse = (text: string, separators: readonly string[]) => Rows
let parser: Parse | undefined

/** The reader of tables, fetched once and beside the page. */
async function load(): Promise<Parse> {
  const { default: Papa } = await import('papaparse')
  parser = (text, separators) =>
    Papa.parse<string[]>(
      text.replace(/^\uFEFF/, '').replace(/\r?\n$/, ''),
      separators.length === 1 ? { delimiter: separators[0] ?? '\t' } : { delimitersToGuess: [...separators] },
    ).data
  return parser
}

/** What a spreadsheet puts on the clipboard, where a comma is part of a cell. */
export const clipboardSeparators = ['\t'] as const
/** What stands between the cells of a file that people paste. */
export const fileSeparators = ['\t', ';', ','] as const

/**
 * Reads a table from text; empty lines stay. The reader is there before the first paste as a rule: then `take` is called at
 * once, so that a key that follows finds the table taken.
 */
export function useTableText(): (text: string, separators: readonly string[], take: (rows: Rows) => void) => void {
  useEffect(() => {
    void load()
  }, [])
  return useCallback((text, separators, take) => {
    if (parser) take(parser(text, separators))
    else void load().then((parse) => take(parse(text, separators)))
  }, [])
}

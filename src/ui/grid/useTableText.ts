import { useCallback, useEffect } from 'react'
import { readSeparator } from '@/core/base/cells/separator'

type Rows = readonly (readonly string[])[]
/** A clipboard parts its cells by tabs, and a comma is part of a cell; a file says what parts them. */
type From = 'clipboard' | 'file'
type Parse = (text: string, from: From) => Rows
let parser: Parse | undefined

/** The reader of tables, fetched once and beside the page. */
async function load(): Promise<Parse> {
  const { default: Papa } = await import('papaparse')
  parser = (text, from) => {
    const { separator, body } = from === 'file' ? readSeparator(text) : { separator: '\t', body: text }
    return Papa.parse<string[]>(body.replace(/\r?\n$/, ''), { delimiter: separator }).data
  }
  return parser
}

/**
 * Reads a table from text; empty lines stay. The reader is there before the first paste as a rule: then `take` is called at
 * once, so that a key that follows finds the table taken.
 */
export function useTableText(): (text: string, from: From, take: (rows: Rows) => void) => void {
  useEffect(() => {
    void load()
  }, [])
  return useCallback((text, from, take) => {
    if (parser) take(parser(text, from))
    else void load().then((parse) => take(parse(text, from)))
  }, [])
}
